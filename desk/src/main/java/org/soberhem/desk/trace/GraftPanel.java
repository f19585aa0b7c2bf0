package org.soberhem.desk.trace;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.trace.Graft;
import org.soberhem.core.trace.PaperPiece;
import org.soberhem.core.trace.TracedPiece;
import org.soberhem.core.trace.Tracing;
import org.soberhem.desk.widget.Parts;

/**
 * Puts edges of another tracing on the piece at hand, aligned at chosen corners: the neckline of one on the body of
 * another.
 */
final class GraftPanel extends VBox {

    private final TraceDesk desk;
    private final Runnable redraw;
    private final ChoiceBox<String> other = new ChoiceBox<>();
    private final ChoiceBox<String> piece = new ChoiceBox<>();
    private final ChoiceBox<String> given = new ChoiceBox<>();
    private final ChoiceBox<String> givenTo = new ChoiceBox<>();
    private final ChoiceBox<String> replaced = new ChoiceBox<>();
    private final ChoiceBox<String> replacedTo = new ChoiceBox<>();
    private final ChoiceBox<Graft.By> by = new ChoiceBox<>();
    private final Label said = Parts.text("", "small");

    /** @param redraw called when edges were put on */
    GraftPanel(TraceDesk desk, Runnable redraw) {
        super(8);
        this.desk = desk;
        this.redraw = redraw;
        other.setId("graft-other");
        piece.setId("graft-piece");
        given.setId("graft-given");
        replaced.setId("graft-replaced");
        by.setId("graft-by");
        by.getItems().setAll(Graft.By.values());
        by.setValue(Graft.By.FIRST_END);
        by.setConverter(Parts.words(each -> switch (each) {
            case FIRST_END -> "laid on by the first end, its size kept";
            case LAST_END -> "laid on by the last end, its size kept";
            case BOTH_ENDS -> "laid on by both ends, stretched";
            case ARMPIT -> "armpit on armpit, its size kept";
            case WAIST -> "waist on waist at the middle, its size kept";
        }));
        other.setConverter(Parts.words(desk::donorTitle));
        other.valueProperty().addListener((was, before, now) -> pieces());
        piece.valueProperty().addListener((was, before, now) -> edges());
        GridPane form = new GridPane();
        form.setHgap(8);
        form.setVgap(6);
        form.addRow(0, Parts.label("From"), other, piece);
        form.addRow(1, Parts.label("take"), given, givenTo);
        form.addRow(2, Parts.label("in place of"), replaced, replacedTo);
        form.getChildren().stream()
                .filter(ChoiceBox.class::isInstance)
                .forEach(each -> ((ChoiceBox<?>) each).setPrefWidth(128));
        var put = Parts.button("Put it on", this::put);
        put.setId("graft-put");
        getChildren().addAll(Parts.label("Edges of another pattern", "caps"), form, by, put, said);
    }

    void show() {
        List<String> others = desk.donors();
        boolean possible = desk.tracing().picture().isEmpty()
                && !others.isEmpty()
                && desk.piece().isPresent();
        Parts.show(this, possible);
        if (possible) {
            Parts.offer(other.getItems(), others);
            offer(replaced, replacedTo, desk.piece().orElseThrow());
        }
    }

    private Optional<Tracing> donor() {
        return Optional.ofNullable(other.getValue()).flatMap(desk::donor);
    }

    private Optional<TracedPiece> donorPiece() {
        return donor().flatMap(tracing -> tracing.pieces().stream()
                .filter(each -> each.words().equals(piece.getValue()))
                .findFirst());
    }

    private void pieces() {
        Parts.offer(
                piece.getItems(),
                donor().map(tracing -> tracing.pieces().stream()
                                .map(TracedPiece::words)
                                .toList())
                        .orElse(List.of()));
    }

    private void edges() {
        donorPiece().ifPresent(each -> offer(given, givenTo, each));
    }

    private static void offer(ChoiceBox<String> from, ChoiceBox<String> to, TracedPiece piece) {
        List<String> edges = piece.outline().stream()
                .filter(knot -> knot.corner() && !knot.edge().isEmpty())
                .map(knot -> knot.edge())
                .toList();
        for (ChoiceBox<String> each : List.of(from, to)) {
            Parts.offer(each.getItems(), edges);
        }
    }

    private void put() {
        if (donorPiece().isEmpty() || given.getValue() == null || replaced.getValue() == null) {
            tell("Choose the other pattern, its piece, the edge to take and the edge to replace.", true);
            return;
        }
        try {
            PaperPiece from = PaperPiece.of(
                    donorPiece().orElseThrow(), donor().orElseThrow().grid().paper());
            Graft.Grafted grafted = desk.graft(
                    replaced.getValue(),
                    Optional.ofNullable(replacedTo.getValue()).orElse(replaced.getValue()),
                    from,
                    given.getValue(),
                    Optional.ofNullable(givenTo.getValue()).orElse(given.getValue()),
                    by.getValue());
            tell(words(grafted), false);
            redraw.run();
        } catch (IllegalArgumentException wrong) {
            tell(wrong.getMessage() + ".", true);
        }
    }

    private String words(Graft.Grafted grafted) {
        if (by.getValue() == Graft.By.BOTH_ENDS) {
            return "Stretched to " + Math.round(grafted.scale() * 1000) / 10.0 + " % of its size.";
        }
        return "Its size is kept; the next edge was led "
                + desk.studio().format().format(grafted.led()) + " to meet it.";
    }

    private void tell(String words, boolean wrong) {
        said.setText(words);
        said.getStyleClass().setAll("label", "small", wrong ? "needs" : "soft");
    }
}
