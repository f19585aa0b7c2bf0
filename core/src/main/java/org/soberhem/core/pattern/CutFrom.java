package org.soberhem.core.pattern;

/**
 * How a piece is cut after another one, so that it can be cut anew when that one changes.
 *
 * @param master the piece that it is cut after
 * @param edge the edge that a strip lies behind; empty if the whole piece is copied
 * @param way how
 * @param width of a strip, in millimetres; 0 for a copy
 * @param smaller how far it stays within the seam line, in millimetres; negative reaches beyond
 * @param longer how much longer a copy is at its lower edge, in millimetres
 * @param until the level at which a copy ends; empty if it does not
 */
public record CutFrom(String master, String edge, Way way, double width, double smaller, double longer, String until) {

    /** Ways of cutting after another piece. */
    public enum Way {
        /** A straight strip as long as an edge. */
        STRIP,
        /** A strip in the shape of an edge. */
        SHAPED_STRIP,
        /** A copy of the piece. */
        COPY
    }
}
