package org.soberhem.core.drape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.soberhem.core.figure.Place;
import org.soberhem.core.plate.Mesh;

/** Level sections of a surface that goes round. */
final class Sections {

    private final Mesh mesh;
    private final Map<Double, List<Place>> sections = new ConcurrentHashMap<>();

    Sections(Mesh mesh) {
        this.mesh = mesh;
    }

    /** Returns where a height cuts the surface, from the middle in front round by the wearer's left. */
    List<Place> at(double height) {
        return sections.computeIfAbsent(height, this::cut);
    }

    private List<Place> cut(double height) {
        List<Place> cut = new ArrayList<>();
        for (int i = 0; i < mesh.triangles().length; i += 3) {
            for (int k = 0; k < 3; k++) {
                Place one = mesh.place(mesh.triangles()[i + k]);
                Place other = mesh.place(mesh.triangles()[i + (k + 1) % 3]);
                // Each side is cut once: by the triangle that walks it upwards.
                if (one.y() < height && other.y() >= height) {
                    double share = (height - one.y()) / (other.y() - one.y());
                    cut.add(new Place(
                            one.x() + share * (other.x() - one.x()), height, one.z() + share * (other.z() - one.z())));
                }
            }
        }
        double middle = (cut.stream().mapToDouble(Place::z).max().orElse(0)
                        + cut.stream().mapToDouble(Place::z).min().orElse(0))
                / 2;
        cut.sort(Comparator.comparingDouble(place -> angle(place, middle)));
        return cut;
    }

    private static double angle(Place place, double middle) {
        double angle = StrictMath.atan2(place.x(), place.z() - middle);
        return angle < -1e-9 ? angle + 2 * Math.PI : angle;
    }

    /**
     * Returns a place of a section by its share of the way along it.
     *
     * @param share 0 in front, 1 behind by the left, −1 behind by the right
     */
    Place along(double height, double share) {
        List<Place> ring = at(height);
        if (ring.isEmpty()) {
            return new Place(0, height, 0);
        }
        double[] lengths = new double[ring.size() + 1];
        for (int i = 0; i < ring.size(); i++) {
            lengths[i + 1] = lengths[i] + ring.get(i).distanceTo(ring.get((i + 1) % ring.size()));
        }
        double whole = lengths[ring.size()];
        double wanted = (((share / 2) % 1 + 1) % 1) * whole;
        int i = 0;
        while (i < ring.size() - 1 && lengths[i + 1] < wanted) {
            i++;
        }
        double within = (wanted - lengths[i]) / Math.max(1e-9, lengths[i + 1] - lengths[i]);
        Place one = ring.get(i);
        Place other = ring.get((i + 1) % ring.size());
        return new Place(one.x() + within * (other.x() - one.x()), height, one.z() + within * (other.z() - one.z()));
    }

    /** Returns how long a surface is where a height cuts it: all its triangles' parts together. */
    static double length(Mesh mesh, double height) {
        double length = 0;
        for (int i = 0; i < mesh.triangles().length; i += 3) {
            double[] ends = new double[4];
            int found = 0;
            for (int k = 0; k < 3; k++) {
                Place one = mesh.place(mesh.triangles()[i + k]);
                Place other = mesh.place(mesh.triangles()[i + (k + 1) % 3]);
                if (one.y() < height != other.y() < height) {
                    double share = (height - one.y()) / (other.y() - one.y());
                    ends[2 * found] = one.x() + share * (other.x() - one.x());
                    ends[2 * found + 1] = one.z() + share * (other.z() - one.z());
                    found++;
                }
            }
            length += found == 2 ? Math.hypot(ends[2] - ends[0], ends[3] - ends[1]) : 0;
        }
        return length;
    }
}
