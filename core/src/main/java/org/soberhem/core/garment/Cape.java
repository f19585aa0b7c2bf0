package org.soberhem.core.garment;

/**
 * A cape whose upper edge is brought down to the neck. Lengths in millimetres, all round.
 *
 * @param span folded arms from fingertip to fingertip, or the height
 * @param sculpted whether the shoulders are shaped by a dart
 * @param share which share of the span it is wide: two thirds, or all of it
 * @param neck what the upper edge shall come down to
 * @param dart what each shoulder dart takes at the neck
 * @param pleats how many pleats each half has
 * @param pleat how deep each of them is: it takes twice as much
 * @param frontPleats how many small pleats each half has in front of the dart
 * @param frontPleat how deep each of these is
 * @param box how deep each fold of a box pleat at the back is; it takes four times as much
 */
public record Cape(
        double span,
        boolean sculpted,
        double share,
        double neck,
        double dart,
        int pleats,
        double pleat,
        int frontPleats,
        double frontPleat,
        double box) {

    /** Nobody lays more in half a neck. */
    private static final int MOST = 100;

    /** How much of the span a cape with shaped shoulders needs (common practice). */
    static final double SCULPTED = 2.0 / 3;

    public Cape {
        if (pleats > MOST || frontPleats > MOST) {
            throw new SumException(
                    "A half has at most {} pleats: {}",
                    String.valueOf(MOST),
                    String.valueOf(Math.max(pleats, frontPleats)));
        }
        if (!(span > 0) || !(neck > 0)) {
            throw new SumException("A cape needs a span and a neck: {}, {}", span, neck);
        }
        if (dart < 0 || pleats < 0 || pleat < 0 || box < 0 || frontPleats < 0 || frontPleat < 0) {
            throw new SumException("A cape has no dart and no pleat below nothing");
        }
    }

    /** Returns the width of the cape at its upper edge. */
    public double width() {
        return span * share;
    }

    /** Returns what both darts take. */
    public double darts() {
        return sculpted ? 2 * dart : 0;
    }

    /** Returns what all pleats and the box pleat take. */
    public double folded() {
        return 4.0 * pleats * pleat + 4.0 * frontPleats * frontPleat + 4 * box;
    }

    /** Returns what is left to be gathered; negative where darts and pleats take more than there is. */
    public double gathers() {
        return width() - neck - darts() - folded();
    }

    /** Returns the depth at which the pleats of both halves alone would bring it exactly to the neck. */
    public double exactPleat() {
        return pleats == 0 ? 0 : pleat + gathers() / (4.0 * pleats);
    }
}
