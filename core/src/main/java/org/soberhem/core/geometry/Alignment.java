package org.soberhem.core.geometry;

import java.util.List;
import org.locationtech.jts.math.Matrix;

/**
 * A plane laid on another by places marked on both.
 *
 * <p>By shift, turn and scale it is the least-squares similarity, whose closed form in complex numbers is S. Umeyama,
 * 1991, "Least-squares estimation of transformation parameters between two point patterns", IEEE Transactions on
 * Pattern Analysis and Machine Intelligence 13 (4), in the plane and without mirroring. By perspective it is the direct
 * linear solution for the eight numbers of a homography whose ninth is 1, on places shifted to their mean and scaled to
 * a mean distance of √2: R. Hartley, 1997, "In defense of the eight-point algorithm", same journal, 19 (6). Both from
 * memory.
 */
public final class Alignment {

    /** Places nearer to one line than this share of their extent do not hold a perspective. */
    private static final double FLAT = 0.02;

    private final double[] h;

    private Alignment(double[] h) {
        this.h = h;
    }

    /**
     * Returns the shift, turn and scale that lays some places on others, with the least squares of what is left.
     *
     * @param from places on the one, at least two that are apart
     * @param to the same on the other
     * @throws IllegalArgumentException if they do not determine it; the message says why
     */
    public static Alignment similar(List<Point> from, List<Point> to) {
        require(from, to, 2, "shift, turn and scale");
        Point a = mean(from);
        Point b = mean(to);
        double real = 0;
        double turned = 0;
        double size = 0;
        for (int i = 0; i < from.size(); i++) {
            Point p = from.get(i).minus(a);
            Point q = to.get(i).minus(b);
            real += p.dot(q);
            turned += p.cross(q);
            size += p.dot(p);
        }
        if (size < 1e-9 || Math.hypot(real, turned) < 1e-9 * size) {
            throw new IllegalArgumentException("Two marked places lie on one spot: mark places that are far apart");
        }
        double c = real / size;
        double s = turned / size;
        return new Alignment(
                new double[] {c, -s, b.x() - c * a.x() + s * a.y(), s, c, b.y() - s * a.x() - c * a.y(), 0, 0});
    }

    /**
     * Returns the perspective that lays some places on others.
     *
     * @param from places on the one, at least four, no three of the first four in line
     * @param to the same on the other
     * @throws IllegalArgumentException if they do not determine it; the message says why
     */
    public static Alignment perspective(List<Point> from, List<Point> to) {
        require(from, to, 4, "perspective");
        if (isFlat(from) || isFlat(to)) {
            throw new IllegalArgumentException(
                    "The marked places lie nearly in one line: mark four that span the picture like its corners");
        }
        double[] source = norm(from);
        double[] target = norm(to);
        double[][] normal = new double[8][8];
        double[] right = new double[8];
        for (int i = 0; i < from.size(); i++) {
            double x = (from.get(i).x() - source[0]) * source[2];
            double y = (from.get(i).y() - source[1]) * source[2];
            double u = (to.get(i).x() - target[0]) * target[2];
            double v = (to.get(i).y() - target[1]) * target[2];
            add(normal, right, new double[] {x, y, 1, 0, 0, 0, -x * u, -y * u}, u);
            add(normal, right, new double[] {0, 0, 0, x, y, 1, -x * v, -y * v}, v);
        }
        double[] solved = Matrix.solve(normal, right);
        if (solved == null) {
            throw new IllegalArgumentException(
                    "The marked places do not hold a perspective: mark four of which no three lie in line");
        }
        return new Alignment(unscaled(solved, source, target));
    }

    private static void require(List<Point> from, List<Point> to, int least, String what) {
        if (from.size() != to.size()) {
            throw new IllegalArgumentException("Places must be marked on both: " + from.size() + " and " + to.size());
        }
        if (from.size() < least) {
            throw new IllegalArgumentException("To align by " + what + ", " + least
                    + " places must be marked on both pictures: " + from.size() + " are");
        }
    }

    private static Point mean(List<Point> points) {
        Point sum = Point.ORIGIN;
        for (Point point : points) {
            sum = sum.plus(point);
        }
        return sum.times(1.0 / points.size());
    }

    private static boolean isFlat(List<Point> points) {
        Point mean = mean(points);
        double xx = 0;
        double xy = 0;
        double yy = 0;
        for (Point point : points) {
            Point away = point.minus(mean);
            xx += away.x() * away.x();
            xy += away.x() * away.y();
            yy += away.y() * away.y();
        }
        double middle = (xx + yy) / 2;
        double apart = Math.hypot((xx - yy) / 2, xy);
        return !(middle - apart > FLAT * FLAT * (middle + apart));
    }

    /** Mean and factor that bring places to a mean distance of √2. */
    private static double[] norm(List<Point> points) {
        Point mean = mean(points);
        double away = points.stream().mapToDouble(mean::distanceTo).average().orElseThrow();
        return new double[] {mean.x(), mean.y(), Math.sqrt(2) / away};
    }

    private static void add(double[][] normal, double[] right, double[] row, double value) {
        for (int i = 0; i < row.length; i++) {
            for (int j = 0; j < row.length; j++) {
                normal[i][j] += row[i] * row[j];
            }
            right[i] += row[i] * value;
        }
    }

    private static double[] unscaled(double[] n, double[] source, double[] target) {
        double[][] inner = {{n[0], n[1], n[2]}, {n[3], n[4], n[5]}, {n[6], n[7], 1}};
        double s = source[2];
        double[][] in = {{s, 0, -s * source[0]}, {0, s, -s * source[1]}, {0, 0, 1}};
        double t = 1 / target[2];
        double[][] out = {{t, 0, target[0]}, {0, t, target[1]}, {0, 0, 1}};
        double[][] whole = times(out, times(inner, in));
        double last = whole[2][2];
        if (Math.abs(last) < 1e-12) {
            throw new IllegalArgumentException(
                    "The marked places are seen too steeply: take the picture more from the front");
        }
        double[] h = new double[8];
        for (int i = 0; i < 8; i++) {
            h[i] = whole[i / 3][i % 3] / last;
        }
        return h;
    }

    private static double[][] times(double[][] a, double[][] b) {
        double[][] product = new double[3][3];
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                for (int k = 0; k < 3; k++) {
                    product[i][j] += a[i][k] * b[k][j];
                }
            }
        }
        return product;
    }

    /** Returns where a place of the one comes to lie on the other. */
    public Point of(Point point) {
        double w = h[6] * point.x() + h[7] * point.y() + 1;
        return new Point(
                (h[0] * point.x() + h[1] * point.y() + h[2]) / w, (h[3] * point.x() + h[4] * point.y() + h[5]) / w);
    }

    /** Returns the alignment the other way round. */
    public Alignment inverse() {
        double a = h[4] - h[5] * h[7];
        double b = h[2] * h[7] - h[1];
        double c = h[1] * h[5] - h[2] * h[4];
        double d = h[5] * h[6] - h[3];
        double e = h[0] - h[2] * h[6];
        double f = h[2] * h[3] - h[0] * h[5];
        double g = h[3] * h[7] - h[4] * h[6];
        double k = h[1] * h[6] - h[0] * h[7];
        double last = h[0] * h[4] - h[1] * h[3];
        return new Alignment(
                new double[] {a / last, b / last, c / last, d / last, e / last, f / last, g / last, k / last});
    }

    /** Returns the eight numbers of its matrix, row by row; the ninth is 1. */
    public double[] matrix() {
        return h.clone();
    }
}
