package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.SeamShift;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Profile;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;

/**
 * Shapes a seam of two edges by three amounts, a smooth curve between them: hollowed to a waist, or room given over a
 * bust with nothing at the ends.
 *
 * @param edge one of the two edges
 * @param atTop cloth taken at the upper end, in millimetres; negative lets out
 * @param atMiddle cloth taken half way down
 * @param atBottom cloth taken at the lower end
 * @param sides which worn pieces
 */
public record ShapeSeam(EdgeRef edge, double atTop, double atMiddle, double atBottom, Sides sides)
        implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Shape the {} seam: {} at its top, {} half way, {} at its bottom{}",
                edge.words(),
                Sentence.either(atTop, "{} taken", "{} let out"),
                Sentence.either(atMiddle, "{} taken", "{} let out"),
                Sentence.either(atBottom, "{} taken", "{} let out"),
                WornPieces.where(sides));
    }

    @Override
    public ShapeSeam on(Sides others) {
        return new ShapeSeam(edge, atTop, atMiddle, atBottom, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return SeamShift.taken(pattern, edge, sides, Profile.parabola(atTop, atMiddle, atBottom));
    }
}
