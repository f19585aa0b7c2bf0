package org.soberhem.core.geometry;

/** A straight stretch. */
public record Line(Point start, Point end) implements Segment {

    @Override
    public double length() {
        return start.distanceTo(end);
    }

    @Override
    public Point at(double t) {
        return start.towards(end, t);
    }

    @Override
    public Point direction(double t) {
        return end.minus(start).unit();
    }

    @Override
    public int chords(double tolerance) {
        return 1;
    }

    @Override
    public Line reversed() {
        return new Line(end, start);
    }

    @Override
    public Line part(double from, double to) {
        return new Line(at(from), at(to));
    }

    @Override
    public Line withEndsMoved(Point startBy, Point endBy) {
        return new Line(start.plus(startBy), end.plus(endBy));
    }
}
