package org.soberhem.desk.sheet;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.desk.widget.Paper;
import org.soberhem.desk.widget.Parts;
import org.soberhem.library.sheet.SheetText;

/** The points of one frame or piece of a sheet, each value a field; what is wrong is told in its row. */
final class PointsTable extends VBox {

    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final ChoiceBox<String> owner = new ChoiceBox<>();
    private final VBox rows = new VBox(4);
    private final Consumer<SheetText> changed;
    private final Consumer<Paper.Pick> pick;
    private SheetText text = SheetText.of("");
    private Optional<Paper.Pick> picked = Optional.empty();

    /**
     * @param changed gets the sheet after a change
     * @param pick gets the point whose row is entered
     */
    PointsTable(Consumer<SheetText> changed, Consumer<Paper.Pick> pick) {
        super(8);
        this.changed = changed;
        this.pick = pick;
        owner.setId("editor-owner");
        owner.setMaxWidth(Double.MAX_VALUE);
        owner.valueProperty().addListener((was, before, now) -> fill());
        ScrollPane scroll = Parts.scroll(rows);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(owner, scroll);
    }

    void show(SheetText shown) {
        text = shown;
        List<String> owners =
                shown.tables().stream().map(SheetText.Table::owner).toList();
        if (owners.isEmpty()) {
            rows.getChildren()
                    .setAll(Parts.text("The text cannot be read as a sheet yet: mend it under \"As text\".", "soft"));
            return;
        }
        String kept = owner.getValue();
        Parts.offer(owner.getItems(), owners);
        if (kept == null || !owners.contains(kept)) {
            owner.setValue(owners.get(0));
        } else {
            owner.setValue(kept);
            fill();
        }
    }

    /** Shows the table and the row of a point that was picked on the drawing. */
    void pick(Optional<Paper.Pick> now) {
        picked = now;
        now.ifPresent(point -> text.tables().stream()
                .filter(table -> table.owner().equals(point.piece()))
                .findFirst()
                .ifPresent(table -> owner.setValue(table.owner())));
        rows.getChildren().forEach(this::mark);
    }

    private void mark(Node row) {
        row.pseudoClassStateChanged(
                Parts.SELECTED,
                picked.filter(point -> ("point-" + point.point()).equals(row.getId())
                                && point.piece().equals(owner.getValue()))
                        .isPresent());
    }

    private Optional<SheetText.Table> table() {
        return text.tables().stream()
                .filter(table -> table.owner().equals(owner.getValue()))
                .findFirst();
    }

    private void fill() {
        rows.getChildren().clear();
        table().ifPresent(table -> table.rows().forEach(row -> {
            VBox shown = row(table, row);
            mark(shown);
            rows.getChildren().add(shown);
        }));
    }

    private VBox row(SheetText.Table table, SheetText.Row row) {
        Label letter = Parts.label(row.letter(), "figure");
        letter.setMinWidth(30);
        FlowPane cells = new FlowPane(6, 2);
        for (int i = 0; i < row.cells().size(); i++) {
            cells.getChildren().add(cell(row, i));
        }
        HBox.setHgrow(cells, Priority.ALWAYS);
        Button more = Parts.hinted(
                Parts.button(
                        "+",
                        () -> changed.accept(text.withPointAfter(table, row, SheetText.freeLetter(table))),
                        "quiet"),
                "Another point after this one");
        more.setId("add-after-" + row.letter());
        Button less = Parts.hinted(
                Parts.button("−", () -> changed.accept(text.without(table, row)), "quiet"), "Without this point");
        HBox line = new HBox(6, letter, cells, more, less);
        line.setAlignment(Pos.CENTER_LEFT);
        VBox both = new VBox(1, line);
        text.problem().filter(problem -> problem.line() == row.line()).ifPresent(problem -> {
            both.getChildren().add(Parts.text(problem.problem(), "small", "needs"));
            cells.getChildren()
                    .forEach(cell -> ((HBox) cell).getChildren().get(1).pseudoClassStateChanged(WRONG, true));
        });
        both.setId("point-" + row.letter());
        both.getStyleClass().add("editor-row");
        return both;
    }

    private HBox cell(SheetText.Row row, int place) {
        SheetText.Cell cell = row.cells().get(place);
        TextField field = new TextField(cell.text());
        field.setId("cell-" + row.letter() + "-" + place);
        field.setPrefColumnCount(Math.max(5, Math.min(16, cell.text().length())));
        Runnable take = () -> {
            if (!field.getText().strip().equals(cell.text())) {
                changed.accept(text.with(cell, field.getText()));
            }
        };
        field.setOnAction(event -> take.run());
        field.focusedProperty().addListener((was, before, now) -> {
            if (now) {
                pick.accept(new Paper.Pick(owner.getValue(), row.letter()));
            } else {
                take.run();
            }
        });
        HBox both = new HBox(3, Parts.label(cell.label(), "small", "soft"), field);
        both.setAlignment(Pos.CENTER_LEFT);
        return both;
    }
}
