package org.soberhem.desk.shell;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.DemoStudio;

/** Renders every main view of the demo to PNG, offscreen. Parameter: {@code --out=FOLDER}. */
public final class Tour extends Application {

    /** A view of the tour: its file name and how to come to it. */
    private record Stop(String name, BiConsumer<Studio, Scene> go) {

        Stop(String name, Consumer<Studio> go) {
            this(name, (studio, scene) -> go.accept(studio));
        }
    }

    private static final List<Stop> STOPS = List.of(
            new Stop("rail", studio -> studio.navigation().place().set(Optional.empty())),
            new Stop("tape", studio -> show(studio, "post-1908", "Walking skirt", "TAPE")),
            new Stop("tape-session", (studio, scene) -> {
                show(studio, "clerk-1907", "Blouse", "TAPE");
                press(scene, "guided");
                press(scene, "session-next");
                press(scene, "session-next");
                read(scene, "26 1/2");
                read(scene, "26 3/8");
            }),
            new Stop("tape-layers", (studio, scene) -> tape(studio, scene, "secretary-1906", "layers")),
            new Stop("tape-values", (studio, scene) -> tape(studio, scene, "keeper-1907", "values")),
            new Stop("draft-blouse", studio -> show(studio, "secretary-1906", "Blouse", "DRAFT")),
            new Stop("draft-walk", (studio, scene) -> {
                show(studio, "wife-1778", "Jacket", "DRAFT");
                open(scene, "numbers");
                for (int i = 0; i < 79; i++) {
                    press(scene, "walk-next");
                }
            }),
            new Stop("draft-worn", (studio, scene) -> {
                show(studio, "visit-1869", "Bodice", "DRAFT");
                open(scene, "checks");
                press(scene, "try-on");
            }),
            new Stop("draft-alter", (studio, scene) -> {
                show(studio, "secretary-1906", "Blouse", "DRAFT");
                open(scene, "alter");
                ((TextField) scene.lookup("#alter-find")).setText("two-piece");
                press(scene, "alter-usual");
            }),
            new Stop("draft-checks", (studio, scene) -> {
                show(studio, "visit-1869", "Bodice", "DRAFT");
                open(scene, "checks");
                press(scene, "walk-2");
                ((Slider) scene.lookup("#seam-slider")).setValue(0.5);
            }),
            new Stop("draft-sums", (studio, scene) -> {
                show(studio, "quay-1861", "Skirt", "DRAFT");
                studio.garments().choose("Skirt", "panel", Length.ofInches(45));
                open(scene, "sums");
                make(scene, "turn-under-at-the-centre-front", "6 1/4");
            }),
            new Stop("shelf", (studio, scene) -> {
                studio.navigation().place().set(Optional.empty());
                studio.navigation().shelf().set(true);
            }),
            new Stop("sheet-editor", (studio, scene) -> {
                studio.navigation().place().set(Optional.empty());
                studio.navigation().shelf().set(true);
                tap(scene, "sheet-bodice-1869");
                press(scene, "copy-sheet");
                studio.preferences().dark().set(true);
            }),
            new Stop("trace", (studio, scene) -> {
                studio.navigation().place().set(Optional.empty());
                studio.navigation().shelf().set(true);
                tap(scene, "tracing-dressing-jacket");
                ((ToggleButton) scene.lookup("#trace-names")).fire();
            }),
            new Stop("silhouette", studio -> show(studio, "secretary-1906", "Blouse", "SILHOUETTE")),
            new Stop("silhouette-compare", (studio, scene) -> {
                show(studio, "quay-1861", "Skirt", "SILHOUETTE");
                scene.getRoot().applyCss();
                ((ToggleButton) scene.lookup("#silhouette-compare")).fire();
                studio.preferences().dark().set(true);
            }),
            new Stop("cloth", studio -> show(studio, "secretary-1906", "Walking skirt", "CLOTH")),
            new Stop("bench", studio -> show(studio, "wife-1778", "Jacket", "BENCH")),
            new Stop("record", studio -> show(studio, "wife-1778", "Petticoat", "RECORD")),
            new Stop("fitting-decide", studio -> show(studio, "secretary-1906", "Blouse", "FITTING")),
            new Stop("fitting-pictures", (studio, scene) -> {
                show(studio, "secretary-1906", "Blouse", "FITTING");
                page(scene, "pictures");
            }),
            new Stop("fitting-gate", (studio, scene) -> {
                show(studio, "secretary-1906", "Blouse", "FITTING");
                page(scene, "gate");
                studio.preferences().dark().set(true);
            }),
            new Stop("fitting-standing", studio -> {
                show(studio, "secretary-1906", "Blouse", "FITTING");
                studio.navigation().standing().set(true);
                studio.preferences().dark().set(true);
            }));

    private static void open(Scene scene, String tab) {
        scene.getRoot().applyCss();
        ((ToggleButton) scene.lookup("#tab-" + tab)).setSelected(true);
        scene.getRoot().applyCss();
        scene.getRoot().layout();
    }

    private static void page(Scene scene, String page) {
        scene.getRoot().applyCss();
        scene.getRoot().layout();
        ((ToggleButton) scene.lookup("#fitting-" + page)).fire();
    }

    private static void tape(Studio studio, Scene scene, String costume, String tab) {
        show(studio, costume, "Blouse", "TAPE");
        scene.getRoot().applyCss();
        ((ToggleButton) scene.lookup("#tape-" + tab)).fire();
    }

    private static void read(Scene scene, String typed) {
        scene.getRoot().applyCss();
        ((TextField) scene.lookup("#session-field")).setText(typed);
        press(scene, "session-next");
    }

    private static void make(Scene scene, String figure, String typed) {
        TextField field = (TextField) scene.lookup("#make-" + figure);
        field.setText(typed);
        field.fireEvent(new ActionEvent());
    }

    private static void tap(Scene scene, String part) {
        scene.getRoot().applyCss();
        scene.getRoot().layout();
        ((Tappable) scene.lookup("#" + part)).fire();
    }

    private static void press(Scene scene, String button) {
        scene.getRoot().applyCss();
        scene.getRoot().layout();
        ((Button) scene.lookup("#" + button)).fire();
    }

    private static void show(Studio studio, String costume, String garment, String stage) {
        studio.open(costume);
        studio.current().garment().set(garment);
        studio.navigation().place().set(Optional.of(org.soberhem.core.costume.Stage.valueOf(stage)));
    }

    @Override
    public void start(Stage window) {
        Path out = Path.of(getParameters().getNamed().get("out"));
        Studio studio = DemoStudio.open(Platform::runLater);
        Scene scene = SoberHemApp.scene(new MainView(
                studio, new FileDesk(name -> Optional.empty(), Optional::empty, Runnable::run, Platform::runLater)));
        window.setScene(scene);
        window.show();
        visit(new ArrayList<>(STOPS), studio, scene, out);
    }

    private static void visit(List<Stop> left, Studio studio, Scene scene, Path out) {
        if (left.isEmpty()) {
            studio.keeper().close();
            Platform.exit();
            return;
        }
        Stop stop = left.remove(0);
        studio.preferences().dark().set(false);
        studio.preferences().format().set(LengthFormat.INCH_EIGHTHS);
        try {
            stop.go().accept(studio, scene);
        } catch (RuntimeException lost) {
            studio.keeper().close();
            Platform.exit();
            throw new IllegalStateException("The tour cannot come to " + stop.name(), lost);
        }
        // What layout itself adds is styled in the pulse after.
        PauseTransition settled = new PauseTransition(Duration.millis(400));
        settled.setOnFinished(event -> {
            write(scene.snapshot(null), out.resolve(stop.name() + ".png"));
            visit(left, studio, scene, out);
        });
        settled.play();
    }

    private static void write(WritableImage image, Path file) {
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        BufferedImage copy = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        PixelReader pixels = image.getPixelReader();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                copy.setRGB(x, y, pixels.getArgb(x, y));
            }
        }
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            ImageIO.write(copy, "png", file.toFile());
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot write " + file, broken);
        }
    }
}
