package org.soberhem.core.alter.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Side;

/** Opens the ends of seams and sews a new piece into the slit. */
public final class SetIn {

    private Pattern pattern;
    private final List<EdgeRef> opened = new ArrayList<>();
    private final List<Seam> seams;

    public SetIn(Pattern pattern, Seam seam) {
        this.pattern = pattern;
        seams = new ArrayList<>(pattern.seams());
        if (!seams.contains(seam)) {
            throw new IllegalArgumentException("The seam must belong to the pattern: " + seam.name());
        }
    }

    /** Opens an edge for a length from its upper or lower end. */
    public SetIn open(EdgeRef edge, double length, boolean upper) {
        double whole = pattern.length(edge, Side.LEFT);
        if (length >= whole) {
            throw new AlterationRefusal(
                    "The {} is {} long and cannot be opened for {}: make the piece smaller",
                    edge.words(),
                    whole,
                    length);
        }
        Map<String, List<EdgeRef>> became = new LinkedHashMap<>();
        pattern = WornPieces.piece(pattern, edge.piece(), Sides.BOTH, piece -> {
            PieceEditor making = new PieceEditor(piece);
            Path path = making.edge(edge.edge()).path();
            boolean atStart = path.start().y() <= path.end().y() == upper;
            double share = length / path.length();
            making.split(edge.edge(), atStart ? share : 1 - share);
            EdgeRef one = new EdgeRef(edge.piece(), edge.edge() + "/1");
            EdgeRef two = new EdgeRef(edge.piece(), edge.edge() + "/2");
            became.put(edge.edge(), List.of(atStart ? two : one));
            became.put("", List.of(atStart ? one : two));
            return making.piece();
        });
        opened.add(became.get("").get(0));
        seams.replaceAll(seam -> SeamEdits.renamed(seam, edge.piece(), became));
        return this;
    }

    /**
     * Sews a new piece into what was opened.
     *
     * @param sewn its edges that are sewn in, one for each that was opened, in that order
     * @param like a piece that it is worn like
     */
    public Pattern sewing(String name, List<Edge> edges, List<String> sewn, Piece like) {
        List<Piece> pieces = new ArrayList<>(pattern.pieces());
        boolean alone = like.side() == Side.MIDDLE;
        for (Side side : alone ? List.of(Side.MIDDLE) : List.of(Side.LEFT, Side.RIGHT)) {
            pieces.add(piece(name, side, edges));
        }
        for (int i = 0; i < opened.size(); i++) {
            seams.add(new Seam(List.of(new EdgeRef(name, sewn.get(i))), List.of(opened.get(i)), Seam.Kind.PLAIN, 0, 0));
        }
        return pattern.with(pieces, seams);
    }

    private static Piece piece(String name, Side side, List<Edge> edges) {
        Box box = Box.round(edges.stream().map(edge -> edge.path().start()).toList());
        Point top = new Point(box.middle().x(), box.minY());
        Point down = new Point(0, box.height());
        return PieceEdits.cutAnew(name, side, edges, top.plus(down.times(0.2)), top.plus(down.times(0.8)));
    }

    /** Returns straight edges round some corners, clockwise; the corners are lettered. */
    public static List<Edge> straight(double allowance, List<String> names, List<Point> corners) {
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            int next = (i + 1) % corners.size();
            edges.add(new Edge(
                    names.get(i),
                    Role.NONE,
                    String.valueOf((char) ('A' + i)),
                    String.valueOf((char) ('A' + next)),
                    Path.of(new LineSegment(corners.get(i), corners.get(next))),
                    allowance));
        }
        return edges;
    }
}
