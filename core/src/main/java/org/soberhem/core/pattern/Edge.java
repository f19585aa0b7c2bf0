package org.soberhem.core.pattern;

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
 */
public record Edge(String name, Role role, String from, String to, Path path, double allowance) {

    public Edge withPath(Path changed) {
        return new Edge(name, role, from, to, changed, allowance);
    }
}
