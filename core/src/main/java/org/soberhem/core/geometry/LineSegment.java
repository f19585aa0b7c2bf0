package org.soberhem.core.geometry;

import java.util.function.UnaryOperator;

/** A straight stretch. */
public record LineSegment(Point start, Point end) implements Segment {

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
    public LineSegment reversed() {
        return new LineSegment(end, start);
    }

    @Override
    public LineSegment part(double from, double to) {
        return new LineSegment(at(from), at(to));
    }

    @Override
    public LineSegment withEndsMoved(Point startBy, Point endBy) {
        return new LineSegment(start.plus(startBy), end.plus(endBy));
    }

    @Override
    public LineSegment mapped(UnaryOperator<Point> to) {
        return new LineSegment(to.apply(start), to.apply(end));
    }

    @Override
    public Cubic asCubic() {
        return new Cubic(start, start.towards(end, 1.0 / 3), start.towards(end, 2.0 / 3), end);
    }

    @Override
    public LineSegment redrawn(Point from, Point to) {
        return new LineSegment(from, to);
    }
}
