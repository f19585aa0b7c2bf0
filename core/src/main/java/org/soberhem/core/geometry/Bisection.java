package org.soberhem.core.geometry;

import java.util.function.DoublePredicate;

/** Finds where something changes between two numbers, by halving. */
public final class Bisection {

    private Bisection() {}

    /**
     * Returns the number at which a predicate turns from true to false.
     *
     * @param low a number at which it is true, or nearly
     * @param high a number at which it is false; above or below {@code low}
     * @param rounds how often the stretch is halved: the error is at most the stretch divided by two to this power
     * @param isBefore whether a number lies on the side of {@code low}
     */
    public static double between(double low, double high, int rounds, DoublePredicate isBefore) {
        double before = low;
        double after = high;
        for (int round = 0; round < rounds; round++) {
            double middle = (before + after) / 2;
            if (isBefore.test(middle)) {
                before = middle;
            } else {
                after = middle;
            }
        }
        return (before + after) / 2;
    }
}
