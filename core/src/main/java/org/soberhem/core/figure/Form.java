package org.soberhem.core.figure;

import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;

/**
 * A standing shape between two heights: how far it reaches to the wearer's right and left of the middle, and before and
 * behind the ankles. All in millimetres.
 *
 * @param right to the wearer's right, positive
 * @param left to the wearer's left, positive
 * @param fore forward of the ankles
 * @param aft behind the ankles, positive
 */
public record Form(Contour right, Contour left, Contour fore, Contour aft) {

    /** Collects a form's knots. */
    public static final class Maker {
        private final TreeMap<Double, Double> right = new TreeMap<>();
        private final TreeMap<Double, Double> left = new TreeMap<>();
        private final TreeMap<Double, Double> fore = new TreeMap<>();
        private final TreeMap<Double, Double> aft = new TreeMap<>();

        /** Adds how far it reaches to the right and to the left. */
        public Maker sides(double height, double toTheRight, double toTheLeft) {
            right.put(height, toTheRight);
            left.put(height, toTheLeft);
            return this;
        }

        Maker right(double height, double reach) {
            right.put(height, reach);
            return this;
        }

        Maker left(double height, double reach) {
            left.put(height, reach);
            return this;
        }

        /** Adds how far it reaches before and behind the ankles. */
        public Maker depth(double height, double forward, double behind) {
            fore.put(height, forward);
            aft.put(height, behind);
            return this;
        }

        Maker fore(double height, double reach) {
            fore.put(height, reach);
            return this;
        }

        Maker aft(double height, double reach) {
            aft.put(height, reach);
            return this;
        }

        /** Returns the form through what was collected. */
        public Form made() {
            return new Form(Contour.through(right), Contour.through(left), Contour.through(fore), Contour.through(aft));
        }
    }

    public double breadth(double height) {
        return right.at(height) + left.at(height);
    }

    public double depth(double height) {
        return fore.at(height) + aft.at(height);
    }

    /** Returns the girth of the oval that is so broad and so deep. */
    public double girth(double height) {
        return CrossSection.perimeter(breadth(height) / 2, depth(height) / 2);
    }

    /** Returns the height between two where something is greatest, in steps of a hundredth. */
    public static double highest(DoubleUnaryOperator of, double from, double to) {
        double best = from;
        for (int i = 1; i <= 100; i++) {
            double height = from + (to - from) * i / 100;
            if (of.applyAsDouble(height) > of.applyAsDouble(best)) {
                best = height;
            }
        }
        return best;
    }
}
