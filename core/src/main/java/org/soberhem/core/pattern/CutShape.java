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

    /** Returns how many are cut and how, such as "2, mirrored". */
    public String words(int count) {
        return count + how;
    }
}
