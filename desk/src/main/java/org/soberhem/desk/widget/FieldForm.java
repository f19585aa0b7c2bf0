package org.soberhem.desk.widget;

import java.util.List;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Control;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;

/** Labelled fields, one under the other. */
public final class FieldForm extends GridPane {

    public FieldForm() {
        setHgap(10);
        setVgap(6);
    }

    /** Adds a field under its label; it takes the room that is left. */
    public FieldForm row(String label, Node field) {
        addRow(getRowCount(), Parts.label(label), field);
        GridPane.setHgrow(field, Priority.ALWAYS);
        if (field instanceof Control control && !(field instanceof TextField)) {
            control.setMaxWidth(Double.MAX_VALUE);
        }
        return this;
    }

    /** Makes a choice between values. */
    public static <T> ChoiceBox<T> choice(String id, List<T> values, Function<T, String> words) {
        ChoiceBox<T> box = new ChoiceBox<>();
        box.setId(id);
        box.getItems().setAll(values);
        box.setConverter(Parts.words(words));
        return box;
    }

    /** Has what was typed taken when Enter is pressed or the field is left. */
    public static void onTyped(TextField field, Runnable taken) {
        field.setOnAction(event -> taken.run());
        field.focusedProperty().addListener((was, before, now) -> {
            if (!now) {
                taken.run();
            }
        });
    }
}
