package org.soberhem.core.drape;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.worn.ClothMesh;

/**
 * The forces of cloth that is bent, over every side that two triangles share, across seams as well; flat is at rest.
 *
 * <p>Energy of a side: half the stiffness over the area of both triangles times the square of the sum of their corners,
 * each with a weight that depends on the flat piece alone. The forces are linear.
 *
 * @see "M. Bergou, M. Wardetzky, D. Harmon, D. Zorin, E. Grinspun, A quadratic bending model for inextensible surfaces,
 *     Eurographics Symposium on Geometry Processing 2006; with one times, not three times, the stiffness over the area,
 *     which is what a cylinder of even triangles asks for"
 */
final class Bending {

    /** A triangle with a sharper angle than this one, as a cotangent, does not bend at its sides. */
    private static final double SLIVER = 8;

    private final int[] corners;
    private final double[] weights;
    private final double[] stiffness;
    private final Halves halves;

    /** A triangle's side, as it was cut. */
    private record Flap(int triangle, int from, int to, int tip, int tipVertex) {}

    Bending(ClothMesh mesh, ClothKind cloth, boolean[] second) {
        Map<Long, List<Flap>> sides = sides(mesh);
        List<Flap[]> hinges = new ArrayList<>();
        for (List<Flap> flaps : sides.values()) {
            if (flaps.size() == 2 && flaps.get(0).tip() != flaps.get(1).tip()) {
                hinges.add(new Flap[] {flaps.get(0), flaps.get(1)});
            }
        }
        hinges.sort((a, b) -> Integer.compare(
                Math.min(a[0].triangle(), a[1].triangle()) * 3 + a[0].tip() % 3,
                Math.min(b[0].triangle(), b[1].triangle()) * 3 + b[0].tip() % 3));
        corners = new int[4 * hinges.size()];
        weights = new double[4 * hinges.size()];
        stiffness = new double[hinges.size()];
        for (int i = 0; i < hinges.size(); i++) {
            put(mesh, cloth, i, hinges.get(i)[0], hinges.get(i)[1]);
        }
        halves = Halves.of(corners, 4, second);
    }

    private static Map<Long, List<Flap>> sides(ClothMesh mesh) {
        Map<Long, List<Flap>> sides = new HashMap<>();
        for (int i = 0; i < mesh.triangleCount(); i++) {
            for (int k = 0; k < 3; k++) {
                int from = mesh.triangles()[3 * i + k];
                int to = mesh.triangles()[3 * i + (k + 1) % 3];
                int tip = mesh.triangles()[3 * i + (k + 2) % 3];
                int one = mesh.particleOf()[from];
                int other = mesh.particleOf()[to];
                long key = (long) Math.min(one, other) << 32 | Math.max(one, other);
                Flap flap = one < other
                        ? new Flap(i, from, to, mesh.particleOf()[tip], tip)
                        : new Flap(i, to, from, mesh.particleOf()[tip], tip);
                sides.computeIfAbsent(key, side -> new ArrayList<>()).add(flap);
            }
        }
        return sides;
    }

    private void put(ClothMesh mesh, ClothKind cloth, int hinge, Flap one, Flap other) {
        double oneFrom = cotangent(mesh, one.from(), one.to(), one.tipVertex());
        double oneTo = cotangent(mesh, one.to(), one.from(), one.tipVertex());
        double otherFrom = cotangent(mesh, other.from(), other.to(), other.tipVertex());
        double otherTo = cotangent(mesh, other.to(), other.from(), other.tipVertex());
        corners[4 * hinge] = mesh.particleOf()[one.from()];
        corners[4 * hinge + 1] = mesh.particleOf()[one.to()];
        corners[4 * hinge + 2] = one.tip();
        corners[4 * hinge + 3] = other.tip();
        weights[4 * hinge] = oneTo + otherTo;
        weights[4 * hinge + 1] = oneFrom + otherFrom;
        weights[4 * hinge + 2] = -oneFrom - oneTo;
        weights[4 * hinge + 3] = -otherFrom - otherTo;
        double across = mesh.flat()[2 * one.to()] - mesh.flat()[2 * one.from()];
        double along = mesh.flat()[2 * one.to() + 1] - mesh.flat()[2 * one.from() + 1];
        // A side along the weft bends the warp.
        double shareOfWarp = across * across / Math.max(1e-12, across * across + along * along);
        stiffness[hinge] = (cloth.bent().warp() * shareOfWarp + cloth.bent().weft() * (1 - shareOfWarp))
                / (mesh.area(one.triangle()) + mesh.area(other.triangle()));
        double sharpest = Math.max(
                Math.max(Math.abs(oneFrom), Math.abs(oneTo)), Math.max(Math.abs(otherFrom), Math.abs(otherTo)));
        if (sharpest > SLIVER) {
            stiffness[hinge] = 0;
        }
    }

    /** Returns the cotangent of the angle at a corner. */
    private static double cotangent(ClothMesh mesh, int at, int one, int other) {
        double[] flat = mesh.flat();
        double ux = flat[2 * one] - flat[2 * at];
        double uy = flat[2 * one + 1] - flat[2 * at + 1];
        double vx = flat[2 * other] - flat[2 * at];
        double vy = flat[2 * other + 1] - flat[2 * at + 1];
        double cross = Math.abs(ux * vy - uy * vx);
        return (ux * vx + uy * vy) / Math.max(1e-9, cross);
    }

    /** Adds the sums of the stiffness's rows. */
    void addStiffness(double[] rows) {
        for (int i = 0; i < stiffness.length; i++) {
            double sum = 0;
            for (int k = 0; k < 4; k++) {
                sum += Math.abs(weights[4 * i + k]);
            }
            for (int k = 0; k < 4; k++) {
                rows[corners[4 * i + k]] += stiffness[i] * Math.abs(weights[4 * i + k]) * sum;
            }
        }
    }

    /** Adds the forces of a part of the sides. */
    void addForces(double[] x, double[] force, int part) {
        for (int place = halves.from(part); place < halves.ends()[part]; place++) {
            int i = 4 * halves.order()[place];
            int a = 3 * corners[i];
            int b = 3 * corners[i + 1];
            int c = 3 * corners[i + 2];
            int d = 3 * corners[i + 3];
            for (int k = 0; k < 3; k++) {
                double bent = weights[i] * x[a + k]
                        + weights[i + 1] * x[b + k]
                        + weights[i + 2] * x[c + k]
                        + weights[i + 3] * x[d + k];
                double by = -stiffness[i / 4] * bent;
                force[a + k] += by * weights[i];
                force[b + k] += by * weights[i + 1];
                force[c + k] += by * weights[i + 2];
                force[d + k] += by * weights[i + 3];
            }
        }
    }
}
