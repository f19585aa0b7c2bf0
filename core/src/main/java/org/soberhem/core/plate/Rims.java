package org.soberhem.core.plate;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.figure.Place;

/**
 * The lines along which a surface turns away from the viewer: where the smoothed normal is square to the view.
 *
 * @see "A. Hertzmann, D. Zorin, Illustrating smooth surfaces, SIGGRAPH 2000"
 */
final class Rims {

    private Rims() {}

    /** Returns the rims of a surface as lines in space. */
    static List<List<Place>> of(Mesh mesh, double[] axes) {
        double[] normals = mesh.normals();
        double[] facing = new double[mesh.placeCount()];
        for (int i = 0; i < facing.length; i++) {
            facing[i] = axes[6] * normals[3 * i] + axes[7] * normals[3 * i + 1] + axes[8] * normals[3 * i + 2];
            facing[i] = facing[i] == 0 ? 1e-12 : facing[i];
        }
        Map<Long, Long> one = new HashMap<>();
        Map<Long, Long> other = new HashMap<>();
        int[] triangles = mesh.triangles();
        for (int i = 0; i < triangles.length; i += 3) {
            long first = -1;
            for (int k = 0; k < 3; k++) {
                int a = triangles[i + k];
                int b = triangles[i + (k + 1) % 3];
                if (facing[a] > 0 != facing[b] > 0) {
                    long side = side(a, b);
                    if (first < 0) {
                        first = side;
                    } else {
                        join(one, other, first, side);
                        join(one, other, side, first);
                    }
                }
            }
        }
        return chains(mesh, facing, one, other);
    }

    private static void join(Map<Long, Long> one, Map<Long, Long> other, long from, long to) {
        if (one.putIfAbsent(from, to) != null) {
            other.put(from, to);
        }
    }

    private static long side(int a, int b) {
        return (long) Math.min(a, b) << 32 | Math.max(a, b);
    }

    private static List<List<Place>> chains(Mesh mesh, double[] facing, Map<Long, Long> one, Map<Long, Long> other) {
        List<List<Place>> chains = new ArrayList<>();
        List<Long> starts = one.keySet().stream().sorted().toList();
        for (long start : starts) {
            if (!one.containsKey(start)) {
                continue;
            }
            Deque<Place> chain = new ArrayDeque<>();
            chain.add(place(mesh, facing, start));
            Long ahead = one.remove(start);
            Long behind = other.remove(start);
            follow(mesh, facing, one, other, start, ahead, chain, true);
            if (behind != null && one.containsKey(behind)) {
                follow(mesh, facing, one, other, start, behind, chain, false);
            }
            chains.add(new ArrayList<>(chain));
        }
        return chains;
    }

    private static void follow(
            Mesh mesh,
            double[] facing,
            Map<Long, Long> one,
            Map<Long, Long> other,
            long start,
            Long first,
            Deque<Place> chain,
            boolean ahead) {
        long before = start;
        Long at = first;
        while (at != null) {
            Place place = place(mesh, facing, at);
            if (ahead) {
                chain.addLast(place);
            } else {
                chain.addFirst(place);
            }
            Long a = one.remove(at);
            Long b = other.remove(at);
            Long next = a != null && a != before ? a : b;
            before = at;
            at = next != null && next != start && one.containsKey(next)
                    ? next
                    : closing(mesh, facing, next, start, chain, ahead);
        }
    }

    /** A rim that comes back to its beginning is closed. */
    private static Long closing(Mesh mesh, double[] facing, Long next, long start, Deque<Place> chain, boolean ahead) {
        if (next != null && next == start && ahead) {
            chain.addLast(place(mesh, facing, start));
        }
        return null;
    }

    private static Place place(Mesh mesh, double[] facing, long side) {
        int a = (int) (side >> 32);
        int b = (int) side;
        double share = facing[a] / (facing[a] - facing[b]);
        Place from = mesh.place(a);
        Place to = mesh.place(b);
        return new Place(
                from.x() + share * (to.x() - from.x()),
                from.y() + share * (to.y() - from.y()),
                from.z() + share * (to.z() - from.z()));
    }
}
