package org.soberhem.core.cloth;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;

/**
 * A shape cut into rows along the cloth. Each row holds the stretches across the cloth that the shape touches anywhere
 * in it, rounded outward to whole millimetres: two rasters that do not share anything belong to shapes that do not
 * overlap.
 *
 * @param rows how many
 * @param first of each row, where its stretches begin in the two arrays; one more than rows
 * @param from left ends, in millimetres from the left edge of the shape's box
 * @param to right ends
 * @param width of the shape, in millimetres, rounded up
 * @param dx what brings the shape's outline to the raster's left edge
 * @param dy what brings it to its first row
 */
record Raster(int rows, int[] first, int[] from, int[] to, int width, double dx, double dy) {

    /** Less than this is rounding, in millimetres. */
    private static final double TINY = 1e-6;

    /**
     * Cuts a shape into rows.
     *
     * @param high height of a row, in millimetres
     * @param top where the first row begins
     * @param gap kept free to the right of it and beyond it
     */
    static Raster of(Outline shape, double high, double top, double gap) {
        Box box = shape.box();
        int rows = Math.max(1, (int) Math.ceil((box.maxY() + gap - top) / high - TINY));
        int[] first = new int[rows + 1];
        List<int[]> stretches = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (double[] each : within(shape, top + row * high - gap, top + (row + 1) * high)) {
                stretches.add(new int[] {
                    (int) Math.floor(each[0] - box.minX() + TINY), (int) Math.ceil(each[1] - box.minX() + gap - TINY)
                });
            }
            first[row + 1] = stretches.size();
        }
        int[] from = stretches.stream().mapToInt(each -> each[0]).toArray();
        int[] to = stretches.stream().mapToInt(each -> each[1]).toArray();
        return new Raster(rows, first, from, to, (int) Math.ceil(box.width() - TINY), -box.minX(), -top);
    }

    /** Returns what lies between two heights, as stretches across in order. */
    private static List<double[]> within(Outline shape, double above, double below) {
        List<double[]> found = new ArrayList<>();
        inside(shape, above + TINY, found);
        inside(shape, below - TINY, found);
        List<Point> corners = shape.corners();
        Point before = corners.get(corners.size() - 1);
        for (Point corner : corners) {
            edge(before, corner, above + TINY, below - TINY, found);
            before = corner;
        }
        found.sort(Comparator.comparingDouble(each -> each[0]));
        List<double[]> joined = new ArrayList<>();
        for (double[] each : found) {
            double[] last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
            if (last != null && each[0] <= last[1] + TINY) {
                last[1] = Math.max(last[1], each[1]);
            } else {
                joined.add(each);
            }
        }
        return joined;
    }

    private static void inside(Outline shape, double at, List<double[]> found) {
        List<Double> cuts = shape.cuts(new Point(0, at), new Point(1, 0));
        for (int i = 0; i + 1 < cuts.size(); i += 2) {
            found.add(new double[] {cuts.get(i), cuts.get(i + 1)});
        }
    }

    private static void edge(Point a, Point b, double above, double below, List<double[]> found) {
        double least = Math.min(a.y(), b.y());
        double most = Math.max(a.y(), b.y());
        if (most <= above || least >= below) {
            return;
        }
        double high = b.y() - a.y();
        double enter = high == 0 ? 0 : (Math.max(least, above) - a.y()) / high;
        double leave = high == 0 ? 1 : (Math.min(most, below) - a.y()) / high;
        double x = a.x() + (b.x() - a.x()) * enter;
        double other = a.x() + (b.x() - a.x()) * leave;
        found.add(new double[] {Math.min(x, other), Math.max(x, other)});
    }
}
