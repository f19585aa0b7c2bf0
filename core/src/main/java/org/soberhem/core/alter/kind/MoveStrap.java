package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.Strap;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Turn;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Sets the upper end of a strap farther out or in, turning it about its root; below that nothing moves.
 *
 * @param edge the strap's upper end
 * @param out how far it moves away from the centre, in millimetres; negative towards it
 * @param sides which worn pieces
 */
public record MoveStrap(EdgeRef edge, double out, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Set the strap at the {} {} {}{}",
                edge.words(),
                Math.abs(out),
                out < 0 ? "farther in" : "farther out",
                WornPieces.where(sides));
    }

    @Override
    public MoveStrap on(Sides others) {
        return new MoveStrap(edge, out, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return WornPieces.piece(pattern, edge.piece(), sides, this::moved);
    }

    private Piece moved(Piece piece) {
        Strap strap = Strap.below(piece, edge.edge());
        Point up = strap.end().minus(strap.root());
        double across = up.x() + out;
        if (Math.abs(across) >= up.norm()) {
            throw new AlterationRefusal("The strap is only {} long: use a smaller amount", up.norm());
        }
        Point there = new Point(across, Math.signum(up.y()) * Math.sqrt(up.norm() * up.norm() - across * across));
        return strap.turned(Turn.angle(up, there));
    }
}
