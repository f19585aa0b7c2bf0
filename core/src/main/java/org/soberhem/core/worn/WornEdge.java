package org.soberhem.core.worn;

import org.soberhem.core.geometry.Path;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Role;

/**
 * An edge of a piece as it is worn, or the part of it that is.
 *
 * @param name of the edge that it is of; of a dart's leg or a closing the name that says so
 * @param role what it is to a cutter
 * @param path clockwise round the piece
 * @param from share of the whole edge at which it begins
 * @param to share at which it ends
 */
public record WornEdge(String name, Role role, Path path, double from, double to) {

    /** Edges that agree within this are as good as one, millimetres. */
    static final double NEAR = 0.5;

    static WornEdge whole(Edge edge) {
        return new WornEdge(edge.name(), edge.role(), edge.path(), 0, 1);
    }

    /** Returns an edge that the pattern does not have: a dart's leg, a closing. */
    static WornEdge made(String name, Role role, Path path) {
        return new WornEdge(name, role, path, 0, 1);
    }

    /** Returns the part between two shares of this edge. */
    WornEdge part(double first, double last) {
        return new WornEdge(name, role, path.part(first, last), from + first * (to - from), from + last * (to - from));
    }
}
