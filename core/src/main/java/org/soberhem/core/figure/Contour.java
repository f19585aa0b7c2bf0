package org.soberhem.core.figure;

import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;

/**
 * A smooth line over heights: through its knots, and never beyond them between two.
 *
 * @see "F. N. Fritsch, R. E. Carlson, Monotone Piecewise Cubic Interpolation, SIAM Journal on Numerical Analysis 17
 *     (1980); tangents by the harmonic mean of Fritsch and Butland (1984)"
 */
public final class Contour {

    private final double[] heights;
    private final double[] values;
    private final double[] slopes;

    private Contour(NavigableMap<Double, Double> knots) {
        int count = knots.size();
        heights = new double[count];
        values = new double[count];
        int next = 0;
        for (Map.Entry<Double, Double> knot : knots.entrySet()) {
            heights[next] = knot.getKey();
            values[next++] = knot.getValue();
        }
        slopes = slopes();
    }

    /** Returns the contour through values by height, in millimetres; at least one. */
    public static Contour through(Map<Double, Double> knots) {
        return new Contour(new TreeMap<>(knots));
    }

    private double[] slopes() {
        int last = heights.length - 1;
        double[] found = new double[heights.length];
        for (int i = 1; i < last; i++) {
            double before = rise(i - 1);
            double after = rise(i);
            if (before * after > 0) {
                double run = heights[i] - heights[i - 1];
                double next = heights[i + 1] - heights[i];
                double near = (2 * next + run) / (3 * (run + next));
                found[i] = before * after / (near * after + (1 - near) * before);
            }
        }
        if (last > 0) {
            found[0] = rise(0);
            found[last] = rise(last - 1);
        }
        return found;
    }

    private double rise(int from) {
        return (values[from + 1] - values[from]) / (heights[from + 1] - heights[from]);
    }

    /** Returns the value at a height; beyond the knots that of the nearest one. */
    public double at(double height) {
        int last = heights.length - 1;
        if (height <= heights[0]) {
            return values[0];
        }
        if (height >= heights[last]) {
            return values[last];
        }
        int from = 0;
        while (heights[from + 1] < height) {
            from++;
        }
        double run = heights[from + 1] - heights[from];
        double t = (height - heights[from]) / run;
        double back = 1 - t;
        return values[from] * (1 + 2 * t) * back * back
                + slopes[from] * run * t * back * back
                + values[from + 1] * t * t * (3 - 2 * t)
                - slopes[from + 1] * run * t * t * back;
    }

    /** Returns the lowest height that it is known at. */
    public double bottom() {
        return heights[0];
    }

    /** Returns the greatest height that it is known at. */
    public double top() {
        return heights[heights.length - 1];
    }
}
