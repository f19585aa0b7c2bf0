package org.soberhem.core.pattern;

import org.soberhem.core.geometry.Corner;
import org.soberhem.core.geometry.Path;

/**
 * One named edge of a piece.
 *
 * @param name unique in its piece
 * @param role what it is to a cutter
 * @param from name of the point at its start, clockwise round the piece
 * @param to name of the point at its end
 * @param path the seam line
 * @param allowance what is added outside it for the cutting line, in millimetres, not negative
 * @param corner how the allowance ends
 */
public record Edge(String name, Role role, String from, String to, Path path, double allowance, Corner corner) {

    /** An edge whose allowance is mitred. */
    public Edge(String name, Role role, String from, String to, Path path, double allowance) {
        this(name, role, from, to, path, allowance, Corner.MITRED);
    }

    public Edge withPath(Path changed) {
        return new Edge(name, role, from, to, changed, allowance, corner);
    }

    /** Returns the edge between other points, drawn anew. */
    public Edge between(String start, String end, Path changed) {
        return new Edge(name, role, start, end, changed, allowance, corner);
    }

    public Edge withAllowance(double changed, Corner ending) {
        return new Edge(name, role, from, to, path, changed, ending);
    }

    public Edge withRole(Role other) {
        return new Edge(name, other, from, to, path, allowance, corner);
    }

    public Edge named(String other) {
        return new Edge(other, role, from, to, path, allowance, corner);
    }
}
