package org.soberhem.desk.trace;

import java.util.List;
import javafx.scene.layout.FlowPane;
import org.soberhem.core.trace.TracedPiece;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;

/** The traced pieces to choose from; the one at hand is marked. */
final class PieceChips extends FlowPane {

    private final TraceDesk desk;
    private final Runnable redraw;

    /** @param redraw called when another piece is at hand */
    PieceChips(TraceDesk desk, Runnable redraw) {
        super(6, 6);
        this.desk = desk;
        this.redraw = redraw;
    }

    /** @param id begins the id of each */
    void show(String id) {
        getChildren().clear();
        List<TracedPiece> all = desk.tracing().pieces();
        for (int i = 0; i < all.size(); i++) {
            int at = i;
            TracedPiece piece = all.get(i);
            Tappable each = new Tappable(
                    Parts.label(piece.words()),
                    piece.words(),
                    () -> {
                        desk.take(at);
                        redraw.run();
                    },
                    "trace-piece");
            each.setId(id + piece.name() + (piece.size().isEmpty() ? "" : "-" + piece.size()));
            each.pseudoClassStateChanged(Parts.SELECTED, i == desk.pieceAt());
            getChildren().add(each);
        }
    }
}
