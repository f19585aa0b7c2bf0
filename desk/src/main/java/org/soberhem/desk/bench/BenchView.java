package org.soberhem.desk.bench;

import java.util.HashSet;
import java.util.Set;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.judging.Target;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.Manner;
import org.soberhem.core.plan.Task;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.PlaceView;
import org.soberhem.desk.widget.Tabs;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.BenchCommands;
import org.soberhem.studio.Studio;

/**
 * The bench: the steps in order with a clock; at the right when it will be done, what can travel, what to leave out.
 */
public final class BenchView extends PlaceView {

    private static final double SIDE = 372;

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
    private final BenchCommands desk;
    private final BenchSide side;
    private final VBox steps = new VBox();
    private final Label said = Parts.text("", "needs");
    private final Tabs<Page> tabs = new Tabs<>("bench", Page.values(), Page::words, this::show);
    private Page page = Page.ALL;
    private final Set<String> opened = new HashSet<>();

    private String chosen = "";

    /**
     * @param studio the studio
     * @param files where the calendar goes to
     */
    public BenchView(Studio studio, FileDesk files) {
        super(studio, "bench-view");
        this.studio = studio;
        this.desk = new BenchCommands(studio);
        side = new BenchSide(studio, desk, files, said::setText);
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
        ScrollPane right = Parts.scroll(side);
        right.setFitToHeight(true);
        right.getStyleClass().add("panel");
        right.setPrefWidth(SIDE);
        right.setMinWidth(SIDE);
        setRight(right);
        tabs.mark(page);
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

    /** What waits and when it will be done changes with the time. */
    @Override
    public void show(boolean visible) {
        if (visible) {
            changed();
        }
        super.show(visible);
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
            side.refresh();
        });
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
            steps.getChildren().add(StepRow.of(desk, studio.now(), task, () -> choose(task)));
            if (task.id().equals(chosen)) {
                steps.getChildren().add(new StepForm(desk, task, said::setText));
            }
        }
        if (steps.getChildren().isEmpty()) {
            Label none = Parts.text("Nothing here now.", "soft", "figure");
            none.setPadding(new Insets(24));
            steps.getChildren().add(none);
        }
        if (!desk.bench().tasks().isEmpty()) {
            ChoiceBox<Manner> manner = new ChoiceBox<>();
            manner.setConverter(Parts.words(Manner::words));
            manner.getItems().setAll(Manner.values());
            manner.setId("manner");
            manner.setOnAction(event -> desk.sew(manner.getValue()));
            HBox sewn = new HBox(
                    8, Parts.label("Sewn", "soft"), manner, Parts.text("changes what is not begun", "small", "soft"));
            sewn.setPadding(new Insets(12, 16, 0, 16));
            steps.getChildren().add(sewn);
        }
        if (desk.canPropose()) {
            HBox more = new HBox(Parts.button("Add the steps of the other garments", desk::propose));
            more.setPadding(new Insets(12, 16, 12, 16));
            steps.getChildren().add(more);
        }
    }

    /** Opens what can be changed of a step, or closes it. */
    private void choose(Task task) {
        chosen = chosen.equals(task.id()) ? "" : task.id();
        changed();
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
}
