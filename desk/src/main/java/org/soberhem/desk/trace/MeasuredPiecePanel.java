package org.soberhem.desk.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.length.Length;
import org.soberhem.core.trace.Offsets;
import org.soberhem.core.trace.SheetName;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;

/**
 * A piece entered by numbers: along and out from a base line, for cloth that was draped and garments that are measured
 * flat.
 */
final class MeasuredPiecePanel extends VBox {

    private static final String CURVE = "curve";
    private static final int ROWS = 5;

    /** What is measured this near to the fold lies on it, in millimetres. */
    private static final double NEAR = 6;

    private final TraceDesk desk;
    private final Runnable redraw;
    private final TextField name = new TextField();
    private final GridPane table = new GridPane();
    private final List<Row> rows = new ArrayList<>();
    private final CheckBox folded = new CheckBox("the base line is a fold");
    private final CheckBox flat = new CheckBox("widths are measured flat, edge to edge");
    private final ChoiceBox<Offsets.Take> take = new ChoiceBox<>();
    private final Label said = Parts.text("", "small", "needs");

    /** The fields of one place. */
    private record Row(LengthField along, LengthField left, LengthField right, ComboBox<String> edge) {}

    /** @param redraw called when a piece was entered */
    MeasuredPiecePanel(TraceDesk desk, Runnable redraw) {
        super(8);
        this.desk = desk;
        this.redraw = redraw;
        name.setPromptText("name of the piece");
        name.setId("numbers-name");
        folded.setSelected(true);
        flat.setId("numbers-flat");
        take.getItems().setAll(Offsets.Take.values());
        take.setValue(Offsets.Take.LEFT);
        take.setConverter(Parts.words(each -> switch (each) {
            case LEFT -> "the left side for both";
            case RIGHT -> "the right side for both";
            case MEAN -> "the mean of both sides";
        }));
        table.setHgap(4);
        table.setVgap(4);
        table.addRow(
                0,
                Parts.label("along", "small", "soft"),
                Parts.label("out, left", "small", "soft"),
                Parts.label("out, right", "small", "soft"),
                Parts.label("edge from here", "small", "soft"));
        for (int i = 0; i < ROWS; i++) {
            add();
        }
        var more = Parts.button("Another place", this::add, "quiet");
        more.setId("numbers-more");
        var enter = Parts.button("Enter it", this::enter, "main");
        enter.setId("numbers-enter");
        HBox keys = new HBox(8, more, enter);
        keys.setAlignment(Pos.CENTER_LEFT);
        getChildren()
                .addAll(
                        Parts.label("Or by numbers", "caps"),
                        Parts.text(
                                "Lay the cloth flat, draw a base line down its middle or fold, and go round: for each place how"
                                        + " far down the line and how far out from it.",
                                "small",
                                "soft"),
                        name,
                        table,
                        folded,
                        flat,
                        take,
                        keys,
                        said);
    }

    private void add() {
        int number = rows.size();
        Row row = new Row(field("along", number), field("left", number), field("right", number), new ComboBox<>());
        row.edge().getItems().add(CURVE);
        row.edge().getItems().addAll(EdgeNames.USUAL);
        row.edge().setEditable(true);
        row.edge().setPrefWidth(112);
        row.edge().setId("numbers-edge-" + number);
        rows.add(row);
        table.addRow(number + 1, row.along(), row.left(), row.right(), row.edge());
    }

    private LengthField field(String which, int number) {
        LengthField field = new LengthField(desk.studio()::format, length -> {});
        field.setId("numbers-" + which + "-" + number);
        field.setPrefColumnCount(4);
        field.setMaxWidth(70);
        return field;
    }

    private void enter() {
        List<Offsets.Row> places = new ArrayList<>();
        for (Row row : rows) {
            Optional<Length> along = value(row.along());
            if (along.isPresent()) {
                String edge = row.edge().getEditor().getText();
                boolean curve = CURVE.equals(edge);
                places.add(new Offsets.Row(
                        along.get().toMillimetres(),
                        out(row.left()),
                        out(row.right()),
                        !curve,
                        curve ? "" : SheetName.of(edge)));
            }
        }
        String called = SheetName.of(name.getText());
        if (called.isEmpty() || places.size() < 3) {
            said.setText("Give the piece a name and at least three places.");
            return;
        }
        try {
            Offsets offsets = new Offsets(called, places, folded.isSelected());
            desk.enter(offsets, take.getValue(), NEAR);
            double uneven = offsets.uneven();
            said.setText(
                    uneven > NEAR
                            ? "Left and right differ by up to "
                                    + desk.studio().format().format(uneven) + "."
                            : "");
            redraw.run();
        } catch (IllegalArgumentException missing) {
            said.setText(missing.getMessage() + ".");
        }
    }

    private double out(LengthField field) {
        return value(field)
                .map(length -> length.toMillimetres() / (flat.isSelected() ? 2 : 1))
                .orElse(Double.NaN);
    }

    private static Optional<Length> value(LengthField field) {
        return field.getText().isBlank() ? Optional.empty() : field.value();
    }

    /** Lets the fields be as they were typed. */
    void show() {
        Parts.show(this, desk.tracing().picture().isEmpty());
    }
}
