package org.soberhem.core.plate;

import java.util.Arrays;
import java.util.stream.IntStream;
import org.soberhem.core.figure.Place;

/**
 * How far places lie from a closed surface, outside positive and inside negative: known on a grid near the surface,
 * between
 * its places even. Millimetres.
 *
 * @see "J. A. Bærentzen, H. Aanæs, Signed distance computation using the angle weighted pseudonormal, IEEE
 *      Transactions on
 *     Visualization and Computer Graphics 11 (2005); here with the normal of the nearest triangle, smoothed over it"
 */
public final class DistanceField {

    /** Side of a grid's cube. */
    public static final double CUBE = 5;

    private static final int SLAB = 8;

    private final Mesh mesh;
    private final double[] normals;
    private final double band;
    private final double[] least = new double[3];
    private final int[] size = new int[3];
    private final float[] nearest;

    /**
     * @param mesh a closed surface
     * @param band how far from it distances are known
     */
    public DistanceField(Mesh mesh, double band) {
        this(mesh, band, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }

    /**
     * @param mesh a closed surface
     * @param band how far from it distances are known
     * @param lowest what lies below this height is left out, millimetres
     * @param highest what lies above this height is left out
     */
    public DistanceField(Mesh mesh, double band, double lowest, double highest) {
        this.mesh = mesh;
        this.band = band;
        this.normals = mesh.normals();
        double[] most = new double[3];
        Arrays.fill(least, Double.MAX_VALUE);
        Arrays.fill(most, -Double.MAX_VALUE);
        for (int i = 0; i < mesh.places().length; i++) {
            least[i % 3] = Math.min(least[i % 3], mesh.places()[i]);
            most[i % 3] = Math.max(most[i % 3], mesh.places()[i]);
        }
        least[1] = Math.max(least[1], lowest);
        most[1] = Math.min(most[1], highest);
        for (int k = 0; k < 3; k++) {
            least[k] -= band + CUBE;
            size[k] = (int) Math.ceil((most[k] + band + CUBE - least[k]) / CUBE) + 1;
        }
        nearest = new float[size[0] * size[1] * size[2]];
        Arrays.fill(nearest, Float.NaN);
        // Each slab is written by one thread, in the order of the triangles: the same for any number of threads.
        int slabs = (size[0] + SLAB - 1) / SLAB;
        IntStream.range(0, slabs).parallel().forEach(slab -> {
            for (int i = 0; i < mesh.triangles().length; i += 3) {
                spread(i, slab * SLAB, Math.min(size[0], (slab + 1) * SLAB) - 1);
            }
        });
    }

    /** Writes a triangle's distance to the grid's places about it, in a slab of the grid. */
    private void spread(int triangle, int firstX, int lastX) {
        double[][] corners = new double[3][];
        int[] from = new int[3];
        int[] to = new int[3];
        for (int k = 0; k < 3; k++) {
            corners[k] = coordinates(mesh.triangles()[triangle + k]);
        }
        for (int k = 0; k < 3; k++) {
            double low = Math.min(corners[0][k], Math.min(corners[1][k], corners[2][k])) - band;
            double high = Math.max(corners[0][k], Math.max(corners[1][k], corners[2][k])) + band;
            from[k] = Math.max(0, (int) Math.ceil((low - least[k]) / CUBE));
            to[k] = Math.min(size[k] - 1, (int) Math.floor((high - least[k]) / CUBE));
        }
        double[] plane = plane(corners);
        double[] at = new double[3];
        for (int x = Math.max(firstX, from[0]); x <= Math.min(lastX, to[0]); x++) {
            at[0] = least[0] + x * CUBE;
            for (int y = from[1]; y <= to[1]; y++) {
                at[1] = least[1] + y * CUBE;
                for (int z = from[2]; z <= to[2]; z++) {
                    at[2] = least[2] + z * CUBE;
                    int i = (x * size[1] + y) * size[2] + z;
                    double off = Math.abs(plane[0] * at[0] + plane[1] * at[1] + plane[2] * at[2] - plane[3]);
                    if (off > band || off > Math.abs(nearest[i])) {
                        continue;
                    }
                    float own = (float) signed(at, corners, triangle);
                    if (Math.abs(own) <= band && !(Math.abs(nearest[i]) <= Math.abs(own))) {
                        nearest[i] = own;
                    }
                }
            }
        }
    }

    /** Returns the unit normal of a triangle and how far its plane lies from the origin. */
    private static double[] plane(double[][] corners) {
        double[] u = minus(corners[1], corners[0]);
        double[] v = minus(corners[2], corners[0]);
        double[] n = {u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]};
        double length = Math.max(1e-300, Math.sqrt(dot(n, n)));
        double[] unit = {n[0] / length, n[1] / length, n[2] / length};
        return new double[] {unit[0], unit[1], unit[2], dot(unit, corners[0])};
    }

    private double[] coordinates(int place) {
        return Arrays.copyOfRange(mesh.places(), 3 * place, 3 * place + 3);
    }

    /** Returns the distance from a triangle, with the side on which its smoothed normal there has the place. */
    private double signed(double[] at, double[][] corners, int triangle) {
        double[] weights = closest(at, corners[0], corners[1], corners[2]);
        double distance = 0;
        double side = 0;
        for (int k = 0; k < 3; k++) {
            double on = 0;
            double normal = 0;
            for (int corner = 0; corner < 3; corner++) {
                on += weights[corner] * corners[corner][k];
                normal += weights[corner] * normals[3 * mesh.triangles()[triangle + corner] + k];
            }
            distance += (at[k] - on) * (at[k] - on);
            side += (at[k] - on) * normal;
        }
        return Math.copySign(Math.sqrt(distance), side);
    }

    /**
     * Returns the weights of the corners of a triangle at its place nearest to another.
     *
     * @see "C. Ericson, Real-Time Collision Detection, 2005, section 5.1.5"
     */
    static double[] closest(double[] p, double[] a, double[] b, double[] c) {
        double[] ab = minus(b, a);
        double[] ac = minus(c, a);
        double[] ap = minus(p, a);
        double d1 = dot(ab, ap);
        double d2 = dot(ac, ap);
        if (d1 <= 0 && d2 <= 0) {
            return new double[] {1, 0, 0};
        }
        double[] bp = minus(p, b);
        double d3 = dot(ab, bp);
        double d4 = dot(ac, bp);
        if (d3 >= 0 && d4 <= d3) {
            return new double[] {0, 1, 0};
        }
        double vc = d1 * d4 - d3 * d2;
        if (vc <= 0 && d1 >= 0 && d3 <= 0) {
            double v = d1 / (d1 - d3);
            return new double[] {1 - v, v, 0};
        }
        double[] cp = minus(p, c);
        double d5 = dot(ab, cp);
        double d6 = dot(ac, cp);
        if (d6 >= 0 && d5 <= d6) {
            return new double[] {0, 0, 1};
        }
        double vb = d5 * d2 - d1 * d6;
        if (vb <= 0 && d2 >= 0 && d6 <= 0) {
            double w = d2 / (d2 - d6);
            return new double[] {1 - w, 0, w};
        }
        double va = d3 * d6 - d5 * d4;
        if (va <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0) {
            double w = (d4 - d3) / (d4 - d3 + d5 - d6);
            return new double[] {0, 1 - w, w};
        }
        double whole = va + vb + vc;
        return new double[] {va / whole, vb / whole, vc / whole};
    }

    private static double[] minus(double[] a, double[] b) {
        return new double[] {a[0] - b[0], a[1] - b[1], a[2] - b[2]};
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    /** Returns how far a place lies outside the surface, less than nothing inside; NaN where that is not known. */
    public double at(Place place) {
        double[] found = new double[4];
        return at(place.x(), place.y(), place.z(), found) ? found[0] : Double.NaN;
    }

    /**
     * Finds how far a place lies outside the surface, and in which direction that grows.
     *
     * @param found takes the distance and the direction's three coordinates, which has length 1
     * @return whether it is known
     */
    public boolean at(double x, double y, double z, double[] found) {
        double inX = (x - least[0]) / CUBE;
        double inY = (y - least[1]) / CUBE;
        double inZ = (z - least[2]) / CUBE;
        int i = (int) Math.floor(inX);
        int j = (int) Math.floor(inY);
        int k = (int) Math.floor(inZ);
        if (i < 0 || j < 0 || k < 0 || i >= size[0] - 1 || j >= size[1] - 1 || k >= size[2] - 1) {
            return false;
        }
        double u = inX - i;
        double v = inY - j;
        double w = inZ - k;
        int at = (i * size[1] + j) * size[2] + k;
        int right = size[1] * size[2];
        int up = size[2];
        double a = nearest[at];
        double b = nearest[at + 1];
        double c = nearest[at + up];
        double d = nearest[at + up + 1];
        double e = nearest[at + right];
        double f = nearest[at + right + 1];
        double g = nearest[at + right + up];
        double h = nearest[at + right + up + 1];
        double low = (a + w * (b - a)) * (1 - v) + (c + w * (d - c)) * v;
        double high = (e + w * (f - e)) * (1 - v) + (g + w * (h - g)) * v;
        double distance = low + u * (high - low);
        if (Double.isNaN(distance)) {
            return false;
        }
        double dx = high - low;
        double dy = (c - a + w * (d - c - b + a)) * (1 - u) + (g - e + w * (h - g - f + e)) * u;
        double dz = ((b - a) * (1 - v) + (d - c) * v) * (1 - u) + ((f - e) * (1 - v) + (h - g) * v) * u;
        double length = Math.max(1e-9, Math.sqrt(dx * dx + dy * dy + dz * dz));
        found[0] = distance;
        found[1] = dx / length;
        found[2] = dy / length;
        found[3] = dz / length;
        return true;
    }
}
