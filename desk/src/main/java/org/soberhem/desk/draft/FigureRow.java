package org.soberhem.desk.draft;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.soberhem.core.garment.OwnFigure;
import org.soberhem.core.garment.SumValue;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;

/** One figure of a sum with its working, and beside it what the maker makes it. */
final class FigureRow extends VBox {

    private static final double FIELD = 60;

    private final SumValue figure;
    private final LengthFormat format;
    private final Consumer<Optional<Double>> keep;
    private final Label slip = Parts.text("", "small");

    /**
     * @param figure the figure
     * @param format how lengths are written
     * @param made what the maker made it before, in the figure's own unit
     * @param keep gets what is typed; nothing where it is wiped out
     */
    FigureRow(SumValue figure, LengthFormat format, Optional<Double> made, Consumer<Optional<Double>> keep) {
        super(1);
        this.figure = figure;
        this.format = format;
        this.keep = keep;
        Label name = Parts.text(figure.name(), "small");
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        Label value = Parts.label(figure.in(format), "figure");
        value.setMinWidth(Region.USE_PREF_SIZE);
        TextField field = figure.kind() == SumValue.Kind.LENGTH ? length(made) : number(made);
        field.setId("make-" + FileDesk.nameOf(figure.name()));
        field.setMinWidth(FIELD);
        field.setMaxWidth(FIELD);
        Parts.hinted(field, "Your own figure, to be compared");
        slip.setId("slip-" + FileDesk.nameOf(figure.name()));
        Parts.show(slip, false);
        HBox line = new HBox(8, name, value, field);
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(line, Parts.text("= " + figure.working().in(format), "small", "soft"), slip);
        made.ifPresent(this::compare);
    }

    private TextField length(Optional<Double> made) {
        LengthField field = new LengthField(() -> format, length -> make(length.toMillimetres()));
        field.onCleared(this::wiped);
        field.show(made.map(Length::ofMillimetres));
        return field;
    }

    private TextField number(Optional<Double> made) {
        TextField field = new TextField(made.map(String::valueOf).orElse(""));
        field.setOnAction(event -> read(field.getText().strip().replace(',', '.')));
        field.focusedProperty().addListener((was, before, now) -> {
            if (!now) {
                field.getOnAction().handle(null);
            }
        });
        return field;
    }

    private void read(String typed) {
        if (typed.isEmpty()) {
            wiped();
            return;
        }
        try {
            make(Double.parseDouble(typed));
        } catch (NumberFormatException none) {
            say("Write a number, such as 3.5: \"" + typed + "\"", "needs");
        }
    }

    private void make(double value) {
        keep.accept(Optional.of(value));
        compare(value);
    }

    private void wiped() {
        keep.accept(Optional.empty());
        Parts.show(slip, false);
    }

    private void compare(double value) {
        OwnFigure made = new OwnFigure(figure, value);
        say((made.agrees() ? "✓ " : "✗ ") + made.sentence().in(format), made.agrees() ? "settled" : "needs");
    }

    private void say(String words, String style) {
        slip.setText(words);
        slip.getStyleClass().removeAll("needs", "settled");
        slip.getStyleClass().add(style);
        Parts.show(slip, true);
    }
}
