package org.soberhem.desk.bench;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.soberhem.core.judging.Target;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.Forecast;
import org.soberhem.core.plan.Task;
import org.soberhem.core.report.Overview;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Latest;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Place;
import org.soberhem.desk.widget.Tabs;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.BenchCommands;
import org.soberhem.studio.Studio;

/**
 * The bench: the steps in order with a clock; at the right when it will be done, what can travel, what to leave out.
 */
public final class BenchView extends Place {

    private static final double SIDE = 372;

    /** So many that are not begun are named. */
    private static final int NAMED = 12;

    /** So many seconds of work are lost at most when the machine fails. */
    private static final int SEEN_EVERY = 120;

    /** What is shown of the steps. */
    enum Page {
        ALL("All steps"),
        NOW("Can be begun"),
        TRAVELS("By hand or on a journey");

        private final String words;

        Page(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    private final Studio studio;
    private final FileDesk files;
    private final BenchCommands desk;
    private final VBox steps = new VBox();
    private final VBox side = new VBox(10);
    private final Label clock = Parts.label("", "large");
    private final Label at = Parts.text("", "figure");
    private final Button pause = Parts.button("Break", this::pause, "main");
    private final Label said = Parts.text("", "needs");
    private final Tabs<Page> tabs = new Tabs<>("bench", Page.values(), Page::words, this::show);
    private final Timeline ticking = new Timeline(new KeyFrame(Duration.seconds(1), event -> tick()));
    private Page page = Page.ALL;
    private final Set<String> opened = new HashSet<>();
    private final VBox outlook = new VBox(10);
    private final Latest reckoning;

    /** The costume whose outlook is shown. */
    private String reckoned = "";

    private String chosen = "";
    private int ticks;

    /**
     * @param studio the studio
     * @param files where the calendar goes to
     */
    public BenchView(Studio studio, FileDesk files) {
        super(studio, "bench-view");
        this.studio = studio;
        this.files = files;
        this.desk = new BenchCommands(studio);
        this.reckoning = new Latest(files);
        pause.setId("bench-break");
        Button add = Parts.button(
                "Add a step", () -> desk.add(studio.current().garment().get()));
        add.setId("add-step");
        HBox head = new HBox(10, tabs, Parts.gap(), add);
        head.setAlignment(Pos.CENTER_LEFT);
        head.setPadding(new Insets(8, 12, 8, 16));
        head.getStyleClass().add("raised");
        BorderPane middle = new BorderPane(Parts.scroll(steps));
        middle.setTop(new VBox(head, said));
        said.visibleProperty().bind(said.textProperty().isNotEmpty());
        said.managedProperty().bind(said.visibleProperty());
        VBox.setMargin(said, new Insets(0, 16, 0, 16));
        setCenter(middle);
        side.setPadding(new Insets(12, 16, 16, 16));
        side.getStyleClass().add("raised");
        ScrollPane right = Parts.scroll(side);
        right.setFitToHeight(true);
        right.getStyleClass().add("panel");
        right.setPrefWidth(SIDE);
        right.setMinWidth(SIDE);
        setRight(right);
        tabs.mark(page);
        ticking.setCycleCount(Timeline.INDEFINITE);
        listen(studio.navigation().target(), now -> {
            if (now instanceof Target.BenchStep step
                    && studio.situation() != null
                    && desk.bench().task(step.id()).isPresent()) {
                chosen = step.id();
                changed();
            }
        });
    }

    private void show(Page wanted) {
        page = wanted;
        tabs.mark(wanted);
        changed();
    }

    private void pause() {
        desk.pause();
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

    @Override
    protected void costumeChanged() {
        chosen = "";
    }

    @Override
    protected void refresh() {
        said.setText("");
        Parts.keepingFocus(this, () -> {
            steps();
            side();
        });
        if (desk.bench().running().isPresent()) {
            ticking.play();
        } else {
            ticking.stop();
        }
    }

    private void steps() {
        steps.getChildren().clear();
        Bench bench = desk.bench();
        if (bench.tasks().isEmpty()) {
            Button propose = Parts.button("Take the steps from the sheets", desk::propose, "main");
            propose.setId("propose-steps");
            VBox empty = new VBox(
                    12,
                    Parts.text(
                            "No steps yet. They come from the sewing order of each garment's sheet, with what comes before and after it; everything about them can be changed.",
                            "figure",
                            "soft"),
                    propose);
            empty.setPadding(new Insets(32));
            steps.getChildren().add(empty);
            return;
        }
        String garment = "";
        for (Task task : bench.tasks()) {
            if (!isShown(task)) {
                continue;
            }
            boolean folded = page == Page.ALL && isDone(task.garment()) && !opened.contains(task.garment());
            if (!task.garment().equals(garment)) {
                garment = task.garment();
                steps.getChildren().add(head(garment, folded));
            }
            if (folded) {
                continue;
            }
            steps.getChildren().add(row(task));
            if (task.id().equals(chosen)) {
                steps.getChildren().add(form(task));
            }
        }
        if (steps.getChildren().isEmpty()) {
            Label none = Parts.text("Nothing here now.", "soft", "figure");
            none.setPadding(new Insets(24));
            steps.getChildren().add(none);
        }
        if (desk.canPropose()) {
            HBox more = new HBox(Parts.button("Add the steps of the other garments", desk::propose));
            more.setPadding(new Insets(12, 16, 12, 16));
            steps.getChildren().add(more);
        }
    }

    private boolean isDone(String garment) {
        return desk.bench().tasks().stream()
                .filter(task -> task.garment().equals(garment))
                .allMatch(Task::isDone);
    }

    /** A garment whose steps are all done is folded up until it is tapped. */
    private Node head(String garment, boolean folded) {
        Label title = Parts.label(garment, "heading");
        title.setPadding(new Insets(12, 16, 4, 16));
        if (!isDone(garment)) {
            return title;
        }
        double spent = desk.bench().tasks().stream()
                .filter(task -> task.garment().equals(garment))
                .mapToDouble(task -> desk.bench().spent(task.id(), studio.now()).toMinutes())
                .sum();
        Label about = Parts.label("every step is done, in " + BenchCommands.time(spent), "settled");
        about.setPadding(new Insets(12, 16, 4, 0));
        Tappable head = new Tappable(
                new HBox(title, about),
                garment + (folded ? ", folded up" : ""),
                () -> {
                    if (!opened.remove(garment)) {
                        opened.add(garment);
                    }
                    changed();
                },
                "obstacle");
        head.setId("steps-of-" + garment);
        return head;
    }

    private boolean isShown(Task task) {
        return switch (page) {
            case ALL -> true;
            case NOW -> !task.isDone() && desk.bench().isOpen(task, studio.now());
            case TRAVELS -> !task.isDone() && task.where() != Task.Where.BENCH;
        };
    }

    private Tappable row(Task task) {
        Bench bench = desk.bench();
        boolean runs =
                bench.running().filter(spell -> spell.task().equals(task.id())).isPresent();
        boolean open = bench.isOpen(task, studio.now());
        double spent = bench.spent(task.id(), studio.now()).toSeconds() / 60.0;
        CheckBox done = new CheckBox();
        done.setSelected(task.isDone());
        done.setId("done-" + task.id());
        done.setAccessibleText("done: " + task.title());
        done.setOnAction(event -> desk.done(task, done.isSelected()));
        Label title = Parts.text(task.title(), "figure", task.isDone() || !open ? "soft" : "label");
        String about = switch (task.kind()) {
            case WAIT -> waiting(task);
            case INSPECT -> "look before going on";
            case WORK ->
                (spent > 0 ? BenchCommands.time(spent) + " of " : "")
                        + BenchCommands.time(task.minutes())
                        + (task.where() == Task.Where.BENCH
                                ? ""
                                : " · " + task.where().words())
                        + (task.spare() ? " · can be left out" : "");
        };
        VBox words = new VBox(2, title, Parts.label(about, "small", "soft"));
        if (!task.look().isEmpty() && !task.isDone() && open) {
            words.getChildren().add(Parts.text("Look: " + task.look(), "small", "chosen"));
        }
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(12, done, words);
        row.setAlignment(Pos.CENTER_LEFT);
        if (runs) {
            row.getChildren().add(Parts.label("runs", "chosen"));
        } else if (task.kind() == Task.Kind.WORK && !task.isDone() && open) {
            Button start = Parts.button(spent > 0 ? "Go on" : "Start", () -> desk.start(task));
            start.setId("start-" + task.id());
            row.getChildren().add(start);
        } else if (!task.isDone() && !open) {
            row.getChildren().add(Parts.label("waits", "small", "soft"));
        }
        Tappable all = new Tappable(
                row,
                task.title(),
                () -> {
                    chosen = chosen.equals(task.id()) ? "" : task.id();
                    changed();
                },
                "obstacle");
        all.setId("task-" + task.id());
        return all;
    }

    private String waiting(Task task) {
        if (task.done().isEmpty()) {
            return "waits " + BenchCommands.time(task.minutes()) + " once it is ticked";
        }
        var until = task.done().get().plusMinutes(task.minutes());
        return (until.isAfter(studio.now()) ? "until " : "over since ") + until.toLocalDate() + ", "
                + until.toLocalTime().truncatedTo(ChronoUnit.MINUTES);
    }

    private VBox form(Task task) {
        TextField title = new TextField(task.title());
        title.setId("step-title");
        TextField minutes = new TextField(String.valueOf(task.minutes()));
        minutes.setPrefColumnCount(4);
        minutes.setId("step-minutes");
        TextField look = new TextField(task.look());
        look.setId("step-look");
        look.setPromptText("what to look at before going on");
        Runnable keep = () -> keep(task, title, minutes, look);
        for (TextField field : List.of(title, minutes, look)) {
            field.setOnAction(event -> keep.run());
        }
        ChoiceBox<Task.Kind> kind = choice(Task.Kind.values(), task.kind(), Task.Kind::words);
        kind.valueProperty()
                .addListener((was, before, now) -> desk.change(task.withKind(now, task.where(), task.spare())));
        ChoiceBox<Task.Where> where = choice(Task.Where.values(), task.where(), Task.Where::words);
        where.valueProperty()
                .addListener((was, before, now) -> desk.change(task.withKind(task.kind(), now, task.spare())));
        CheckBox spare = new CheckBox("can be left out");
        spare.setSelected(task.spare());
        spare.setOnAction(event -> desk.change(task.withKind(task.kind(), task.where(), spare.isSelected())));
        List<Optional<Task>> others = new ArrayList<>(List.of(Optional.empty()));
        desk.bench().tasks().stream()
                .filter(other -> !other.id().equals(task.id()))
                .forEach(other -> others.add(Optional.of(other)));
        ChoiceBox<Optional<Task>> after = new ChoiceBox<>();
        after.getItems().setAll(others);
        after.setMaxWidth(330);
        after.setConverter(Parts.words(each -> each.map(Task::title).orElse("nothing: it can be begun at once")));
        after.setValue(
                task.after().isEmpty()
                        ? Optional.empty()
                        : desk.bench().task(task.after().get(0)));
        after.valueProperty()
                .addListener((was, before, now) -> desk.after(task, now).ifPresent(said::setText));
        VBox form = new VBox(
                7,
                title,
                line(Parts.label("minutes", "soft"), minutes, kind, where, spare),
                look,
                line(Parts.label("after", "soft"), after),
                line(
                        Parts.button("Keep", keep),
                        Parts.button("Up", () -> desk.move(task, -1)),
                        Parts.button("Down", () -> desk.move(task, 1)),
                        Parts.button("Leave out", () -> desk.drop(task))));
        form.setPadding(new Insets(4, 16, 12, 44));
        return form;
    }

    private void keep(Task task, TextField title, TextField minutes, TextField look) {
        try {
            int estimate = Integer.parseInt(minutes.getText().strip());
            if (estimate < 0 || estimate > 100_000) {
                throw new NumberFormatException();
            }
            desk.change(
                    task.said(title.getText().strip(), estimate, look.getText().strip()));
        } catch (NumberFormatException wrong) {
            said.setText("\"" + minutes.getText() + "\" is not a number of minutes: write it like 45.");
        }
    }

    private static <T> ChoiceBox<T> choice(T[] values, T now, Function<T, String> words) {
        ChoiceBox<T> box = new ChoiceBox<>();
        box.getItems().setAll(values);
        box.setConverter(Parts.words(words));
        box.setValue(now);
        return box;
    }

    private static HBox line(Node... parts) {
        HBox line = new HBox(8, parts);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private void side() {
        side.getChildren().clear();
        Bench bench = desk.bench();
        bench.running().flatMap(spell -> bench.task(spell.task())).ifPresent(task -> {
            at.setText(task.title());
            showClock();
            side.getChildren().addAll(Parts.label("At work", "caps"), clock, at, pause);
        });
        side.getChildren().addAll(Parts.label("When it will be done", "caps"), outlook);
        outlook(bench);
        if (!bench.tasks().isEmpty()) {
            double spent = bench.spent(studio.now()).toMinutes();
            side.getChildren().add(Parts.text(BenchCommands.time(spent) + " worked so far.", "label"));
        }
        pieces();
        Button out = Parts.button("Dates as iCalendar", this::calendar);
        out.setId("calendar");
        side.getChildren().add(out);
    }

    /** It is reckoned in the background; what was reckoned last stays until then. */
    private void outlook(Bench bench) {
        if (bench.tasks().isEmpty() || bench.isFinished()) {
            outlook.getChildren()
                    .setAll(Parts.text(
                            bench.tasks().isEmpty() ? "There are no steps to reckon with." : "Every step is done.",
                            "soft"));
            return;
        }
        if (!reckoned.equals(desk.costume().id())) {
            outlook.getChildren().setAll(Parts.text("Reckoning …", "soft"));
        }
        String costume = desk.costume().id();
        reckoning.ask(
                desk.outlook(desk.costume()),
                found -> {
                    reckoned = costume;
                    outlook.getChildren().clear();
                    found.forecast().ifPresent(forecast -> forecast(forecast, found));
                },
                said::setText);
    }

    private void forecast(Forecast forecast, BenchCommands.Outlook found) {
        Label middle = Parts.label(day(forecast.middle()), "large");
        outlook.getChildren()
                .addAll(
                        middle,
                        Parts.text("In four of five cases between " + day(forecast.early()) + " and "
                                + day(forecast.late()) + "; about " + BenchCommands.time(forecast.minutes())
                                + " of work are left."));
        int timed = found.timed();
        outlook.getChildren()
                .add(Parts.text(
                        timed == 0
                                ? "Nothing was timed yet: this is what is usual, not your own pace."
                                : "From your own pace: " + timed + (timed == 1 ? " step" : " steps") + " timed.",
                        "small",
                        "soft"));
        desk.costume().event().ifPresent(event -> {
            double share = forecast.inTime();
            String how = String.format(Locale.ROOT, "%.0f of 100", share * 100);
            outlook.getChildren()
                    .add(Parts.text(
                            "Needed on " + day(event) + ": in time in " + how + " cases.",
                            share < 0.8 ? "needs" : "settled"));
            if (share < 0.8) {
                List<BenchCommands.Spared> spared = found.spared();
                outlook.getChildren().add(Parts.label("What to leave out first", "caps"));
                spared.forEach(each -> outlook.getChildren()
                        .add(Parts.text("· " + each.task().title()
                                + String.format(Locale.ROOT, " (then %.0f of 100)", each.inTime() * 100))));
                if (spared.isEmpty()) {
                    outlook.getChildren()
                            .add(Parts.text(
                                    "No step is marked as one that can be left out: tap a step to mark it.", "soft"));
                }
            }
        });
    }

    private static String day(LocalDate date) {
        return date.getDayOfMonth() + " " + date.getMonth().getDisplayName(TextStyle.FULL, Locale.ENGLISH) + " "
                + date.getYear();
    }

    /**
     * Unfinished pieces weigh on people: they are counted against the maker's own limit, and those not begun are named.
     */
    private void pieces() {
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
        side.getChildren().add(Parts.label("On the go", "caps"));
        side.getChildren()
                .add(Parts.text(
                        begun + " unfinished, your limit is " + limit + ".", begun > limit ? "needs" : "label"));
        if (!waiting.isEmpty()) {
            side.getChildren().add(Parts.text("Not begun: " + String.join(", ", waiting) + ".", "small", "soft"));
        }
    }

    private void calendar() {
        Supplier<byte[]> calendar = desk.calendar();
        files.write("costumes.ics", calendar, said::setText);
    }
}
