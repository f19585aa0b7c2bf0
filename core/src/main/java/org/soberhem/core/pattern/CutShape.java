package org.soberhem.core.pattern;

/** How a piece of a sheet lies on the cloth. */
public enum CutShape {
    /** Cut twice, mirrored: wearer's left and right. */
    PAIR,
    /** Cut as it is drawn. */
    PLAIN,
    /** Drawn as a half, cut on a fold. */
    FOLD
}
