package org.soberhem.desk.bench;

import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.Task;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.BenchCommands;

/** One step of the bench: done or not, what it is, and the key that starts its clock. */
final class StepRow {

    private StepRow() {}

    /**
     * Returns the row of a step.
     *
     * @param tapped opens or closes what can be changed of it
     */
    static Tappable of(BenchCommands desk, LocalDateTime now, Task task, Runnable tapped) {
        Bench bench = desk.bench();
        boolean runs =
                bench.running().filter(spell -> spell.task().equals(task.id())).isPresent();
        boolean open = bench.isOpen(task, now);
        double spent = bench.spent(task.id(), now).toSeconds() / 60.0;
        CheckBox done = new CheckBox();
        done.setSelected(task.isDone());
        done.setId("done-" + task.id());
        done.setAccessibleText("done: " + task.title());
        done.setOnAction(event -> desk.done(task, done.isSelected()));
        Label title = Parts.text(task.title(), "figure", task.isDone() || !open ? "soft" : "label");
        String about = switch (task.kind()) {
            case WAIT -> waiting(task, now);
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
        Tappable all = new Tappable(row, task.title(), tapped, "obstacle");
        all.setId("task-" + task.id());
        return all;
    }

    private static String waiting(Task task, LocalDateTime now) {
        if (task.done().isEmpty()) {
            return "waits " + BenchCommands.time(task.minutes()) + " once it is ticked";
        }
        var until = task.done().get().plusMinutes(task.minutes());
        return (until.isAfter(now) ? "until " : "over since ") + until.toLocalDate() + ", "
                + until.toLocalTime().truncatedTo(ChronoUnit.MINUTES);
    }
}
