package org.soberhem.core.garment;

/**
 * A cape whose upper edge is brought down to the neck. Lengths in millimetres, all round.
 *
 * @param span folded arms from fingertip to fingertip, or the height
 * @param sculpted whether the shoulders are shaped by a curved dart
 * @param neck what the upper edge shall come down to
 * @param dart what each shoulder dart takes at the neck
 * @param pleats how many pleats each half has
 * @param pleat how deep each of them is: it takes twice as much
 * @param box how deep each fold of a box pleat at the back is; it takes four times as much
 */
public record Cape(double span, boolean sculpted, double neck, double dart, int pleats, double pleat, double box) {

    /** Nobody lays more in half a neck. */
    private static final int MOST = 100;

    /** How much of the span a cape with shaped shoulders needs (common practice). */
    private static final double SCULPTED = 2.0 / 3;

    public Cape {
        if (pleats > MOST) {
            throw new SumException("A half has at most {} pleats: {}", MOST, pleats);
        }
        if (!(span > 0) || !(neck > 0) || dart < 0 || pleats < 0 || pleat < 0 || box < 0) {
            throw new SumException(
                    "A cape needs a span and a neck, and no dart or pleat below nothing: {}, {}", span, neck);
        }
    }

    /** Returns the width of the cape at its upper edge. */
    public double width() {
        return sculpted ? span * SCULPTED : span;
    }

    /** Returns what both darts take. */
    public double darts() {
        return sculpted ? 2 * dart : 0;
    }

    /** Returns what all pleats and the box pleat take. */
    public double folded() {
        return 2.0 * pleats * 2 * pleat + 4 * box;
    }

    /** Returns what is left to be gathered; negative where darts and pleats take more than there is. */
    public double gathers() {
        return width() - neck - darts() - folded();
    }

    /** Returns the depth at which the pleats of both halves alone would bring it exactly to the neck. */
    public double exactPleat() {
        return pleats == 0 ? 0 : (width() - neck - darts() - 4 * box) / (4.0 * pleats);
    }
}
