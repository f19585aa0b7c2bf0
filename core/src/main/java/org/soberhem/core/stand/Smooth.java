package org.soberhem.core.stand;

/** Transitions that are smooth to the second order. */
final class Smooth {

    private Smooth() {}

    /** Rises from 0 at 0 to 1 at 1, and stays what it is before and beyond. */
    static double step(double t) {
        double s = Math.max(0, Math.min(1, t));
        return s * s * s * (s * (6 * s - 15) + 10);
    }
}
