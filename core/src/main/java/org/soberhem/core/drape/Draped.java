package org.soberhem.core.drape;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.soberhem.core.figure.Place;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.plate.LineWeight;
import org.soberhem.core.plate.Mesh;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.SurfaceLine;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.worn.ClothMesh;
import org.soberhem.core.worn.SewnSeam;
import org.soberhem.core.worn.WornPiece;
import org.soberhem.core.worn.WornPiece.Part;

/**
 * A garment tried on.
 *
 * @param mesh of the cloth
 * @param places of the particles: three coordinates each, millimetres
 * @param asDrawn of each piece whether its outside is seen as it was drawn
 * @param cloth what it is made of
 * @param stand that wears it
 * @param body where that is
 * @param steps how many were made
 * @param atRest whether it came to rest
 */
public record Draped(
        ClothMesh mesh,
        double[] places,
        boolean[] asDrawn,
        ClothKind cloth,
        Stand stand,
        BodyField body,
        int steps,
        boolean atRest) {

    private static final Map<Solid.Material, String> NAMES =
            Map.of(Solid.Material.TRUNK, "garment", Solid.Material.SLEEVE, "sleeves");

    /** Returns where a particle lies. */
    public Place place(int particle) {
        return new Place(places[3 * particle], places[3 * particle + 1], places[3 * particle + 2]);
    }

    /** Returns where a vertex lies. */
    public Place vertex(int vertex) {
        return place(mesh.particleOf()[vertex]);
    }

    /**
     * Returns the garment as it is drawn: sleeves apart from the trunk, with seams and edges, and strokes where it is
     * drawn too much.
     *
     * @param limit stretch that is too much, as a share
     */
    public List<Solid> solids(double limit) {
        List<Solid> solids = new ArrayList<>();
        Map<Integer, SurfaceLine> pulls = new ClothTension(this).pulls(limit);
        for (Solid.Material material : List.of(Solid.Material.TRUNK, Solid.Material.SLEEVE)) {
            int[] triangles = triangles(material);
            if (triangles.length > 0) {
                List<SurfaceLine> lines = lines(material);
                pulls.forEach((triangle, line) -> {
                    if (material(mesh.pieceOf()[mesh.triangles()[3 * triangle]]) == material) {
                        lines.add(line);
                    }
                });
                solids.add(new Solid(material, new Mesh(NAMES.get(material), places, triangles), lines));
            }
        }
        return solids;
    }

    /** Returns stand and garment as they are drawn. */
    public List<Solid> withStand(double limit) {
        // Arms that were taken off are not drawn either.
        List<Solid> all =
                new ArrayList<>(body.hasArms() ? stand.solids() : stand.solids().subList(0, 1));
        all.addAll(solids(limit));
        return all;
    }

    /** Returns the triangle that is seen at a place of a picture; negative if none is. */
    public int under(Viewpoint from, Point at) {
        int found = -1;
        double nearest = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < mesh.triangleCount(); i++) {
            Place[] corners = new Place[3];
            Point[] seen = new Point[3];
            for (int k = 0; k < 3; k++) {
                corners[k] = vertex(mesh.triangles()[3 * i + k]);
                seen[k] = from.picture(corners[k]);
            }
            double nearness = from.nearness(corners[0]);
            if (nearness > nearest && isWithin(at, seen)) {
                nearest = nearness;
                found = i;
            }
        }
        return found;
    }

    private static boolean isWithin(Point at, Point[] corners) {
        boolean left = false;
        boolean right = false;
        for (int k = 0; k < 3; k++) {
            double side = corners[(k + 1) % 3].minus(corners[k]).cross(at.minus(corners[k]));
            left |= side < 0;
            right |= side > 0;
        }
        return left != right;
    }

    private Solid.Material material(int piece) {
        return mesh.worn().pieces().get(piece).part() == Part.SLEEVE ? Solid.Material.SLEEVE : Solid.Material.TRUNK;
    }

    /** Returns the triangles of all but the sleeves, as particles. */
    int[] trunkTriangles() {
        return triangles(Solid.Material.TRUNK);
    }

    /** Returns the triangles of a material, seen anticlockwise from outside. */
    private int[] triangles(Solid.Material material) {
        List<Integer> corners = new ArrayList<>();
        for (int i = 0; i < mesh.triangleCount(); i++) {
            int piece = mesh.pieceOf()[mesh.triangles()[3 * i]];
            if (material(piece) == material) {
                for (int k = 0; k < 3; k++) {
                    corners.add(mesh.particleOf()[mesh.triangles()[3 * i + (asDrawn[piece] ? 2 - k : k)]]);
                }
            }
        }
        return corners.stream().mapToInt(Integer::intValue).toArray();
    }

    private List<SurfaceLine> lines(Solid.Material material) {
        Set<String> sewn = new TreeSet<>();
        for (SewnSeam seam : mesh.worn().seams()) {
            seam.first().forEach(each -> sewn.add(each.piece() + "." + each.edge()));
            seam.second().forEach(each -> sewn.add(each.piece() + "." + each.edge()));
        }
        List<SurfaceLine> lines = new ArrayList<>();
        for (int piece = 0; piece < mesh.worn().pieces().size(); piece++) {
            if (material(piece) != material) {
                continue;
            }
            WornPiece worn = mesh.worn().pieces().get(piece);
            for (int edge = 0; edge < worn.edges().size(); edge++) {
                List<Place> places = new ArrayList<>();
                for (int vertex : mesh.chains().get(piece).get(edge)) {
                    places.add(vertex(vertex));
                }
                boolean isSewn =
                        sewn.contains(piece + "." + worn.edges().get(edge).name());
                lines.add(new SurfaceLine(isSewn ? LineWeight.SEAM : LineWeight.OUTLINE, places));
            }
        }
        return lines;
    }
}
