package org.soberhem.desk.shell;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.trace.Tracing;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.Studio;

/**
 * Starts a bare window ({@code --bare}) or the demo ({@code --demo}), answers one click, and prints how long that took
 * since {@code SOBER_HEM_STARTED}. With {@code --visit} the demo's places are all visited before memory is read; with
 * {@code --drag} a measurement is pulled two thousand times; with {@code --wearer} a wearer with forty dated sets is
 * opened again and again; with {@code --trace} a thousand places are tapped on the demo's photographed plate; with
 * {@code --held} the commands of the journeys are given and how long each holds the interface thread is told.
 */
public final class Probe extends Application {

    private static final int DRAGS = 2_000;
    private static final int WARM = 600;
    private static final int SETS = 40;
    private static final int OPENINGS = 60;
    private static final int TAPS = 1_000;
    private static final int MOST_PLACES = 60;

    @Override
    public void start(Stage stage) {
        if (has("--bare")) {
            Label label = new Label("bare");
            label.setOnMouseClicked(event -> answered(Optional.empty()));
            stage.setScene(new Scene(new StackPane(label), SoberHemApp.WIDTH, SoberHemApp.HEIGHT));
            stage.show();
            onNextFrame(() -> click(label));
            return;
        }
        SoberHemApp.show(stage, studio -> {
            AtomicBoolean first = new AtomicBoolean(true);
            studio.current().situation().listen(now -> {
                if (first.getAndSet(false)) {
                    answered(Optional.of(studio));
                }
            });
            // The first frame lays the rail out; it can be clicked from the second on.
            onNextFrame(() -> onNextFrame(() -> click(stage.getScene().getRoot().lookup(".costume-card"))));
        });
    }

    private boolean has(String flag) {
        return getParameters().getRaw().contains(flag);
    }

    private static void onNextFrame(Runnable action) {
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                stop();
                action.run();
            }
        }.start();
    }

    private static void click(javafx.scene.Node node) {
        Event.fireEvent(
                node,
                new MouseEvent(
                        MouseEvent.MOUSE_CLICKED,
                        1,
                        1,
                        1,
                        1,
                        MouseButton.PRIMARY,
                        1,
                        false,
                        false,
                        false,
                        false,
                        true,
                        false,
                        false,
                        true,
                        false,
                        true,
                        new PickResult(node, 1, 1)));
    }

    private void answered(Optional<Studio> studio) {
        long started = Long.parseLong(System.getenv().getOrDefault("SOBER_HEM_STARTED", "0"));
        System.out.println("start_ms=" + (System.currentTimeMillis() - started));
        Platform.runLater(() -> {
            if (has("--drag")) {
                drag(studio.orElseThrow());
            }
            if (has("--trace")) {
                trace(studio.orElseThrow());
            }
            if (has("--held")) {
                new Held(studio.orElseThrow()).measure(Platform::exit);
                return;
            }
            if (has("--wearer")) {
                wearer(studio.orElseThrow());
            }
            visit(
                    has("--visit") ? studio : Optional.empty(),
                    new ArrayList<>(List.of(org.soberhem.core.costume.Stage.values())));
        });
    }

    private static void visit(Optional<Studio> studio, List<org.soberhem.core.costume.Stage> left) {
        if (studio.isPresent() && !left.isEmpty()) {
            studio.get().navigation().place().set(Optional.of(left.remove(0)));
            onNextFrame(() -> onNextFrame(() -> visit(studio, left)));
            return;
        }
        System.out.println("rss_kb=" + resident());
        Platform.exit();
    }

    private static String resident() {
        try {
            return Files.readAllLines(Path.of("/proc/self/status")).stream()
                    .filter(line -> line.startsWith("VmRSS"))
                    .findFirst()
                    .map(line -> line.replaceAll("\\D", ""))
                    .orElse("?");
        } catch (IOException unknown) {
            return "?";
        }
    }

    /** Opens the tape of a wearer with forty sets, laid out, without rendering it. */
    private static void wearer(Studio studio) {
        studio.open("secretary-1906");
        Wearer wearer = studio.situation().wearer();
        MeasurementSet full = wearer.set("spring").orElseThrow();
        for (int i = 0; i < SETS; i++) {
            wearer = wearer.with(MeasurementSet.of(
                    "old-" + i, full.date().minusDays(30L * (i + 1)), full.stack(), "", "Ruth", full.readings()));
        }
        studio.keep(wearer, "sets", Sentence.of("Measured often"));
        long[] took = new long[OPENINGS];
        for (int i = -OPENINGS; i < OPENINGS; i++) {
            studio.navigation().place().set(Optional.empty());
            studio.open("post-1908");
            long from = System.nanoTime();
            studio.open("secretary-1906");
            studio.navigation().place().set(Optional.of(org.soberhem.core.costume.Stage.TAPE));
            Window.getWindows().get(0).getScene().getRoot().applyCss();
            Window.getWindows().get(0).getScene().getRoot().layout();
            if (i >= 0) {
                took[i] = System.nanoTime() - from;
            }
        }
        Arrays.sort(took);
        System.out.printf(
                "wearer_ms median=%.1f p95=%.1f%n", took[OPENINGS / 2] / 1e6, took[OPENINGS * 95 / 100] / 1e6);
    }

    /** Taps places on the picture: from the tap until it is shown and on its way to the disk, without rendering. */
    private static void trace(Studio studio) {
        Scene scene = Window.getWindows().get(0).getScene();
        studio.navigation().place().set(Optional.empty());
        studio.navigation().shelf().set(true);
        ((Tappable) scene.lookup("#tracing-dressing-jacket")).fire();
        scene.getRoot().applyCss();
        scene.getRoot().layout();
        ((ToggleButton) scene.lookup("#trace-outlines")).fire();
        scene.getRoot().applyCss();
        scene.getRoot().layout();
        javafx.scene.Node pane = scene.lookup(".trace-pane");
        Tracing plain = studio.maker().tracings().get("dressing-jacket");
        long[] took = new long[TAPS];
        for (int i = -WARM; i < TAPS; i++) {
            long from = System.nanoTime();
            double at = 100 + Math.floorMod(i * 37, 500);
            for (var kind : List.of(MouseEvent.MOUSE_PRESSED, MouseEvent.MOUSE_RELEASED)) {
                Event.fireEvent(
                        pane,
                        new MouseEvent(
                                kind,
                                at,
                                at,
                                at,
                                at,
                                MouseButton.PRIMARY,
                                1,
                                false,
                                false,
                                false,
                                false,
                                true,
                                false,
                                false,
                                true,
                                false,
                                true,
                                new PickResult(pane, at, at)));
            }
            if (i >= 0) {
                took[i] = System.nanoTime() - from;
            }
            if (Math.floorMod(i, MOST_PLACES) == 0) {
                studio.keep(studio.maker().withTracing("dressing-jacket", plain), "tracing", Sentence.of("As it was"));
            }
        }
        Arrays.sort(took);
        System.out.printf(
                "tap_ms median=%.2f p95=%.2f p99=%.2f%n",
                took[TAPS / 2] / 1e6, took[TAPS * 95 / 100] / 1e6, took[TAPS * 99 / 100] / 1e6);
    }

    /** Recomputes and updates the scene, without rendering it. */
    private static void drag(Studio studio) {
        studio.open("secretary-1906");
        studio.navigation().place().set(Optional.of(org.soberhem.core.costume.Stage.DRAFT));
        long[] took = new long[DRAGS];
        for (int i = -WARM; i < DRAGS; i++) {
            long from = System.nanoTime();
            studio.current().tryMeasure("full-bust", 900 + Math.floorMod(i, 400) * 0.5);
            if (i >= 0) {
                took[i] = System.nanoTime() - from;
            }
        }
        Arrays.sort(took);
        System.out.printf(
                "drag_ms median=%.2f p95=%.2f p99=%.2f%n",
                took[DRAGS / 2] / 1e6, took[DRAGS * 95 / 100] / 1e6, took[DRAGS * 99 / 100] / 1e6);
    }
}
