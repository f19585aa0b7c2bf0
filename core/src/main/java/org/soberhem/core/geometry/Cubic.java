package org.soberhem.core.geometry;

import java.util.function.UnaryOperator;

/** A cubic curve: leaves its start towards the first handle and comes into its end from the second. */
public record Cubic(Point start, Point first, Point second, Point end) implements Segment {

    /**
     * Nodes and weights of the eight-point Gauss-Legendre rule on [-1, 1]; relative error under 1e-9 on two halves of
     * any curve in a draft.
     */
    private static final double[] NODES = {
        0.1834346424956498, 0.5255324099163290, 0.7966664774136267, 0.9602898564975363
    };

    private static final double[] WEIGHTS = {
        0.3626837833783620, 0.3137066458778873, 0.2223810344533745, 0.1012285362903763
    };

    /** A shorter length is none, in millimetres. */
    private static final double NO_LENGTH = 1e-10;

    /** Steps in the search for a length; three or four are usual. */
    private static final int ROUNDS = 50;

    /** More chords than this are never needed for a curve that fits on a cutting table. */
    private static final int MOST_CHORDS = 400;

    /**
     * Draws a curve that leaves the start towards a corner and comes into the end from it.
     *
     * @param fullness how far the handles reach to the corner, 0 (straight) to 1 (into the corner); 2/3 is the parabola
     */
    public static Cubic towards(Point start, Point corner, Point end, double fullness) {
        return new Cubic(start, start.towards(corner, fullness), end.towards(corner, fullness), end);
    }

    /**
     * Draws a curve beside the chord: deepest by {@code depth} at {@code share} of the chord.
     *
     * <p>A parabola is farthest from its chord at the middle of its parameter, by half the distance of its corner.
     *
     * @param depth greatest distance from the chord, positive to the left of the direction as seen (outside a clockwise
     *     outline)
     * @param share where along the chord it is deepest, 1/4 to 3/4
     */
    public static Cubic bowed(Point start, Point end, double depth, double share) {
        if (!(share >= 0.25 && share <= 0.75)) {
            throw new IllegalArgumentException("Deepest place must be 1/4 to 3/4 of the chord: " + share);
        }
        Point chord = end.minus(start);
        Point corner = start.plus(chord.times(2 * share - 0.5))
                .plus(chord.unit().outward().times(2 * depth));
        return towards(start, corner, end, 2.0 / 3);
    }

    @Override
    public double length() {
        return lengthTo(1);
    }

    private double lengthTo(double t) {
        return span(0, t / 2) + span(t / 2, t);
    }

    /** Returns the parameter at a length from the start, by Newton's steps kept between halvings. */
    double parameterAt(double wanted) {
        double low = 0;
        double high = 1;
        double t = wanted / length();
        for (int round = 0; round < ROUNDS; round++) {
            double beyond = lengthTo(t) - wanted;
            if (Math.abs(beyond) < NO_LENGTH) {
                break;
            }
            low = beyond < 0 ? t : low;
            high = beyond < 0 ? high : t;
            double next = t - beyond / speed(t);
            t = next > low && next < high ? next : (low + high) / 2;
        }
        return t;
    }

    private double span(double from, double to) {
        double middle = (from + to) / 2;
        double reach = (to - from) / 2;
        double sum = 0;
        for (int i = 0; i < NODES.length; i++) {
            double step = reach * NODES[i];
            sum += WEIGHTS[i] * (speed(middle - step) + speed(middle + step));
        }
        return sum * reach;
    }

    private double speed(double t) {
        double u = 1 - t;
        double a = 3 * u * u;
        double b = 6 * u * t;
        double c = 3 * t * t;
        double x = a * (first.x() - start.x()) + b * (second.x() - first.x()) + c * (end.x() - second.x());
        double y = a * (first.y() - start.y()) + b * (second.y() - first.y()) + c * (end.y() - second.y());
        return Math.sqrt(x * x + y * y);
    }

    @Override
    public Point at(double t) {
        double u = 1 - t;
        double a = u * u * u;
        double b = 3 * u * u * t;
        double c = 3 * u * t * t;
        double d = t * t * t;
        return new Point(
                a * start.x() + b * first.x() + c * second.x() + d * end.x(),
                a * start.y() + b * first.y() + c * second.y() + d * end.y());
    }

    private Point velocity(double t) {
        double u = 1 - t;
        Point a = first.minus(start).times(3 * u * u);
        Point b = second.minus(first).times(6 * u * t);
        Point c = end.minus(second).times(3 * t * t);
        return a.plus(b).plus(c);
    }

    @Override
    public Point direction(double t) {
        Point velocity = velocity(t);
        if (velocity.norm() < 1e-9) {
            velocity = t < 0.5 ? second.minus(start) : end.minus(first);
        }
        return velocity.unit();
    }

    @Override
    public int chords(double tolerance) {
        // Wang's bound: the second differences of the control polygon limit how far a chord can lie from its arc.
        double bend = Math.max(
                start.minus(first.times(2)).plus(second).norm(),
                first.minus(second.times(2)).plus(end).norm());
        return (int) Math.max(1, Math.min(MOST_CHORDS, Math.ceil(Math.sqrt(0.75 * bend / tolerance))));
    }

    @Override
    public Cubic reversed() {
        return new Cubic(end, second, first, start);
    }

    @Override
    public Cubic part(double from, double to) {
        double third = (to - from) / 3;
        Point a = at(from);
        Point d = at(to);
        return new Cubic(
                a, a.plus(velocity(from).times(third)), d.minus(velocity(to).times(third)), d);
    }

    @Override
    public Cubic withEndsMoved(Point startBy, Point endBy) {
        return new Cubic(
                start.plus(startBy),
                first.plus(startBy.towards(endBy, 1.0 / 3)),
                second.plus(startBy.towards(endBy, 2.0 / 3)),
                end.plus(endBy));
    }

    @Override
    public Cubic mapped(UnaryOperator<Point> to) {
        return new Cubic(to.apply(start), to.apply(first), to.apply(second), to.apply(end));
    }

    @Override
    public Cubic asCubic() {
        return this;
    }

    @Override
    public Cubic redrawn(Point from, Point to) {
        double chord = start.distanceTo(end);
        double factor = chord == 0 ? 1 : from.distanceTo(to) / chord;
        return new Cubic(
                from,
                from.plus(first.minus(start).times(factor)),
                to.plus(second.minus(end).times(factor)),
                to);
    }
}
