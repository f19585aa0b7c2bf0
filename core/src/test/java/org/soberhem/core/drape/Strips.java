package org.soberhem.core.drape;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.worn.ClothMesh;
import org.soberhem.core.worn.ClothMesher;
import org.soberhem.core.worn.SewnSeam;
import org.soberhem.core.worn.WornEdge;
import org.soberhem.core.worn.WornPattern;
import org.soberhem.core.worn.WornPiece;

/** Strips of cloth for tests: warp along x. */
final class Strips {

    private Strips() {}

    /** Returns a strip, with its ends sewn together or not. */
    static ClothMesh strip(double length, double width, double spacing, boolean ring) {
        List<Edge> edges = List.of(
                edge("top", new Point(0, 0), new Point(length, 0)),
                edge("end", new Point(length, 0), new Point(length, width)),
                edge("bottom", new Point(length, width), new Point(0, width)),
                edge("beginning", new Point(0, width), new Point(0, 0)));
        Piece piece = new Piece(
                "strip",
                Side.MIDDLE,
                CutShape.PLAIN,
                Map.of("outer", 1),
                Map.of(),
                edges,
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                new Point(0, 0),
                new Point(length, 0),
                Map.of(),
                Optional.empty(),
                Optional.empty());
        WornPiece worn = new WornPiece(
                piece,
                edges.stream()
                        .map(edge -> new WornEdge(edge.name(), edge.role(), edge.path(), 0, 1))
                        .toList(),
                WornPiece.Part.TRUNK);
        SewnSeam joined = new SewnSeam(
                "ring",
                SewnSeam.Kind.SEAM,
                List.of(new SewnSeam.Stretch(0, "end", false, 0, width)),
                List.of(new SewnSeam.Stretch(0, "beginning", true, 0, width)),
                List.of(new double[] {0, 0}, new double[] {width, width}));
        return ClothMesher.mesh(new WornPattern(List.of(worn), ring ? List.of(joined) : List.of(), List.of()), spacing);
    }

    private static Edge edge(String name, Point from, Point to) {
        return new Edge(name, Role.NONE, name, name + "'", Path.of(new LineSegment(from, to)), 0);
    }

    /** Where a paper place goes in space: three numbers. */
    interface Bend {
        double[] of(double x, double y);
    }

    /** Returns the places of the particles. */
    static double[] placed(ClothMesh mesh, Bend bend) {
        double[] places = new double[3 * mesh.particles()];
        for (int vertex = 0; vertex < mesh.vertexCount(); vertex++) {
            double[] at = bend.of(mesh.paper()[2 * vertex], mesh.paper()[2 * vertex + 1]);
            System.arraycopy(at, 0, places, 3 * mesh.particleOf()[vertex], 3);
        }
        return places;
    }
}
