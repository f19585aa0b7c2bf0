package org.soberhem.core.geometry;

import java.util.Optional;

/** Where lines and circles meet. Lines are endless and given by two places that differ. */
public final class Meeting {

    /** Lines that turn less than this from each other count as parallel: the sine of their angle. */
    private static final double PARALLEL = 1e-9;

    private Meeting() {}

    /** Returns where two lines cross; empty if they are parallel. */
    public static Optional<Point> ofLines(Point a, Point b, Point c, Point d) {
        Point first = b.minus(a);
        Point second = d.minus(c);
        double turn = first.cross(second);
        if (Math.abs(turn) < PARALLEL * first.norm() * second.norm()) {
            return Optional.empty();
        }
        return Optional.of(a.plus(first.times(c.minus(a).cross(second) / turn)));
    }

    /**
     * Returns where a circle meets a line.
     *
     * @param far whether the place farther on in the direction from a to b is meant
     * @return empty if the line passes the circle by
     */
    public static Optional<Point> ofCircle(Point centre, double radius, Point a, Point b, boolean far) {
        Point foot = foot(centre, a, b);
        double away = foot.distanceTo(centre);
        if (away > radius) {
            return Optional.empty();
        }
        double along = Math.sqrt(radius * radius - away * away);
        return Optional.of(foot.plus(b.minus(a).unit().times(far ? along : -along)));
    }

    /**
     * Returns where two circles meet.
     *
     * @param left whether the place to the left as seen of the way from the first centre to the second is meant
     * @return empty if they lie apart, one lies within the other, or they are the same
     */
    public static Optional<Point> ofCircles(
            Point first, double firstRadius, Point second, double radius, boolean left) {
        double between = first.distanceTo(second);
        if (between == 0 || between > firstRadius + radius || between < Math.abs(firstRadius - radius)) {
            return Optional.empty();
        }
        double along = (firstRadius * firstRadius - radius * radius + between * between) / (2 * between);
        double out = Math.sqrt(Math.max(0, firstRadius * firstRadius - along * along));
        Point way = second.minus(first).unit();
        return Optional.of(first.plus(way.times(along)).plus(way.outward().times(left ? out : -out)));
    }

    /** Returns the place of a line that is nearest to a point. */
    public static Point foot(Point point, Point a, Point b) {
        Point way = b.minus(a).unit();
        return a.plus(way.times(way.dot(point.minus(a))));
    }
}
