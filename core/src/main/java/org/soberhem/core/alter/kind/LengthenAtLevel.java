package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Redrawing;
import org.soberhem.core.alter.edit.Round;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Lengthens or shortens every piece that has a level, evenly or by a wedge.
 *
 * <p>What lies below the level moves along the base line; edges that cross the level are redrawn from end to end.
 * Widths do not change, and an edge on the fold stays straight. Where front, side and back differ, the amount changes
 * evenly between them round the body; a piece that does not lie round the body takes the front amount at the start of
 * its level and the back amount at its end.
 *
 * @param level name of the level
 * @param atFront what is added at the centre front, in millimetres; negative shortens
 * @param atSide at the side
 * @param atBack at the centre back
 * @param sides which worn pieces
 */
public record LengthenAtLevel(String level, double atFront, double atSide, double atBack, Sides sides)
        implements Alteration {

    /** Adds the same amount all round. */
    public static LengthenAtLevel evenly(String level, double amount, Sides sides) {
        return new LengthenAtLevel(level, amount, amount, amount, sides);
    }

    @Override
    public Sentence sentence() {
        String where = WornPieces.where(sides);
        if (atFront == atSide && atSide == atBack) {
            return Sentence.of(
                    "{} at the {} by {}{}", atFront < 0 ? "Shorten" : "Lengthen", level, Math.abs(atFront), where);
        }
        boolean shorten = atFront + atSide + atBack < 0;
        double sign = shorten ? -1 : 1;
        return Sentence.of(
                "{} at the {} by a wedge: {} at the front, {} at the side, {} at the back{}",
                shorten ? "Shorten" : "Lengthen",
                level,
                sign * atFront,
                sign * atSide,
                sign * atBack,
                where);
    }

    @Override
    public LengthenAtLevel on(Sides others) {
        return new LengthenAtLevel(level, atFront, atSide, atBack, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        if (pattern.pieces().stream().noneMatch(this::has)) {
            throw new AlterationRefusal("No piece has the level \"{}\": choose another level", level);
        }
        return WornPieces.each(pattern, sides, this::has, piece -> {
            Level line = piece.levels().get(level);
            refuseTooShort(piece, line);
            return Redrawing.moved(piece, point -> movement(piece, line, point));
        });
    }

    private boolean has(Piece piece) {
        return piece.levels().containsKey(level);
    }

    private void refuseTooShort(Piece piece, Level line) {
        double least = Math.min(amountAt(piece, 0), amountAt(piece, 1));
        if (least >= 0) {
            return;
        }
        Box box = piece.seamLine(PieceEditor.COARSE).box();
        double below = box.maxY() - Math.max(line.from().y(), line.to().y());
        if (-least >= below) {
            throw new AlterationRefusal(
                    "The {} reaches only {} below the {}: it cannot be shortened there by {}",
                    piece.name(),
                    below,
                    level,
                    -least);
        }
    }

    private Point movement(Piece piece, Level line, Point point) {
        Point across = line.to().minus(line.from());
        double share = point.minus(line.from()).dot(across) / across.dot(across);
        double depth = line.from().towards(line.to(), share).y();
        return point.y() <= depth + 1e-9
                ? Point.ORIGIN
                : new Point(0, amountAt(piece, Math.max(0, Math.min(1, share))));
    }

    private double amountAt(Piece piece, double share) {
        return piece.spans()
                .map(spans -> Round.amount(spans.at(share), atFront, atSide, atBack))
                .orElse(atFront + (atBack - atFront) * share);
    }
}
