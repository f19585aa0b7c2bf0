package org.soberhem.core.worn;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Triangulation;

/**
 * Fills worn pieces with triangles: equally many vertices on both sides of a seam, hexagons inside.
 */
public final class ClothMesher {

    /** Inner vertices keep this share of the spacing from the outline. */
    private static final double CLEAR = 0.6;

    /** Shares of an edge nearer than this are one place. */
    private static final double SAME = 1e-9;

    private final WornPattern worn;
    private final double spacing;
    private final List<Integer> pieceOf = new ArrayList<>();
    private final List<Point> places = new ArrayList<>();
    private final List<Integer> triangles = new ArrayList<>();
    private final List<List<int[]>> chains = new ArrayList<>();
    private final Map<String, TreeMap<Double, List<Integer>>> wanted = new HashMap<>();
    private final Map<Integer, Integer> welded = new HashMap<>();

    private ClothMesher(WornPattern worn, double spacing) {
        this.worn = worn;
        this.spacing = spacing;
    }

    /**
     * Returns the cloth of a worn pattern.
     *
     * @param spacing between vertices, millimetres
     * @throws CannotTryOn if a piece's outline touches itself
     */
    public static ClothMesh mesh(WornPattern worn, double spacing) {
        return new ClothMesher(worn, spacing).made();
    }

    private ClothMesh made() {
        List<List<double[]>> samples = worn.seams().stream().map(this::samples).toList();
        for (int seam = 0; seam < samples.size(); seam++) {
            for (double[] sample : samples.get(seam)) {
                want(worn.seams().get(seam).first(), sample[0]);
                want(worn.seams().get(seam).second(), sample[1]);
            }
        }
        for (int piece = 0; piece < worn.pieces().size(); piece++) {
            fill(piece);
        }
        for (int seam = 0; seam < samples.size(); seam++) {
            for (double[] sample : samples.get(seam)) {
                List<Integer> meeting =
                        new ArrayList<>(at(worn.seams().get(seam).first(), sample[0]));
                meeting.addAll(at(worn.seams().get(seam).second(), sample[1]));
                meeting.forEach(each -> weld(each, meeting.get(0)));
            }
        }
        return collected();
    }

    /** Returns the places of a seam at which vertices meet: its knots, and even steps between them. */
    private List<double[]> samples(SewnSeam seam) {
        List<double[]> samples = new ArrayList<>();
        for (int i = 0; i + 1 < seam.knots().size(); i++) {
            double[] from = seam.knots().get(i);
            double[] to = seam.knots().get(i + 1);
            int steps = (int) Math.max(1, Math.round(Math.max(to[0] - from[0], to[1] - from[1]) / spacing));
            for (int step = 0; step < steps; step++) {
                double share = (double) step / steps;
                samples.add(new double[] {from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])});
            }
        }
        samples.add(seam.knots().get(seam.knots().size() - 1));
        return samples;
    }

    private static String key(int piece, String edge) {
        return piece + "." + edge;
    }

    private void want(List<SewnSeam.Stretch> run, double along) {
        for (SewnSeam.Stretch each : run) {
            if (isOn(each, along)) {
                wanted.computeIfAbsent(key(each.piece(), each.edge()), edge -> new TreeMap<>())
                        .put(share(each, along), new ArrayList<>());
            }
        }
    }

    private static boolean isOn(SewnSeam.Stretch stretch, double along) {
        return along >= stretch.from() - 1e-6 && along <= stretch.to() + 1e-6;
    }

    private static double share(SewnSeam.Stretch stretch, double along) {
        return Math.max(0, Math.min(1, stretch.share(along)));
    }

    /** Returns the vertices at a place of a run; none where the edge was cut away. */
    private List<Integer> at(List<SewnSeam.Stretch> run, double along) {
        List<Integer> found = new ArrayList<>();
        for (SewnSeam.Stretch each : run) {
            if (isOn(each, along)) {
                found.addAll(wanted.get(key(each.piece(), each.edge())).get(share(each, along)));
            }
        }
        return found;
    }

    private void weld(int one, int other) {
        int here = root(one);
        int there = root(other);
        if (here != there) {
            welded.put(Math.max(here, there), Math.min(here, there));
        }
    }

    private int root(int vertex) {
        int root = vertex;
        while (welded.getOrDefault(root, root) != root) {
            root = welded.get(root);
        }
        return root;
    }

    private void fill(int piece) {
        WornPiece cut = worn.pieces().get(piece);
        int first = places.size();
        List<int[]> edges = new ArrayList<>();
        for (WornEdge edge : cut.edges()) {
            edges.add(along(piece, edge));
        }
        // An edge ends where the next begins.
        for (int i = 0; i < edges.size(); i++) {
            int[] chain = edges.get(i);
            chain[chain.length - 1] = edges.get((i + 1) % edges.size())[0];
            atEnd(piece, cut.edges().get(i), chain[chain.length - 1]);
        }
        chains.add(edges);
        List<Point> outline = places.subList(first, places.size());
        try {
            List<Point> inner = inner(new Outline(outline));
            for (int corner : Triangulation.of(List.copyOf(outline), inner)) {
                triangles.add(first + corner);
            }
            inner.forEach(place -> put(piece, place));
        } catch (IllegalArgumentException touching) {
            throw new CannotTryOn(cut.words()
                    + ": its outline touches itself, so it cannot be tried on. Look at its darts and corners.");
        }
    }

    private int put(int piece, Point place) {
        pieceOf.add(piece);
        places.add(place);
        return places.size() - 1;
    }

    /** Puts the vertices of an edge but its last; the chain's last place is left to be filled. */
    private int[] along(int piece, WornEdge edge) {
        TreeMap<Double, List<Integer>> sewn = wanted.get(key(piece, edge.name()));
        List<Integer> chain = new ArrayList<>();
        int start = put(piece, edge.path().start());
        chain.add(start);
        if (sewn == null) {
            int steps = (int) Math.max(1, Math.round(edge.path().length() / spacing));
            for (int step = 1; step < steps; step++) {
                chain.add(put(piece, edge.path().atShare((double) step / steps)));
            }
        } else {
            for (Map.Entry<Double, List<Integer>> each : sewn.entrySet()) {
                double share = (each.getKey() - edge.from()) / (edge.to() - edge.from());
                if (Math.abs(share) < SAME) {
                    each.getValue().add(start);
                } else if (share > 0 && share < 1 - SAME) {
                    int vertex = put(piece, edge.path().atShare(share));
                    each.getValue().add(vertex);
                    chain.add(vertex);
                }
            }
        }
        chain.add(-1);
        return chain.stream().mapToInt(Integer::intValue).toArray();
    }

    private void atEnd(int piece, WornEdge edge, int vertex) {
        TreeMap<Double, List<Integer>> sewn = wanted.get(key(piece, edge.name()));
        if (sewn != null) {
            sewn.subMap(edge.to() - SAME, true, edge.to() + SAME, true).values().forEach(each -> each.add(vertex));
        }
    }

    /** Returns the corners of even triangles inside an outline. */
    private List<Point> inner(Outline outline) {
        Box box = outline.box();
        double rise = spacing * Math.sqrt(3) / 2;
        List<Point> inner = new ArrayList<>();
        int rows = (int) Math.ceil((box.maxY() - box.minY()) / rise);
        int columns = (int) Math.ceil((box.maxX() - box.minX()) / spacing) + 1;
        for (int row = 1; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                Point place =
                        new Point(box.minX() + spacing * (column + (row % 2 == 0 ? 0 : 0.5)), box.minY() + rise * row);
                if (outline.contains(place) && outline.distanceTo(place) > CLEAR * spacing) {
                    inner.add(place);
                }
            }
        }
        return inner;
    }

    private ClothMesh collected() {
        int count = places.size();
        double[] paper = new double[2 * count];
        double[] flat = new double[2 * count];
        int[] particleOf = new int[count];
        int particles = 0;
        Map<Integer, Integer> numbers = new HashMap<>();
        for (int i = 0; i < count; i++) {
            Point place = places.get(i);
            paper[2 * i] = place.x();
            paper[2 * i + 1] = place.y();
            WornPiece piece = worn.pieces().get(pieceOf.get(i));
            Point warp =
                    piece.piece().grainTo().minus(piece.piece().grainFrom()).unit();
            flat[2 * i] = place.cross(warp);
            flat[2 * i + 1] = place.dot(warp);
            Integer known = numbers.putIfAbsent(root(i), particles);
            particleOf[i] = known == null ? particles++ : known;
        }
        return new ClothMesh(
                worn,
                pieceOf.stream().mapToInt(Integer::intValue).toArray(),
                paper,
                flat,
                triangles.stream().mapToInt(Integer::intValue).toArray(),
                particleOf,
                particles,
                chains);
    }
}
