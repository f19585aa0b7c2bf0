package org.soberhem.core.pattern;

import org.soberhem.core.length.Sentence;

/**
 * Compares the two runs of a seam on one side of the wearer.
 *
 * @param seam the seam
 * @param side which side was measured; {@link Side#MIDDLE} when both sides agree
 * @param firstLength length of the first run, in millimetres
 * @param secondLength length of the second run, in millimetres
 */
public record SeamCheck(Seam seam, Side side, double firstLength, double secondLength) {

    /** Less is not shown as a number, in millimetres: 1/16 in. */
    private static final double HAIR = 25.4 / 16;

    /** Less is no difference, in millimetres. */
    private static final double NOTHING = 0.01;

    /** What a careful cutter cannot see, in millimetres. */
    public static final double TOLERANCE = 0.5;

    /** Returns first minus second, in millimetres. */
    public double difference() {
        return firstLength - secondLength;
    }

    /** Returns first ÷ second. */
    public double fullness() {
        return firstLength / secondLength;
    }

    /** Says whether the runs meet after the stated ease or fullness. */
    public boolean isTrue() {
        if (seam.kind() == Seam.Kind.LEFT) {
            return true;
        }
        if (seam.kind().byFullness()) {
            return fullness() >= seam.least() - 1e-6 && fullness() <= seam.most() + 1e-6;
        }
        return difference() >= seam.least() - TOLERANCE && difference() <= seam.most() + TOLERANCE;
    }

    /** Returns what was found, in words. */
    public Sentence sentence() {
        String where = seam.name() + (side == Side.MIDDLE ? "" : " (" + side.words() + ")");
        if (seam.kind() == Seam.Kind.LEFT) {
            return Sentence.of("{}: left so, {} on {}", where, firstLength, secondLength);
        }
        if (seam.kind().byFullness()) {
            return Sentence.of(
                    "{}: {} {} into {}, half way {} meets {}; fullness {}, wanted {} to {}",
                    where,
                    firstLength,
                    seam.kind() == Seam.Kind.GATHERED ? "gathered" : "pleated",
                    secondLength,
                    firstLength / 2,
                    secondLength / 2,
                    ratio(fullness()),
                    ratio(seam.least()),
                    ratio(seam.most()));
        }
        double difference = difference();
        if (isTrue()) {
            return Math.abs(difference) < TOLERANCE
                    ? Sentence.of("{}: the lengths agree", where)
                    : Sentence.of("{}: {} {}, within its ease", where, shown(Math.abs(difference)), longer());
        }
        return Sentence.of(
                "{}: {} {}, wanted {} to {} of ease",
                where,
                shown(Math.abs(difference)),
                longer(),
                seam.least(),
                seam.most());
    }

    private String longer() {
        return difference() > 0 ? "longer" : "shorter";
    }

    /** Returns a difference for a sentence: what is there and less than can be shown is a hair. */
    public static Object shown(double value) {
        double size = Math.abs(value);
        return size > NOTHING && size < HAIR ? "a hair" : (Object) value;
    }

    private static String ratio(double value) {
        return String.valueOf(Math.round(value * 100) / 100.0);
    }
}
