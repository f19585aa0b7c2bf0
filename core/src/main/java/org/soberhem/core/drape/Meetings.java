package org.soberhem.core.drape;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.soberhem.core.worn.ClothMesh;

/** Which vertices of which pieces are one particle. */
final class Meetings {

    private Meetings() {}

    /** Returns pairs of vertices by the numbers of their pieces, each pair under both orders. */
    static Map<Integer, Map<Integer, List<int[]>>> of(ClothMesh mesh) {
        Map<Integer, Map<Integer, List<int[]>>> meetings = new TreeMap<>();
        for (List<Integer> vertices : vertices(mesh)) {
            for (int one : vertices) {
                for (int other : vertices) {
                    int here = mesh.pieceOf()[one];
                    int there = mesh.pieceOf()[other];
                    if (here != there) {
                        meetings.computeIfAbsent(here, piece -> new TreeMap<>())
                                .computeIfAbsent(there, piece -> new ArrayList<>())
                                .add(new int[] {one, other});
                    }
                }
            }
        }
        return meetings;
    }

    /** Returns the vertices of each particle. */
    static List<List<Integer>> vertices(ClothMesh mesh) {
        List<List<Integer>> all = new ArrayList<>();
        for (int i = 0; i < mesh.particles(); i++) {
            all.add(new ArrayList<>(2));
        }
        for (int vertex = 0; vertex < mesh.vertexCount(); vertex++) {
            all.get(mesh.particleOf()[vertex]).add(vertex);
        }
        return all;
    }
}
