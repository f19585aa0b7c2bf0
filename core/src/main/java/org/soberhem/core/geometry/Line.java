package org.soberhem.core.geometry;

import java.util.function.UnaryOperator;

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

    @Override
    public Line mapped(UnaryOperator<Point> to) {
        return new Line(to.apply(start), to.apply(end));
    }

    @Override
    public Cubic asCubic() {
        return new Cubic(start, start.towards(end, 1.0 / 3), start.towards(end, 2.0 / 3), end);
    }

    @Override
    public Line redrawn(Point from, Point to) {
        return new Line(from, to);
    }
}
