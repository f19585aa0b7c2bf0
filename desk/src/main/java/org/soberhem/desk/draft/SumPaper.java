package org.soberhem.desk.draft;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.soberhem.core.garment.MarkTable;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.SketchPane;

/** A sum on the paper: its drawing, and beneath it the tables to mark the cloth from. */
final class SumPaper extends VBox {

    private static final double TABLES = 200;

    private final SketchPane sketch = new SketchPane();
    private final HBox tables = new HBox(36);
    private final ScrollPane scroll = new ScrollPane(tables);

    SumPaper() {
        getStyleClass().add("sheet");
        tables.setPadding(new Insets(10, 24, 10, 24));
        tables.setAlignment(Pos.TOP_LEFT);
        scroll.getStyleClass().addAll("sheet", "foot");
        scroll.setMinHeight(TABLES);
        scroll.setPrefHeight(TABLES);
        sketch.setMinSize(0, 0);
        VBox.setVgrow(sketch, Priority.ALWAYS);
        getChildren().addAll(sketch, scroll);
    }

    void clear() {
        sketch.show(Optional.empty(), LengthFormat.INCH_EIGHTHS);
        tables.getChildren().clear();
        Parts.show(scroll, false);
    }

    void show(Sum sum, LengthFormat format) {
        tables.getChildren()
                .setAll(sum.tables().stream().map(table -> table(table, format)).toList());
        Parts.show(scroll, !sum.tables().isEmpty());
        Parts.show(sketch, sum.sketch().isPresent());
        scroll.setPrefHeight(sum.sketch().isPresent() ? TABLES : Region.USE_COMPUTED_SIZE);
        sketch.show(sum.sketch(), format);
    }

    private static VBox table(MarkTable table, LengthFormat format) {
        GridPane grid = new GridPane();
        grid.setHgap(18);
        grid.setVgap(3);
        for (int column = 0; column < table.columns().size(); column++) {
            grid.add(Parts.label(table.columns().get(column), "small", "soft"), column, 0);
        }
        int line = 1;
        for (List<String> row : table.in(format)) {
            for (int column = 0; column < row.size(); column++) {
                Label cell = Parts.label(row.get(column), "figure");
                cell.setMinWidth(Region.USE_PREF_SIZE);
                grid.add(cell, column, line);
            }
            line++;
        }
        VBox all = new VBox(6, Parts.label(table.title(), "caps"), grid);
        all.setMinWidth(Region.USE_PREF_SIZE);
        return all;
    }
}
