package org.soberhem.core.pattern;

import java.util.List;
import org.soberhem.core.geometry.Bisection;
import org.soberhem.core.geometry.Cubic;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;

/**
 * Cloth folded away between two legs that meet in a point.
 *
 * @param name unique in its piece
 * @param point where it vanishes
 * @param first leg's open end
 * @param second leg's open end
 * @param bow how far each leg bends away from the other half way, so that more is taken up; negative towards it
 */
public record Dart(String name, Point point, Point first, Point second, double bow) {

    /** A place nearer to a line lies on it, in millimetres. */
    private static final double ON_LINE = 1e-6;

    /** A dart with straight legs. */
    public Dart(String name, Point point, Point first, Point second) {
        this(name, point, first, second, 0);
    }

    /** Returns the dart with its places elsewhere. */
    public Dart at(Point newPoint, Point newFirst, Point newSecond) {
        return new Dart(name, newPoint, newFirst, newSecond, bow);
    }

    /** Returns both legs, each from its open end to the point. */
    public List<Path> legs() {
        return List.of(Path.of(leg(first, second)), Path.of(leg(second, first)));
    }

    private Segment leg(Point from, Point other) {
        if (bow == 0) {
            return new LineSegment(from, point);
        }
        boolean left = point.minus(from).cross(other.minus(from)) > 0;
        return Cubic.bowed(from, point, left ? bow : -bow, 0.5);
    }

    /**
     * Returns how much is taken up where a line crosses the dart; nothing where it runs along its mouth.
     *
     * @param from a place on the line
     * @param direction of the line, with length 1
     */
    public double takenUp(Point from, Point direction) {
        if (bow == 0) {
            return opensOn(from, direction) ? 0 : chord(from, direction);
        }
        double apex = direction.cross(point.minus(from));
        double a = direction.cross(first.minus(from));
        double b = direction.cross(second.minus(from));
        if (apex * a >= 0 || apex * b >= 0) {
            return 0;
        }
        return Math.abs(meeting(leg(first, second), from, direction) - meeting(leg(second, first), from, direction));
    }

    /** Returns how much of a line lies between the legs and the mouth, all straight. */
    private double chord(Point from, Point direction) {
        List<Point> corners = List.of(point, first, second);
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < corners.size(); i++) {
            Point one = corners.get(i);
            Point other = corners.get((i + 1) % corners.size());
            double a = direction.cross(one.minus(from));
            double b = direction.cross(other.minus(from));
            if (a * b < 0 || a == 0 && b != 0) {
                double along = direction.dot(one.towards(other, a / (a - b)).minus(from));
                least = Math.min(least, along);
                most = Math.max(most, along);
            }
        }
        return most > least ? most - least : 0;
    }

    /** Says whether both legs begin on a line. */
    boolean opensOn(Point from, Point direction) {
        return Math.abs(direction.cross(first.minus(from))) < ON_LINE
                && Math.abs(direction.cross(second.minus(from))) < ON_LINE
                && !first.equals(second);
    }

    /**
     * Returns where a leg crosses the line, as a distance along it; a leg crosses it once, since it ends on its other
     * side.
     */
    private static double meeting(Segment leg, Point from, Point direction) {
        double sign = direction.cross(leg.start().minus(from));
        double crossing = Bisection.between(
                0, 1, 40, along -> direction.cross(leg.at(along).minus(from)) * sign > 0);
        return direction.dot(leg.at(crossing).minus(from));
    }
}
