package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.SeamShift;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;

/**
 * Moves the line of a seam, such as the shoulder seam to the back: one piece gains what the other loses, no girth
 * changes.
 *
 * @param edge edge of the piece that gains
 * @param atTop how far the line moves at its upper end, in millimetres; negative moves it the other way
 * @param atBottom how far it moves at its lower end
 * @param sides which worn pieces
 */
public record MoveSeam(EdgeRef edge, double atTop, double atBottom, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Move the seam of the {}: the {} gains {} at its top and {} at its bottom, what it is sewn to loses it{}",
                edge.words(),
                edge.piece(),
                atTop,
                atBottom,
                WornPieces.where(sides));
    }

    @Override
    public MoveSeam on(Sides others) {
        return new MoveSeam(edge, atTop, atBottom, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        SeamShift.Amounts lost = SeamShift.Amounts.tapering(atTop, atBottom);
        return SeamShift.of(pattern, edge, sides, lost.times(-1), lost);
    }
}
