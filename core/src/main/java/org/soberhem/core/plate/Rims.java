package org.soberhem.core.plate;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.figure.Place;

/**
 * The lines along which a surface turns away from the viewer: where the smoothed normal is square to the view.
 *
 * @see "A. Hertzmann, D. Zorin, Illustrating smooth surfaces, SIGGRAPH 2000"
 */
final class Rims {

    private final Mesh mesh;

    /** How far the normal at each place turns towards the viewer. */
    private final double[] facing;

    /** Sides of triangles that a rim crosses, each with the one or two that it crosses next. */
    private final Map<Long, List<Long>> beside = new HashMap<>();

    private Rims(Mesh mesh, double[] axes) {
        this.mesh = mesh;
        double[] normals = mesh.normals();
        facing = new double[mesh.placeCount()];
        for (int i = 0; i < facing.length; i++) {
            facing[i] = axes[6] * normals[3 * i] + axes[7] * normals[3 * i + 1] + axes[8] * normals[3 * i + 2];
            facing[i] = facing[i] == 0 ? 1e-12 : facing[i];
        }
    }

    /** Returns the rims of a surface as lines in space. */
    static List<List<Place>> of(Mesh mesh, double[] axes) {
        Rims rims = new Rims(mesh, axes);
        rims.find();
        return rims.lines();
    }

    private void find() {
        int[] triangles = mesh.triangles();
        for (int i = 0; i < triangles.length; i += 3) {
            long first = -1;
            for (int k = 0; k < 3; k++) {
                int a = triangles[i + k];
                int b = triangles[i + (k + 1) % 3];
                if (facing[a] > 0 != facing[b] > 0) {
                    long side = (long) Math.min(a, b) << 32 | Math.max(a, b);
                    if (first < 0) {
                        first = side;
                    } else {
                        beside.computeIfAbsent(first, each -> new ArrayList<>(2))
                                .add(side);
                        beside.computeIfAbsent(side, each -> new ArrayList<>(2)).add(first);
                    }
                }
            }
        }
    }

    /** Open lines first, from an end; what is left goes round. */
    private List<List<Place>> lines() {
        List<Long> sides = beside.keySet().stream().sorted().toList();
        Set<Long> walked = new HashSet<>();
        List<List<Place>> lines = new ArrayList<>();
        for (boolean open : new boolean[] {true, false}) {
            for (long side : sides) {
                if (!walked.contains(side) && (!open || beside.get(side).size() == 1)) {
                    lines.add(walk(side, walked));
                }
            }
        }
        return lines;
    }

    private List<Place> walk(long start, Set<Long> walked) {
        List<Place> line = new ArrayList<>();
        Optional<Long> next = Optional.of(start);
        long last = start;
        while (next.isPresent()) {
            last = next.get();
            walked.add(last);
            line.add(place(last));
            next = beside.get(last).stream()
                    .filter(each -> !walked.contains(each))
                    .findFirst();
        }
        if (line.size() > 2 && beside.get(last).contains(start)) {
            line.add(line.get(0));
        }
        return line;
    }

    private Place place(long side) {
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
