package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.alter.edit.SeamShift;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Profile;
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
                "Move the seam of the {}: the {} {} at its top and {} at its bottom, what it is sewn to the other way round{}",
                edge.words(),
                edge.piece(),
                Sentence.either(atTop, "gains {}", "loses {}"),
                Sentence.either(atBottom, "gains {}", "loses {}"),
                WornPieces.where(sides));
    }

    @Override
    public MoveSeam on(Sides others) {
        return new MoveSeam(edge, atTop, atBottom, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        if (SeamEdits.of(pattern, edge).isEmpty()) {
            throw new AlterationRefusal("The {} is not sewn to anything: choose a seam", edge.words());
        }
        Profile lost = Profile.tapering(atTop, atBottom);
        return SeamShift.moved(pattern, edge, sides, lost.times(-1), lost);
    }
}
