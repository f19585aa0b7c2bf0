package org.soberhem.library.stand;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.figure.Place;
import org.soberhem.core.plate.Mesh;

/**
 * Counts the sides of a surface that pierce a triangle which they have no corner in common with.
 *
 * @see "T. Möller, B. Trumbore, Fast, minimum storage ray/triangle intersection, Journal of Graphics Tools 2 (1997)"
 */
final class Crossings {

    private static final double CELL = 25;

    private final Mesh mesh;
    private final Map<List<Integer>, List<Integer>> cells = new HashMap<>();

    Crossings(Mesh mesh) {
        this.mesh = mesh;
        for (int i = 0; i < mesh.triangles().length; i += 3) {
            for (List<Integer> cell : cells(corner(i), corner(i + 1), corner(i + 2))) {
                cells.computeIfAbsent(cell, each -> new ArrayList<>()).add(i);
            }
        }
    }

    private Place corner(int place) {
        return mesh.place(mesh.triangles()[place]);
    }

    private static List<List<Integer>> cells(Place... places) {
        int[] least = {Integer.MAX_VALUE, Integer.MAX_VALUE, Integer.MAX_VALUE};
        int[] most = {Integer.MIN_VALUE, Integer.MIN_VALUE, Integer.MIN_VALUE};
        for (Place place : places) {
            double[] at = {place.x(), place.y(), place.z()};
            for (int k = 0; k < 3; k++) {
                least[k] = Math.min(least[k], (int) Math.floor(at[k] / CELL));
                most[k] = Math.max(most[k], (int) Math.floor(at[k] / CELL));
            }
        }
        List<List<Integer>> all = new ArrayList<>();
        for (int x = least[0]; x <= most[0]; x++) {
            for (int y = least[1]; y <= most[1]; y++) {
                for (int z = least[2]; z <= most[2]; z++) {
                    all.add(List.of(x, y, z));
                }
            }
        }
        return all;
    }

    int count() {
        int count = 0;
        int[] corners = mesh.triangles();
        for (int i = 0; i < corners.length; i += 3) {
            for (int k = 0; k < 3; k++) {
                int a = corners[i + k];
                int b = corners[i + (k + 1) % 3];
                if (a < b) {
                    count += pierced(a, b);
                }
            }
        }
        return count;
    }

    private int pierced(int a, int b) {
        int count = 0;
        List<Integer> met = new ArrayList<>();
        for (List<Integer> cell : cells(mesh.place(a), mesh.place(b))) {
            for (int triangle : cells.getOrDefault(cell, List.of())) {
                int[] corners = mesh.triangles();
                boolean shares = corners[triangle] == a
                        || corners[triangle + 1] == a
                        || corners[triangle + 2] == a
                        || corners[triangle] == b
                        || corners[triangle + 1] == b
                        || corners[triangle + 2] == b;
                if (!shares && !met.contains(triangle)) {
                    met.add(triangle);
                    count += pierces(mesh.place(a), mesh.place(b), triangle) ? 1 : 0;
                }
            }
        }
        return count;
    }

    private boolean pierces(Place from, Place to, int triangle) {
        double[] direction = minus(to, from);
        double[] one = minus(corner(triangle + 1), corner(triangle));
        double[] two = minus(corner(triangle + 2), corner(triangle));
        double[] p = cross(direction, two);
        double det = dot(one, p);
        if (Math.abs(det) < 1e-12) {
            return false;
        }
        double[] away = minus(from, corner(triangle));
        double u = dot(away, p) / det;
        double[] q = cross(away, one);
        double v = dot(direction, q) / det;
        double t = dot(two, q) / det;
        double eps = 1e-9;
        return u > eps && v > eps && u + v < 1 - eps && t > eps && t < 1 - eps;
    }

    private static double[] minus(Place a, Place b) {
        return new double[] {a.x() - b.x(), a.y() - b.y(), a.z() - b.z()};
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }
}
