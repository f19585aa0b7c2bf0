package org.soberhem.core.pattern;

import org.soberhem.core.geometry.Point;

/** A straight line marked on a piece that is not cut. */
public record MarkLine(String name, Kind kind, Point from, Point to) {

    /** What the line is for. */
    public enum Kind {
        PLACE,
        FOLD,
        TUCK,
        STITCH
    }

    /** Returns the place half way along it. */
    public Point middle() {
        return from.towards(to, 0.5);
    }
}
