package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Turn;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Turns the grain line of a piece, such as to cut it on the cross.
 *
 * @param piece which piece
 * @param degrees by how much, clockwise as seen
 * @param sides which worn pieces
 */
public record ChangeGrain(String piece, double degrees, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Turn the grain of the {} by {}{}", piece, Sentence.degrees(degrees), WornPieces.where(sides));
    }

    @Override
    public ChangeGrain on(Sides others) {
        return new ChangeGrain(piece, degrees, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return WornPieces.piece(pattern, piece, sides, this::turned);
    }

    private Piece turned(Piece worn) {
        if (worn.edges().stream().anyMatch(worn::isFold) && degrees % 90 != 0) {
            throw new AlterationRefusal(
                    "The {} is cut on a fold, which lies along the grain: make a seam at the centre first", piece);
        }
        PieceEditor making = new PieceEditor(worn);
        Point along = worn.grainTo().minus(worn.grainFrom()).unit();
        making.grainAlong(
                Turn.about(Point.ORIGIN, StrictMath.toRadians(degrees)).direction(along));
        return making.piece();
    }
}
