package org.soberhem.core.geometry;

import java.util.function.UnaryOperator;

/**
 * A piece of paper turned and moved without changing its shape.
 *
 * @param from a place on it
 * @param cosine of the angle by which it is turned; positive angles turn clockwise as seen
 * @param sine of that angle
 * @param to where the place goes
 */
public record Turn(Point from, double cosine, double sine, Point to) implements UnaryOperator<Point> {

    /** Turns about a place that stays. */
    public static Turn about(Point pivot, double radians) {
        return new Turn(pivot, StrictMath.cos(radians), StrictMath.sin(radians), pivot);
    }

    /** Moves without turning. */
    public static Turn by(Point move) {
        return new Turn(Point.ORIGIN, 1, 0, move);
    }

    /**
     * Lays one chord on another: the first place meets its fellow, the second lies in its direction.
     *
     * @throws ArithmeticException if one of the chords has no length
     */
    public static Turn laying(Point first, Point second, Point onFirst, Point onSecond) {
        Point from = second.minus(first).unit();
        Point to = onSecond.minus(onFirst).unit();
        return new Turn(first, from.dot(to), from.cross(to), onFirst);
    }

    /** Returns the angle between two directions, clockwise as seen, in radians. */
    public static double angle(Point from, Point to) {
        return StrictMath.atan2(from.cross(to), from.dot(to));
    }

    @Override
    public Point apply(Point point) {
        return direction(point.minus(from)).plus(to);
    }

    /** Returns a displacement turned. */
    public Point direction(Point displacement) {
        return new Point(
                displacement.x() * cosine - displacement.y() * sine,
                displacement.x() * sine + displacement.y() * cosine);
    }

    /** Returns this turn made after another. */
    public Turn after(Turn first) {
        return new Turn(
                first.from,
                cosine * first.cosine - sine * first.sine,
                sine * first.cosine + cosine * first.sine,
                apply(first.to));
    }

    /** Returns the turn that undoes this one. */
    public Turn inverse() {
        return new Turn(to, cosine, -sine, from);
    }
}
