package org.soberhem.core.drape;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.soberhem.core.figure.Place;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.plate.Mesh;
import org.soberhem.core.worn.ClothMesh;
import org.soberhem.core.worn.WornEdge;
import org.soberhem.core.worn.WornPiece;

/** Where a garment that was tried on lies: its ease at the wearer's levels, its edges, its sleeves' ends. */
public final class ReadOff {

    /** Places of edges mean nothing within this, millimetres: what a pattern cut from the stand itself shows. */
    public static final double NOISE_OF_EDGES = 6;

    /** Ease at a level means nothing within this, millimetres. */
    public static final double NOISE_OF_EASE = 7;

    /** A section with a wider gap than this does not go round, millimetres. */
    private static final double GAP = 60;

    /** Levels at which a tape goes round. */
    private static final Set<String> GIRTHS = Set.of("bust", "chest", "waist", "hip");

    private final Draped draped;

    public ReadOff(Draped draped) {
        this.draped = draped;
    }

    /**
     * A level of the body, and the cloth there.
     *
     * @param level its name
     * @param cloth round the cloth, as it lies, millimetres
     * @param body round the body, as a tape lies, millimetres
     */
    public record AtLevel(String level, double cloth, double body) {

        public double ease() {
            return cloth - body;
        }
    }

    /** Returns the levels that the garment goes round, from above. */
    public List<AtLevel> levels() {
        Mesh trunk = draped.stand().meshes().get(0);
        Mesh cloth = new Mesh("cloth", draped.places(), draped.trunkTriangles());
        List<AtLevel> levels = new ArrayList<>();
        for (Map.Entry<String, Double> each : draped.stand().levels().entrySet()) {
            if (GIRTHS.contains(each.getKey()) && isRound(new Sections(cloth).at(each.getValue()))) {
                levels.add(new AtLevel(
                        each.getKey(),
                        Sections.length(cloth, each.getValue()),
                        taut(new Sections(trunk).at(each.getValue()))));
            }
        }
        return levels;
    }

    /** Says whether a section goes all round, without a gap. */
    private static boolean isRound(List<Place> cut) {
        for (int i = 0; i < cut.size(); i++) {
            if (cut.get(i).distanceTo(cut.get((i + 1) % cut.size())) > GAP) {
                return false;
            }
        }
        return cut.size() > 20;
    }

    private static double taut(List<Place> ring) {
        return Outline.hull(ring.stream()
                        .map(place -> new Point(place.x(), place.z()))
                        .toList())
                .round();
    }

    /** Returns the share of the cloth's vertices that lie in the body by more than a millimetre. */
    public double within() {
        double[] found = new double[4];
        int within = 0;
        for (int particle = 0; particle < draped.mesh().particles(); particle++) {
            within += draped.body().at(draped.place(particle), found) && found[0] < -1 ? 1 : 0;
        }
        return (double) within / draped.mesh().particles();
    }

    /** Returns how high the edges that end below lie above the wearer's waist, and those at the neck above the nape. */
    public Map<String, Double> edges() {
        double waist = draped.stand().levels().get("waist");
        double nape = draped.stand().body().mark("nape").orElseThrow().y();
        Map<String, List<Double>> heights = new TreeMap<>();
        ClothMesh mesh = draped.mesh();
        for (int piece = 0; piece < mesh.worn().pieces().size(); piece++) {
            WornPiece worn = mesh.worn().pieces().get(piece);
            for (int i = 0; i < worn.edges().size(); i++) {
                WornEdge edge = worn.edges().get(i);
                int[] chain = mesh.chains().get(piece).get(i);
                if (worn.part() == WornPiece.Part.TRUNK && edge.role() == Role.WAIST) {
                    for (int vertex : chain) {
                        heights.computeIfAbsent("waist", name -> new ArrayList<>())
                                .add(draped.vertex(vertex).y() - waist);
                    }
                }
                boolean behind =
                        worn.piece().spans().filter(spans -> !spans.isFront()).isPresent();
                if (worn.part() == WornPiece.Part.TRUNK && edge.role() == Role.NECK && behind) {
                    double middle = Double.MAX_VALUE;
                    double height = 0;
                    for (int vertex : chain) {
                        if (Math.abs(draped.vertex(vertex).x()) < middle) {
                            middle = Math.abs(draped.vertex(vertex).x());
                            height = draped.vertex(vertex).y() - nape;
                        }
                    }
                    heights.computeIfAbsent("nape", name -> new ArrayList<>()).add(height);
                }
            }
        }
        Map<String, Double> means = new LinkedHashMap<>();
        heights.forEach((name, each) -> means.put(
                name, each.stream().mapToDouble(Double::doubleValue).average().orElse(0)));
        return means;
    }

    /** Returns the middle of a sleeve's lower edge; empty without sleeves. */
    public Optional<Place> wrist(Side side) {
        ClothMesh mesh = draped.mesh();
        List<Place> ends = new ArrayList<>();
        for (int piece = 0; piece < mesh.worn().pieces().size(); piece++) {
            WornPiece worn = mesh.worn().pieces().get(piece);
            for (int i = 0; i < worn.edges().size(); i++) {
                boolean end = worn.part() == WornPiece.Part.SLEEVE
                        && worn.edges().get(i).role() == Role.HEM;
                if (end && worn.side() == side) {
                    for (int vertex : mesh.chains().get(piece).get(i)) {
                        ends.add(draped.vertex(vertex));
                    }
                }
            }
        }
        return ends.isEmpty()
                ? Optional.empty()
                : Optional.of(new Place(
                        ends.stream().mapToDouble(Place::x).average().orElse(0),
                        ends.stream().mapToDouble(Place::y).average().orElse(0),
                        ends.stream().mapToDouble(Place::z).average().orElse(0)));
    }
}
