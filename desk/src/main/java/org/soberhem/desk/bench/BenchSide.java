package org.soberhem.desk.bench;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.report.Overview;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.BenchCommands;
import org.soberhem.studio.Studio;

/** Beside the steps: the clock, when it will be done, how much is on the go. */
final class BenchSide extends VBox {

    private static final int NAMED = 12;
    private static final int SEEN_EVERY = 120;

    private final Studio studio;
    private final FileDesk files;
    private final BenchCommands desk;
    private final Consumer<String> said;
    private final OutlookPane outlook;
    private final Label clock = Parts.label("", "large");
    private final Label at = Parts.text("", "figure");
    private final Button pause;
    private final Timeline ticking = new Timeline(new KeyFrame(Duration.seconds(1), event -> tick()));
    private int ticks;

    /**
     * @param files where the calendar goes to
     * @param said gets what is wrong, in words
     */
    BenchSide(Studio studio, BenchCommands desk, FileDesk files, Consumer<String> said) {
        super(10);
        this.studio = studio;
        this.desk = desk;
        this.files = files;
        this.said = said;
        outlook = new OutlookPane(desk, files, said);
        pause = Parts.button("Break", desk::pause, "main");
        pause.setId("bench-break");
        setPadding(new Insets(12, 16, 16, 16));
        getStyleClass().add("raised");
        ticking.setCycleCount(Timeline.INDEFINITE);
    }

    /** Shows the bench of the costume at hand. */
    void refresh() {
        getChildren().clear();
        Bench bench = desk.bench();
        bench.running().flatMap(spell -> bench.task(spell.task())).ifPresent(task -> {
            at.setText(task.title());
            showClock();
            getChildren().addAll(Parts.label("At work", "caps"), clock, at, pause);
        });
        getChildren().addAll(Parts.label("When it will be done", "caps"), outlook);
        outlook.refresh();
        if (!bench.tasks().isEmpty()) {
            double spent = bench.spent(studio.now()).toMinutes();
            getChildren().add(Parts.text(BenchCommands.time(spent) + " worked so far.", "label"));
        }
        onTheGo();
        Button out = Parts.button("Dates as iCalendar", this::calendar);
        out.setId("calendar");
        getChildren().add(out);
        if (bench.running().isPresent()) {
            ticking.play();
        } else {
            ticking.stop();
        }
    }

    private void tick() {
        if (getScene() == null
                || studio.situation() == null
                || desk.bench().running().isEmpty()) {
            ticking.stop();
            return;
        }
        showClock();
        if (++ticks % SEEN_EVERY == 0) {
            desk.tick();
        }
    }

    private void showClock() {
        desk.bench().running().ifPresent(spell -> {
            java.time.Duration spent = desk.bench().spent(spell.task(), studio.now());
            clock.setText(String.format(
                    Locale.ROOT, "%d:%02d:%02d", spent.toHours(), spent.toMinutesPart(), spent.toSecondsPart()));
        });
    }

    /**
     * Unfinished pieces weigh on people: they are counted against the maker's own limit, and those not begun are named.
     */
    private void onTheGo() {
        List<Overview> all = studio.histories().costumeIds().stream()
                .map(studio.histories().costumes()::overview)
                .toList();
        long begun = all.stream().filter(Overview::isOnTheGo).count();
        List<String> waiting = all.stream()
                .filter(costume -> !costume.archived() && !costume.worn() && !costume.begun())
                .map(Overview::title)
                .limit(NAMED)
                .toList();
        int limit = studio.maker().habits().limit();
        getChildren().add(Parts.label("On the go", "caps"));
        getChildren()
                .add(Parts.text(
                        begun + " unfinished, your limit is " + limit + ".", begun > limit ? "needs" : "label"));
        if (!waiting.isEmpty()) {
            getChildren().add(Parts.text("Not begun: " + String.join(", ", waiting) + ".", "small", "soft"));
        }
    }

    private void calendar() {
        Supplier<byte[]> calendar = desk.calendar();
        files.write("costumes.ics", calendar, said);
    }
}
