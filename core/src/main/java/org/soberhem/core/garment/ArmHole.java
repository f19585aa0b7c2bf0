package org.soberhem.core.garment;

/**
 * The arm-hole of a square-cut garment: a slit left open in the side seam, into which a straight sleeve and a square
 * gusset are sewn. Lengths in millimetres.
 *
 * @param loop girth of the arm-hole: over the shoulder and a hand's breadth below the armpit
 * @param upperArm girth of the upper arm
 * @param sleeve width of the sleeve
 * @param gusset side of the underarm gusset
 */
public record ArmHole(double loop, double upperArm, double sleeve, double gusset) {

    /**
     * An arm-hole that is less than so many upper arms binds: 18 in was far too tight for an 11¼ in arm (1.6), 24 in
     * was right (2.13); the line is drawn half way (common practice).
     */
    public static final double LEAST_ROOM = 1.86;

    public ArmHole {
        if (!(loop > 0) || !(upperArm > 0) || !(sleeve > 0) || !(gusset >= 0)) {
            throw new SumException(
                    "Arm-hole, upper arm and sleeve must be more than nothing: {}, {}, {}", loop, upperArm, sleeve);
        }
    }

    /** Returns arm-hole ÷ upper arm. */
    public double room() {
        return loop / upperArm;
    }

    /** Says whether the arm-hole binds. */
    public boolean isTight() {
        return room() < LEAST_ROOM;
    }

    /** Returns the least arm-hole that does not bind. */
    public double leastLoop() {
        return LEAST_ROOM * upperArm;
    }

    /** Returns what the gusset leaves of the arm-hole for the sleeve: two of its sides are sewn to the body. */
    public double left() {
        return loop - 2 * gusset;
    }

    /** Returns how much of the sleeve is gathered away; negative where the sleeve is too narrow. */
    public double gathers() {
        return sleeve - left();
    }

    /** Returns the same with another gusset. */
    public ArmHole withGusset(double other) {
        return new ArmHole(loop, upperArm, sleeve, other);
    }
}
