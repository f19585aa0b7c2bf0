package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.SeamShift;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.geometry.Profile;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;

/**
 * Takes in or lets out a seam of two edges, evenly or tapering.
 *
 * <p>The amount is cloth taken at the seam: each of its two edges moves by half of it.
 *
 * @param edge one of the two edges; the other is found from the pattern's seams
 * @param atTop cloth taken at the upper end, in millimetres; negative lets out
 * @param atBottom cloth taken at the lower end
 * @param sides which worn pieces
 */
public record TakeInSeam(EdgeRef edge, double atTop, double atBottom, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        boolean letOut = atTop + atBottom < 0;
        double sign = letOut ? -1 : 1;
        String verb = letOut ? "Let out" : "Take in";
        String seam = edge.words();
        String where = sides == Sides.BOTH ? "each" : "the " + sides.words();
        if (atTop == atBottom) {
            return Sentence.of("{} {} {} seam by {}", verb, where, seam, sign * atTop);
        }
        return Sentence.of(
                "{} {} {} seam: {} at its top, {} at its bottom", verb, where, seam, sign * atTop, sign * atBottom);
    }

    @Override
    public TakeInSeam on(Sides others) {
        return new TakeInSeam(edge, atTop, atBottom, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return SeamShift.taken(pattern, edge, sides, Profile.tapering(atTop, atBottom));
    }
}
