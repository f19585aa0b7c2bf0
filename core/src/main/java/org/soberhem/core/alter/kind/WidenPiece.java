package org.soberhem.core.alter.kind;

import java.util.function.UnaryOperator;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Redrawing;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Opens a piece across its breadth, or folds width away: what lies beyond a line moves and the edges that cross it are
 * redrawn; between two lines it is stretched evenly, as by many narrow slashes.
 *
 * @param piece which piece
 * @param from where it begins to open, as a share of its breadth from its centre or first side
 * @param to where it ends to open, not less than {@code from}
 * @param atTop width added at its upper end, in millimetres; negative narrows
 * @param atBottom width added at its lower end; between the two evenly
 * @param sides which worn pieces
 */
public record WidenPiece(String piece, double from, double to, double atTop, double atBottom, Sides sides)
        implements Alteration {

    public WidenPiece {
        if (!(from >= 0 && to >= from && to <= 1)) {
            throw new IllegalArgumentException(
                    "A piece opens between two shares of its breadth, 0 to 1: " + from + ", " + to);
        }
    }

    @Override
    public Sentence sentence() {
        String verb = atTop + atBottom < 0 ? "Narrow" : "Widen";
        double sign = atTop + atBottom < 0 ? -1 : 1;
        return atTop == atBottom
                ? Sentence.of("{} the {} by {}{}", verb, piece, sign * atTop, WornPieces.where(sides))
                : Sentence.of(
                        "{} the {}: {} at its top, {} at its bottom{}",
                        verb,
                        piece,
                        sign * atTop,
                        sign * atBottom,
                        WornPieces.where(sides));
    }

    @Override
    public WidenPiece on(Sides others) {
        return new WidenPiece(piece, from, to, atTop, atBottom, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return WornPieces.piece(pattern, piece, sides, this::opened);
    }

    private Piece opened(Piece worn) {
        Box box = worn.seamLine(PieceEditor.COARSE).box();
        // Shares are of the narrower of the two states, so that the same amount taken out again finds the same places.
        double breadth = box.width() + Math.min(0, Math.min(atTop, atBottom));
        if (breadth <= 0) {
            throw new AlterationRefusal("The {} is only {} wide: use a smaller amount", worn.name(), box.width());
        }
        double first = box.minX() + from * breadth;
        // A piece that lies round the body keeps its centre; any other grows to both sides, so that its two seams stay
        // alike.
        double still = worn.spans().isPresent() || worn.centreX().isPresent() ? 0 : 0.5;
        UnaryOperator<Point> by = point -> {
            double amount = atTop + (atBottom - atTop) * (point.y() - box.minY()) / box.height();
            double last = first + (to - from) * breadth + Math.max(0, -amount);
            double share = point.x() <= first ? 0 : point.x() >= last ? 1 : (point.x() - first) / (last - first);
            return new Point(amount * (share - still), 0);
        };
        return from == to ? Redrawing.moved(worn, by) : Redrawing.mapped(worn, point -> point.plus(by.apply(point)));
    }
}
