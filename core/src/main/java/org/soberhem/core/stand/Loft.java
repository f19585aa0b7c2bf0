package org.soberhem.core.stand;

import org.soberhem.core.figure.Place;

/**
 * A surface through control rings: uniform cubic B-splines along them, so that it is smooth to the second order. The
 * rings draw it towards them; it does not pass through them.
 *
 * @see "C. de Boor, A Practical Guide to Splines, 1978, chapter IX"
 */
final class Loft {

    private Loft() {}

    /** Makes one place of a row in which a surface ends: the rings about it leave it such but for rounding. */
    static void pole(SurfaceGrid surface, int row) {
        Place middle = TrunkSurface.mix(surface.place(row, Angles.LEFT), surface.place(row, Angles.RIGHT), 0.5);
        for (int column = 0; column < surface.columns(); column++) {
            surface.put(row, column, middle.x(), middle.y(), middle.z());
        }
    }

    /**
     * Returns the surface from the second ring to the last but one.
     *
     * @param rings control rings from below upwards, at least four of them
     * @param spans rows between each two rings
     */
    static SurfaceGrid surface(SurfaceGrid rings, int spans) {
        return surface(rings, spans, rings.rows(), spans);
    }

    /**
     * Returns the same with another number of rows from one ring on.
     *
     * @param from the first ring above which there are fewer rows
     * @param above rows between each two rings from there on
     */
    static SurfaceGrid surface(SurfaceGrid rings, int spans, int from, int above) {
        int between = rings.rows() - 3;
        int fine = Math.min(between, from - 1);
        SurfaceGrid surface = new SurfaceGrid(fine * spans + (between - fine) * above + 1, rings.columns());
        int width = 3 * rings.columns();
        double[] in = rings.at();
        double[] to = surface.at();
        for (int row = 0; row < surface.rows(); row++) {
            boolean low = row <= fine * spans;
            int span = Math.min(low ? row / spans : fine + (row - fine * spans) / above, between - 1);
            double t = low || span < fine
                    ? (row - span * spans) / (double) spans
                    : (row - fine * spans - (span - fine) * above) / (double) above;
            if (low && span == fine) {
                t = 0;
            }
            double u = 1 - t;
            double a = u * u * u / 6;
            double d = t * t * t / 6;
            double b = (3 * t * t * t - 6 * t * t + 4) / 6;
            double c = (3 * u * u * u - 6 * u * u + 4) / 6;
            int first = span * width;
            int out = row * width;
            for (int i = 0; i < width; i++) {
                to[out + i] = a * in[first + i]
                        + b * in[first + width + i]
                        + c * in[first + 2 * width + i]
                        + d * in[first + 3 * width + i];
            }
        }
        return surface;
    }
}
