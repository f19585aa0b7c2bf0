package org.soberhem.core.pattern;

/** How a piece of a sheet lies on the cloth. */
public enum CutShape {
    /** Cut twice, mirrored: wearer's left and right. */
    PAIR(", mirrored"),
    /** Cut as it is drawn. */
    PLAIN(""),
    /** Drawn as a half, cut on a fold. */
    FOLD(" on the fold");

    private final String how;

    CutShape(String how) {
        this.how = how;
    }

    /** Returns what is cut and how, such as "2, mirrored" or "2 outer, 2 lining, mirrored". */
    public String words(String counts) {
        return counts + how;
    }
}
