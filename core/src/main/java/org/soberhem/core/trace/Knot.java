package org.soberhem.core.trace;

import org.soberhem.core.geometry.Point;

/**
 * A place on a traced outline.
 *
 * @param at where it lies on the picture or on the paper
 * @param corner whether the outline may turn sharply here; between corners it is a smooth curve, or straight if nothing
 *     lies between
 * @param edge name of the edge that begins at this corner; empty where it has none, and for a place on a curve
 */
public record Knot(Point at, boolean corner, String edge) {

    public static Knot corner(Point at, String edge) {
        return new Knot(at, true, edge);
    }

    public static Knot curve(Point at) {
        return new Knot(at, false, "");
    }

    /** Returns the knot elsewhere. */
    public Knot at(Point place) {
        return new Knot(place, corner, edge);
    }

    /** Returns the knot as a corner whose edge has a name. */
    public Knot named(String name) {
        return new Knot(at, true, name);
    }

    /** Returns a corner as a place on a curve, and the other way round. */
    public Knot turned() {
        return new Knot(at, !corner, "");
    }
}
