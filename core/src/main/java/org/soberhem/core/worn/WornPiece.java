package org.soberhem.core.worn;

import java.util.List;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Side;

/**
 * A piece as it is worn on one side: without what lies beyond the middle, its darts cut open to be closed as seams.
 *
 * @param piece as it is cut
 * @param edges closed, clockwise
 * @param part of the garment
 */
public record WornPiece(Piece piece, List<WornEdge> edges, Part part) {

    /** Where a piece belongs on a wearer. */
    public enum Part {
        /** Round the trunk. */
        TRUNK,
        /** Round an arm. */
        SLEEVE,
        /** Along a seam of another piece: a collar, a cuff, a strap. */
        BAND,
        /** Below a waist seam. */
        SKIRT,
        /** Sewn to nothing that is worn. */
        LOOSE
    }

    public WornPiece {
        edges = List.copyOf(edges);
    }

    public String name() {
        return piece.name();
    }

    public Side side() {
        return piece.side();
    }

    /** Returns name and side in words. */
    public String words() {
        return side() == Side.MIDDLE ? name() : name() + ", " + side().words();
    }

    boolean has(Role role) {
        return edges.stream().anyMatch(edge -> edge.role() == role);
    }

    WornPiece as(Part other) {
        return new WornPiece(piece, edges, other);
    }
}
