package org.soberhem.core.drape;

import org.soberhem.core.worn.ClothMesh;

/**
 * The forces of cloth in its own plane: along weft and warp, and across their square; little against being pushed
 * together, since cloth gives way there.
 *
 * <p>Energy of a triangle: half its area times stiffness times strain squared, the strain being the length that a unit
 * of weft or warp has taken on, less one, and the cosine of the angle between both for shear.
 */
final class Membrane {

    /** Stiffness against being pushed together, as a share of that against being drawn. */
    private static final double PUSHED = 0.15;

    /** Cloth that is pushed together farther folds and resists no more. */
    private static final double FOLDS = 0.04;

    /** Shorter than this share of its length no thread is reckoned: as cloth may be put round a body at first. */
    private static final double CRUSHED = 0.4;

    private final int[] corners;
    private final double[] weft;
    private final double[] warp;
    private final double[] area;
    private final Halves halves;
    private final ClothKind cloth;

    /**
     * @param second which particles belong to the second half
     */
    Membrane(ClothMesh mesh, ClothKind cloth, boolean[] second) {
        this.cloth = cloth;
        int count = mesh.triangleCount();
        corners = new int[3 * count];
        weft = new double[3 * count];
        warp = new double[3 * count];
        area = new double[count];
        double[] flat = mesh.flat();
        for (int i = 0; i < count; i++) {
            int a = mesh.triangles()[3 * i];
            int b = mesh.triangles()[3 * i + 1];
            int c = mesh.triangles()[3 * i + 2];
            double bu = flat[2 * b] - flat[2 * a];
            double bv = flat[2 * b + 1] - flat[2 * a + 1];
            double cu = flat[2 * c] - flat[2 * a];
            double cv = flat[2 * c + 1] - flat[2 * a + 1];
            double twice = bu * cv - bv * cu;
            area[i] = Math.abs(twice) / 2;
            weft[3 * i + 1] = cv / twice;
            weft[3 * i + 2] = -bv / twice;
            weft[3 * i] = -weft[3 * i + 1] - weft[3 * i + 2];
            warp[3 * i + 1] = -cu / twice;
            warp[3 * i + 2] = bu / twice;
            warp[3 * i] = -warp[3 * i + 1] - warp[3 * i + 2];
            corners[3 * i] = mesh.particleOf()[a];
            corners[3 * i + 1] = mesh.particleOf()[b];
            corners[3 * i + 2] = mesh.particleOf()[c];
        }
        halves = Halves.of(corners, 3, second);
    }

    int count() {
        return area.length;
    }

    double area(int triangle) {
        return area[triangle];
    }

    int corner(int triangle, int which) {
        return corners[3 * triangle + which];
    }

    /** Adds the sums of the stiffness's rows, by which the steps that are stable are bounded. */
    void addStiffness(double[] rows) {
        for (int i = 0; i < area.length; i++) {
            double ofWeft = 0;
            double ofWarp = 0;
            for (int k = 0; k < 3; k++) {
                ofWeft += Math.abs(weft[3 * i + k]);
                ofWarp += Math.abs(warp[3 * i + k]);
            }
            for (int k = 0; k < 3; k++) {
                double u = Math.abs(weft[3 * i + k]);
                double v = Math.abs(warp[3 * i + k]);
                rows[corners[3 * i + k]] += area[i]
                        * (cloth.drawn().weft() * u * ofWeft
                                + cloth.drawn().warp() * v * ofWarp
                                + cloth.drawn().shear() * (u + v) * (ofWeft + ofWarp));
            }
        }
    }

    /** Adds the forces of a part of the triangles. */
    void addForces(double[] x, double[] force, int part) {
        double[] u = new double[3];
        double[] v = new double[3];
        for (int place = halves.from(part); place < halves.ends()[part]; place++) {
            int i = halves.order()[place];
            across(x, i, weft, u);
            across(x, i, warp, v);
            double along = Math.max(CRUSHED, length(u));
            double upward = Math.max(CRUSHED, length(v));
            double stretchWeft = -area[i] * drawn(cloth.drawn().weft(), along - 1) / along;
            double stretchWarp = -area[i] * drawn(cloth.drawn().warp(), upward - 1) / upward;
            double slant = (u[0] * v[0] + u[1] * v[1] + u[2] * v[2]) / (along * upward);
            double shear = -area[i] * cloth.drawn().shear() * slant;
            double both = shear / (along * upward);
            double ownWeft = stretchWeft - shear * slant / (along * along);
            double ownWarp = stretchWarp - shear * slant / (upward * upward);
            for (int k = 0; k < 3; k++) {
                int at = 3 * corners[3 * i + k];
                double byWeft = weft[3 * i + k] * ownWeft + warp[3 * i + k] * both;
                double byWarp = warp[3 * i + k] * ownWarp + weft[3 * i + k] * both;
                force[at] += byWeft * u[0] + byWarp * v[0];
                force[at + 1] += byWeft * u[1] + byWarp * v[1];
                force[at + 2] += byWeft * u[2] + byWarp * v[2];
            }
        }
    }

    private static double drawn(double stiffness, double strain) {
        return strain >= 0 ? stiffness * strain : PUSHED * stiffness * Math.max(-FOLDS, strain);
    }

    /** Finds where a unit of weft or warp goes in space. */
    private void across(double[] x, int triangle, double[] gradients, double[] to) {
        to[0] = 0;
        to[1] = 0;
        to[2] = 0;
        for (int k = 0; k < 3; k++) {
            int at = 3 * corners[3 * triangle + k];
            double by = gradients[3 * triangle + k];
            to[0] += by * x[at];
            to[1] += by * x[at + 1];
            to[2] += by * x[at + 2];
        }
    }

    /** Finds the direction in space of a triangle's weft, or of its warp; with length 1. */
    void along(double[] x, int triangle, boolean ofWeft, double[] to) {
        across(x, triangle, ofWeft ? weft : warp, to);
        double length = length(to);
        for (int k = 0; k < 3; k++) {
            to[k] /= length;
        }
    }

    private static double length(double[] a) {
        return Math.max(1e-6, Math.sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]));
    }

    /**
     * Finds how a triangle is drawn.
     *
     * @param found takes the strain along weft and warp, and the shear
     */
    void strain(double[] x, int triangle, double[] found) {
        double[] u = new double[3];
        double[] v = new double[3];
        across(x, triangle, weft, u);
        across(x, triangle, warp, v);
        found[0] = length(u) - 1;
        found[1] = length(v) - 1;
        found[2] = (u[0] * v[0] + u[1] * v[1] + u[2] * v[2]) / (length(u) * length(v));
    }
}
