package org.soberhem.core.pattern;

/**
 * Names an edge of a piece, the same on both sides of the wearer.
 *
 * @param piece name of the piece
 * @param edge name of the edge
 */
public record EdgeRef(String piece, String edge) {

    /** Reads {@code piece.edge}. */
    public static EdgeRef parse(String text) {
        int dot = text.indexOf('.');
        if (dot <= 0 || dot == text.length() - 1) {
            throw new IllegalArgumentException("An edge is written piece.edge: \"" + text + "\"");
        }
        return new EdgeRef(text.substring(0, dot), text.substring(dot + 1));
    }

    @Override
    public String toString() {
        return piece + "." + edge;
    }

    /** Returns piece and edge in words. */
    public String words() {
        return piece + " " + edge;
    }
}
