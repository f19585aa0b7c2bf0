package org.soberhem.desk.trace;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.trace.Knot;
import org.soberhem.core.trace.Landmark;
import org.soberhem.core.trace.SheetName;
import org.soberhem.core.trace.TracedPiece;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;

/** Names of the edges of the piece at hand, and the heights of the body, its middle and its darts. */
final class NamesPanel extends VBox {

    private final TraceDesk desk;
    private final Tapping tapping;
    private final Runnable redraw;
    private final PieceChips pieces;
    private final VBox edges = new VBox(4);
    private final FlowPane levels = new FlowPane(6, 6);
    private final Label step = Parts.text("", "figure");

    NamesPanel(TraceDesk desk, Tapping tapping, Runnable redraw) {
        super(10);
        this.desk = desk;
        this.tapping = tapping;
        this.redraw = redraw;
        pieces = new PieceChips(desk, redraw);
        FlowPane marks = new FlowPane(6, 6);
        var centre = Parts.button("The middle", () -> acts(tapping::centre), "quiet");
        centre.setId("mark-centre");
        var dart = Parts.button("A dart", () -> acts(tapping::dart), "quiet");
        dart.setId("mark-dart");
        marks.getChildren().addAll(centre, dart, Parts.button("No darts", () -> acts(desk::dropDarts), "quiet"));
        getChildren()
                .addAll(
                        pieces,
                        step,
                        Parts.label("Edges", "caps"),
                        Parts.text(
                                "Two edges of the same name on two pieces are sewn together. \"centre\" lies on the body's"
                                        + " middle.",
                                "small",
                                "soft"),
                        edges,
                        Parts.label("Heights of the body", "caps"),
                        levels,
                        Parts.label("And", "caps"),
                        marks);
    }

    private void acts(Runnable action) {
        action.run();
        redraw.run();
    }

    void show() {
        pieces.show("names-");
        edges.getChildren().clear();
        levels.getChildren().clear();
        Optional<TracedPiece> piece = desk.piece();
        String words = tapping.words();
        step.setText(
                !words.isEmpty() ? words : piece.isEmpty() ? "Nothing is traced yet: trace an outline first." : "");
        Parts.show(step, !step.getText().isEmpty());
        piece.ifPresent(this::fill);
    }

    private void fill(TracedPiece piece) {
        for (int i = 0; i < piece.outline().size(); i++) {
            if (piece.outline().get(i).corner()) {
                edges.getChildren().add(edge(i, piece.outline().get(i)));
            }
        }
        desk.studio().library().landmarks().all().stream()
                .map(Landmark::level)
                .filter(level -> !level.isEmpty())
                .distinct()
                .forEach(level -> levels.getChildren().add(level(piece, level)));
    }

    private HBox edge(int corner, Knot knot) {
        ComboBox<String> name = new ComboBox<>();
        name.getItems().setAll(EdgeNames.USUAL);
        name.setEditable(true);
        name.setPromptText("name it");
        name.setId("edge-" + corner);
        name.getEditor().setText(knot.edge());
        name.setPrefWidth(170);
        name.setOnAction(event -> name(corner, knot, name.getEditor().getText()));
        name.getEditor().focusedProperty().addListener((was, before, now) -> {
            if (!now) {
                name(corner, knot, name.getEditor().getText());
            }
        });
        var show = Parts.button("show", () -> acts(() -> desk.takeKnot(corner)), "quiet", "small");
        HBox row = new HBox(8, name, show);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void name(int corner, Knot knot, String typed) {
        String edge = SheetName.of(typed);
        if (!edge.isEmpty() && !edge.equals(knot.edge())) {
            desk.nameEdge(corner, edge);
            redraw.run();
        }
    }

    private Tappable level(TracedPiece piece, String level) {
        boolean marked = piece.levels().containsKey(level);
        String words = (marked ? "✓ " : "") + level.replace('-', ' ');
        Tappable each = new Tappable(
                Parts.label(words),
                words,
                () -> acts(marked ? () -> desk.dropLevel(level) : () -> tapping.level(level)),
                "trace-piece");
        each.setId("level-" + level);
        each.pseudoClassStateChanged(Parts.SELECTED, marked);
        return each;
    }
}
