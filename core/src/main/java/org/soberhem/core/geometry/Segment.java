package org.soberhem.core.geometry;

import java.util.function.UnaryOperator;

/** One stretch of a path: straight, or a cubic curve. */
public sealed interface Segment permits LineSegment, Cubic {

    Point start();

    Point end();

    /** Returns the length along the stretch. */
    double length();

    /** Returns the place at parameter t, from 0 at the start to 1 at the end. */
    Point at(double t);

    /** Returns the direction at parameter t, with length 1. */
    Point direction(double t);

    /** Returns the least number of equal parameter steps whose chords stay within the tolerance. */
    int chords(double tolerance);

    Segment reversed();

    /** Returns the part between two parameters, from less than to. */
    Segment part(double from, double to);

    /**
     * Returns the stretch redrawn after its ends were moved: what lies between follows evenly from one end to the
     * other, as when a seam is redrawn smoothly through two corrected points.
     */
    Segment withEndsMoved(Point startBy, Point endBy);

    /**
     * Returns the stretch with every place that defines it sent elsewhere; exact where the places are turned, moved or
     * stretched evenly.
     */
    Segment mapped(UnaryOperator<Point> to);

    /**
     * Returns the stretch between other ends that leaves and comes in as before, in proportion to the distance between
     * them.
     */
    Segment redrawn(Point from, Point to);

    /** Returns the stretch as a cubic curve. */
    Cubic asCubic();
}
