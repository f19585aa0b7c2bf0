package org.soberhem.core.alter.kind;

import java.util.List;
import org.soberhem.core.alter.edit.AmountsAlong;
import org.soberhem.core.alter.edit.AmountsAlong.Place;
import org.soberhem.core.alter.edit.SeamShift;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;

/**
 * Gives or takes room at one level of a seam: nothing at its upper end, nothing at another level and below it.
 *
 * @param edge one of the two edges
 * @param level where the room is wanted
 * @param amount cloth taken there, in millimetres; negative gives room
 * @param until level at which nothing changes any more
 * @param sides which worn pieces
 */
public record RoomAtLevel(EdgeRef edge, String level, double amount, String until, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "{} {} at the {} in the {} seam, nothing at its top, nothing from the {} on{}",
                amount < 0 ? "Give" : "Take",
                Math.abs(amount),
                level,
                edge.words(),
                until,
                WornPieces.where(sides));
    }

    @Override
    public RoomAtLevel on(Sides others) {
        return new RoomAtLevel(edge, level, amount, until, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        AmountsAlong amounts =
                new AmountsAlong(List.of(Place.top(0), Place.atLevel(level, amount), Place.atLevel(until, 0)));
        return SeamShift.taken(pattern, edge, sides, amounts);
    }
}
