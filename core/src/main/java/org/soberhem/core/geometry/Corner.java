package org.soberhem.core.geometry;

/** How the allowance of an edge ends where the edge meets its neighbour. */
public enum Corner {
    /** It runs on until it meets the neighbour's. */
    MITRED("mitred"),
    /** It ends square to its seam line, so that the seam can be pressed open. */
    SQUARED("squared"),
    /** It ends so that it lies on the piece without a step when it is turned in: for hems and cuffs. */
    FOLDED("folded back");

    private final String words;

    Corner(String words) {
        this.words = words;
    }
}
