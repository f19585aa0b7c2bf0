package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.Strap;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Turns a strap about the middle of its root, so that its upper end leans towards the neck or away from it.
 *
 * @param edge the strap's upper end
 * @param degrees by how much; positive leans towards the centre
 * @param sides which worn pieces
 */
public record TurnStrap(EdgeRef edge, double degrees, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Turn the strap at the {} by {}, {} the neck{}",
                edge.words(),
                Sentence.degrees(Math.abs(degrees)),
                degrees < 0 ? "away from" : "towards",
                WornPieces.where(sides));
    }

    @Override
    public TurnStrap on(Sides others) {
        return new TurnStrap(edge, degrees, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return WornPieces.piece(pattern, edge.piece(), sides, this::turned);
    }

    private Piece turned(Piece piece) {
        Strap strap = Strap.below(piece, edge.edge());
        double centre =
                piece.centreX().orElse(piece.seamLine(PieceEditor.COARSE).box().minX());
        // Clockwise turns an upper end away from a centre on its left.
        double sense = (strap.end().x() >= centre ? -1 : 1)
                * (strap.end().y() < strap.root().y() ? 1 : -1);
        double angle = sense * StrictMath.toRadians(degrees);
        return strap.turned(angle);
    }
}
