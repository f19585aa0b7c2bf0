package org.soberhem.desk.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.plan.Task;
import org.soberhem.desk.widget.FieldForm;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.BenchCommands;

/** What can be changed of a step. */
final class StepForm extends VBox {

    private static final int MOST_MINUTES = 100_000;

    private final BenchCommands desk;
    private final Task task;
    private final Consumer<String> said;

    /**
     * @param desk changes the step
     * @param task the step
     * @param said gets what is wrong, in words
     */
    StepForm(BenchCommands desk, Task task, Consumer<String> said) {
        super(7);
        this.desk = desk;
        this.task = task;
        this.said = said;
        TextField title = new TextField(task.title());
        title.setId("step-title");
        TextField minutes = new TextField(String.valueOf(task.minutes()));
        minutes.setPrefColumnCount(4);
        minutes.setId("step-minutes");
        TextField look = new TextField(task.look());
        look.setId("step-look");
        look.setPromptText("what to look at before going on");
        Runnable keep = () -> keep(title, minutes, look);
        for (TextField field : List.of(title, minutes, look)) {
            field.setOnAction(event -> keep.run());
        }
        ChoiceBox<Task.Kind> kind = FieldForm.choice("step-kind", List.of(Task.Kind.values()), Task.Kind::words);
        kind.setValue(task.kind());
        kind.valueProperty()
                .addListener((was, before, now) -> desk.change(task.withKind(now, task.where(), task.spare())));
        ChoiceBox<Task.Where> where = FieldForm.choice("step-where", List.of(Task.Where.values()), Task.Where::words);
        where.setValue(task.where());
        where.valueProperty()
                .addListener((was, before, now) -> desk.change(task.withKind(task.kind(), now, task.spare())));
        CheckBox spare = new CheckBox("can be left out");
        spare.setSelected(task.spare());
        spare.setOnAction(event -> desk.change(task.withKind(task.kind(), task.where(), spare.isSelected())));
        ChoiceBox<Optional<Task>> after = after();
        getChildren()
                .addAll(
                        title,
                        line(Parts.label("minutes", "soft"), minutes, kind, where, spare),
                        look,
                        line(Parts.label("after", "soft"), after),
                        line(
                                Parts.button("Keep", keep),
                                Parts.button("Up", () -> desk.move(task, -1)),
                                Parts.button("Down", () -> desk.move(task, 1)),
                                Parts.button("Leave out", () -> desk.drop(task))));
        setPadding(new Insets(4, 16, 12, 44));
    }

    /** Returns the choice of the step that this one waits for. */
    private ChoiceBox<Optional<Task>> after() {
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
                .addListener((was, before, now) -> desk.after(task, now).ifPresent(said));
        return after;
    }

    private void keep(TextField title, TextField minutes, TextField look) {
        try {
            int estimate = Integer.parseInt(minutes.getText().strip());
            if (estimate < 0 || estimate > MOST_MINUTES) {
                throw new NumberFormatException();
            }
            desk.change(
                    task.said(title.getText().strip(), estimate, look.getText().strip()));
        } catch (NumberFormatException wrong) {
            said.accept("\"" + minutes.getText() + "\" is not a number of minutes: write it like 45.");
        }
    }

    private static HBox line(Node... parts) {
        HBox line = new HBox(8, parts);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }
}
