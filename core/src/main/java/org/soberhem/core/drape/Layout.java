package org.soberhem.core.drape;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.soberhem.core.worn.ClothMesh;

/**
 * Pieces laid beside each other in one plane, seam to seam, upright as they were drawn: turned over or not, and moved.
 */
final class Layout {

    /** How a piece lies: over is 1, or −1 if it is turned over sideways. */
    record Lie(int over, double out, double down) {

        double out(ClothMesh mesh, int vertex) {
            return over * mesh.paper()[2 * vertex] + out;
        }

        double down(ClothMesh mesh, int vertex) {
            return mesh.paper()[2 * vertex + 1] + down;
        }
    }

    private final ClothMesh mesh;
    private final Map<Integer, Lie> lies = new HashMap<>();

    /** Pairs of vertices of two pieces that a seam brings together. */
    private final Map<Integer, Map<Integer, List<int[]>>> meeting;

    /**
     * @param pieces that are laid
     * @param first which lies already
     */
    Layout(ClothMesh mesh, List<Integer> pieces, int first, Lie lie) {
        this.mesh = mesh;
        this.meeting = Meetings.of(mesh);
        lies.put(first, lie);
        TreeSet<Integer> left = new TreeSet<>(pieces);
        left.remove(first);
        while (layNext(left)) {}
    }

    /** Lays the piece that the longest seam joins to one that lies. */
    private boolean layNext(TreeSet<Integer> left) {
        int best = -1;
        int beside = -1;
        for (int lying : new TreeSet<>(lies.keySet())) {
            for (int piece : left) {
                if (pairs(lying, piece).size() > pairs(beside, best).size()) {
                    best = piece;
                    beside = lying;
                }
            }
        }
        if (best < 0) {
            return false;
        }
        lies.put(best, lie(beside, best));
        left.remove(best);
        return true;
    }

    private List<int[]> pairs(int one, int other) {
        return meeting.getOrDefault(one, Map.of()).getOrDefault(other, List.of());
    }

    private Lie lie(int beside, int piece) {
        Lie known = lies.get(beside);
        boolean turns = mesh.worn().seams().stream()
                .filter(seam -> seam.joins(beside, piece))
                .findFirst()
                .orElseThrow()
                .turnsOver();
        int over = turns ? -known.over() : known.over();
        double out = 0;
        double down = 0;
        List<int[]> pairs = pairs(beside, piece);
        for (int[] pair : pairs) {
            out += known.out(mesh, pair[0]) - over * mesh.paper()[2 * pair[1]];
            down += known.down(mesh, pair[0]) - mesh.paper()[2 * pair[1] + 1];
        }
        return new Lie(over, out / pairs.size(), down / pairs.size());
    }

    /** Returns how the pieces lie, by number; those that hang on none of the others are missing. */
    Map<Integer, Lie> lies() {
        return lies;
    }
}
