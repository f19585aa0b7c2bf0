package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.Redrawing;
import org.soberhem.core.alter.edit.SeamShift;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Hollows an edge or fills it out: its ends stay, between them it moves in or out, most half way.
 *
 * @param edge which edge
 * @param amount how far it moves into the piece half way, in millimetres; negative fills it out
 * @param sides which worn pieces
 */
public record HollowEdge(EdgeRef edge, double amount, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "{} the {} by {} half way along it{}",
                amount < 0 ? "Fill out" : "Hollow",
                edge.words(),
                Math.abs(amount),
                WornPieces.where(sides));
    }

    @Override
    public HollowEdge on(Sides others) {
        return new HollowEdge(edge, amount, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return WornPieces.piece(pattern, edge.piece(), sides, this::hollowed);
    }

    private Piece hollowed(Piece piece) {
        int place = SeamShift.place(piece, edge.edge());
        if (piece.isFold(piece.edges().get(place))) {
            throw new AlterationRefusal(
                    "The {} lies on the fold and stays straight: make a seam at the centre first", edge.words());
        }
        Path path = piece.edges().get(place).path();
        Point inward = path.end().minus(path.start()).unit().outward().times(-1);
        return Redrawing.withEdge(piece, place, path.hollowed(inward.times(amount)));
    }
}
