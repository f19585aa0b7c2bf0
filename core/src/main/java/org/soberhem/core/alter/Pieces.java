package org.soberhem.core.alter;

import java.util.HashSet;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/** Finds pieces and names for new ones. */
final class Pieces {

    private Pieces() {}

    /**
     * Returns one of the worn pieces of a name.
     *
     * @throws Refusal if there is none
     */
    static Piece any(Pattern pattern, String name) {
        return pattern.pieces().stream()
                .filter(piece -> piece.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new Refusal("There is no piece \"{}\" any more: choose another piece", name));
    }

    static String freeName(Pattern pattern, String wanted) {
        return Making.free(wanted, new HashSet<>(pattern.names()));
    }

    /** Returns a name for a new edge that no edge of a piece has. */
    static String freeEdge(Piece piece, String wanted) {
        HashSet<String> names = new HashSet<>();
        piece.edges().forEach(edge -> names.add(edge.name()));
        return Making.free(wanted, names);
    }
}
