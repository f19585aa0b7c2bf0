package org.soberhem.core.alter.edit;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;

/** Finds pieces and names for new ones. */
public final class PieceEdits {

    private PieceEdits() {}

    /**
     * Returns one of the worn pieces of a name.
     *
     * @throws AlterationRefusal if there is none
     */
    public static Piece any(Pattern pattern, String name) {
        return pattern.pieces().stream()
                .filter(piece -> piece.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new AlterationRefusal("There is no piece \"{}\": choose another piece", name));
    }

    public static String freeName(Pattern pattern, String wanted) {
        return PieceEditor.free(wanted, new HashSet<>(pattern.names()));
    }

    /** Returns a name for a new edge that no edge of a piece has. */
    public static String freeEdge(Piece piece, String wanted) {
        HashSet<String> names = new HashSet<>();
        piece.edges().forEach(edge -> names.add(edge.name()));
        return PieceEditor.free(wanted, names);
    }

    /** Returns a new piece that only its edges describe, cut for both sides, or once if it is worn on neither. */
    public static Piece cutAnew(String name, Side side, List<Edge> edges, Point grainFrom, Point grainTo) {
        Map<String, Point> points = new LinkedHashMap<>();
        edges.forEach(edge -> points.put(edge.from(), edge.path().start()));
        boolean once = side == Side.MIDDLE;
        return new Piece(
                name,
                side,
                once ? CutShape.PLAIN : CutShape.PAIR,
                Map.of("outer", once ? 1 : 2),
                points,
                edges,
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                grainFrom,
                grainTo,
                Map.of(),
                Optional.empty(),
                Optional.empty());
    }
}
