package org.soberhem.desk.trace;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.trace.SheetName;
import org.soberhem.core.trace.TracedPiece;
import org.soberhem.desk.widget.FieldForm;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;

/** The pieces and how each is cut; their outlines are tapped on the picture. */
final class PieceOutlinesPanel extends VBox {

    private static final List<String> USUAL = List.of(
            "front", "back", "sleeve", "side-front", "side-back", "skirt-front", "skirt-back", "collar", "cuff");
    private static final int MOST_CUT = 12;

    private final TraceDesk desk;
    private final Runnable redraw;
    private final ComboBox<String> name = new ComboBox<>();
    private final TextField size = new TextField();
    private final PieceChips pieces;
    private final Label step = Parts.text("", "figure");
    private final ChoiceBox<CutShape> shape = FieldForm.choice(
            "piece-shape", List.of(CutShape.PAIR, CutShape.FOLD, CutShape.PLAIN), each -> switch (each) {
                case PAIR -> "a pair, mirrored";
                case FOLD -> "on the fold: half is drawn";
                case PLAIN -> "as it is drawn";
            });
    private final Spinner<Integer> cut = new Spinner<>(1, MOST_CUT, 2);
    private final LengthField included;
    private final VBox cutting = new VBox(8);
    private final HBox sized = new HBox(8);
    private final Filling filling = new Filling();

    /** @param redraw called when another piece is at hand */
    PieceOutlinesPanel(TraceDesk desk, Runnable redraw) {
        super(10);
        this.desk = desk;
        this.redraw = redraw;
        pieces = new PieceChips(desk, redraw);
        cut.setEditable(true);
        cut.setPrefWidth(90);
        included = new LengthField(desk.studio()::format, length -> change());
        included.onCleared(this::change);
        included.setId("piece-included");
        shape.valueProperty().addListener((was, before, now) -> change());
        cut.valueProperty().addListener((was, before, now) -> change());
        size.setId("piece-size");
        size.setPrefColumnCount(5);
        sized.getChildren().addAll(Parts.label("in size"), size);
        sized.setAlignment(Pos.CENTER_LEFT);
        cutting.getChildren()
                .addAll(
                        Parts.label("How it is cut", "caps"),
                        new FieldForm().row("Cut", shape).row("How many", cut).row("Allowance drawn", included),
                        Parts.text(
                                "What the drawn line has beyond the seam line, all round; nothing for a seam line.",
                                "small",
                                "soft"),
                        keys());
        getChildren()
                .addAll(
                        Parts.label("Pieces", "caps"),
                        pieces,
                        naming(),
                        sized,
                        step,
                        Parts.text(
                                "Tap a corner; with Shift, a place on a curve. Tap round the piece; it closes by itself. Drag"
                                        + " a place to move it; tap it, and the next tap comes after it.",
                                "small",
                                "soft"),
                        cutting);
    }

    private HBox naming() {
        name.setEditable(true);
        name.getItems().setAll(USUAL);
        name.setPromptText("name of a piece");
        name.setId("piece-name");
        Button begin = Parts.button("Begin it", this::begin, "main");
        begin.setId("piece-begin");
        HBox naming = new HBox(8, name, begin);
        naming.setAlignment(Pos.CENTER_LEFT);
        return naming;
    }

    private FlowPane keys() {
        Button turn = Parts.hinted(Parts.button("Corner ↔ curve", () -> acts(desk::turnKnot), "quiet"), "C");
        turn.setId("knot-turn");
        Button drop = Parts.hinted(Parts.button("Remove the place", () -> acts(desk::dropKnot), "quiet"), "Delete");
        drop.setId("knot-drop");
        return new FlowPane(6, 6, turn, drop, Parts.button("Remove the piece", () -> acts(desk::dropPiece), "quiet"));
    }

    private void acts(Runnable action) {
        action.run();
        redraw.run();
    }

    private void begin() {
        String wanted = SheetName.of(name.getEditor().getText());
        if (!wanted.isEmpty()) {
            desk.begin(wanted, size.getText().strip());
            name.getEditor().clear();
            redraw.run();
        }
    }

    private void change() {
        if (filling.isOn() || desk.piece().isEmpty()) {
            return;
        }
        double beyond = included.getText().isBlank()
                ? 0
                : included.value().map(Length::toMillimetres).orElse(0.0);
        desk.change(
                piece -> piece.cut(shape.getValue(), cut.getValue(), beyond),
                Sentence.of(
                        "The {} is cut {} times", desk.piece().orElseThrow().name(), String.valueOf(cut.getValue())));
    }

    void show() {
        filling.during(() -> {
            pieces.show("piece-");
            Parts.show(sized, !desk.tracing().chart().isEmpty());
            Parts.show(cutting, desk.piece().isPresent());
            step.setText(desk.piece().map(this::step).orElse("Name the first piece and begin it."));
            desk.piece().ifPresent(piece -> {
                shape.setValue(piece.shape());
                cut.getValueFactory().setValue(piece.cut());
                if (!included.isFocused()) {
                    included.show(
                            piece.included() == 0
                                    ? Optional.empty()
                                    : Optional.of(Length.ofMillimetres(piece.included())));
                }
            });
        });
    }

    private String step(TracedPiece piece) {
        long corners = piece.outline().stream().filter(each -> each.corner()).count();
        return corners < 3
                ? "Trace the " + piece.words() + ": it has " + corners + " of at least 3 corners."
                : "The " + piece.words() + ": " + corners + " corners, "
                        + (piece.outline().size() - corners) + " places on curves.";
    }
}
