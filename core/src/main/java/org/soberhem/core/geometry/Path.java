package org.soberhem.core.geometry;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * Stretches joined end to end.
 *
 * @param segments at least one; each starts exactly where the one before it ends
 */
public record Path(List<Segment> segments) {

    public Path {
        segments = List.copyOf(segments);
        if (segments.isEmpty()) {
            throw new IllegalArgumentException("A path must have at least one stretch");
        }
    }

    public static Path of(Segment... segments) {
        return new Path(List.of(segments));
    }

    /**
     * Draws a smooth line through places; at each it runs parallel to the line between its neighbours.
     *
     * @param places at least two
     */
    public static Path through(List<Point> places) {
        if (places.size() < 2) {
            throw new IllegalArgumentException("A line must go through at least two places: " + places.size());
        }
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i + 1 < places.size(); i++) {
            Point from = places.get(i);
            Point to = places.get(i + 1);
            Point before = places.get(Math.max(0, i - 1));
            Point after = places.get(Math.min(places.size() - 1, i + 2));
            Point leave = from.plus(to.minus(before).times(1.0 / 6));
            Point come = to.minus(after.minus(from).times(1.0 / 6));
            segments.add(new Cubic(from, leave, come, to));
        }
        return new Path(segments);
    }

    /**
     * Draws the line of a bent lath through places.
     *
     * @param places at least two, no two neighbours the same
     * @param leave direction in which it leaves the first, with length 1; empty to leave it free
     * @param come direction in which it comes into the last, with length 1; empty to leave it free
     * @throws ArithmeticException if two neighbours are the same
     */
    public static Path bent(List<Point> places, Optional<Point> leave, Optional<Point> come) {
        return Spline.through(places, leave, come);
    }

    /**
     * Says whether the path crosses or touches itself.
     *
     * @param tolerance greatest distance of a chord from its arc, greater than 0
     */
    public boolean loops(double tolerance) {
        return Outline.crosses(flattened(tolerance));
    }

    public Point start() {
        return segments.get(0).start();
    }

    public Point end() {
        return segments.get(segments.size() - 1).end();
    }

    /** Returns the direction in which the path leaves its start, with length 1. */
    public Point startDirection() {
        return segments.get(0).direction(0);
    }

    /** Returns the direction in which the path comes into its end, with length 1. */
    public Point endDirection() {
        return segments.get(segments.size() - 1).direction(1);
    }

    public double length() {
        double sum = 0;
        for (Segment segment : segments) {
            sum += segment.length();
        }
        return sum;
    }

    public Path reversed() {
        List<Segment> turned = new ArrayList<>(segments.size());
        for (Segment segment : segments) {
            turned.add(segment.reversed());
        }
        Collections.reverse(turned);
        return new Path(turned);
    }

    /** Returns this path and the next one as one. */
    public Path then(Path next) {
        List<Segment> all = new ArrayList<>(segments);
        all.addAll(next.segments);
        return new Path(all);
    }

    /**
     * Returns the place at a share of the length.
     *
     * @param share 0 at the start to 1 at the end
     */
    public Point atShare(double share) {
        double left = Math.max(0, Math.min(1, share)) * length();
        for (Segment segment : segments) {
            double length = segment.length();
            if (left <= length) {
                return segment.at(parameter(segment, left, length));
            }
            left -= length;
        }
        return end();
    }

    private static double parameter(Segment segment, double wanted, double length) {
        if (segment instanceof Line || length == 0) {
            return length == 0 ? 0 : wanted / length;
        }
        double low = 0;
        double high = 1;
        for (int round = 0; round < 40; round++) {
            double middle = (low + high) / 2;
            if (segment.part(0, middle).length() < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /**
     * Returns the path redrawn after its ends were moved; each inner joint follows by its share of the length.
     *
     * @see Segment#withEndsMoved
     */
    public Path withEndsMoved(Point startBy, Point endBy) {
        double total = length();
        double done = 0;
        Point from = startBy;
        List<Segment> moved = new ArrayList<>(segments.size());
        for (int i = 0; i < segments.size(); i++) {
            Segment segment = segments.get(i);
            done += segment.length();
            Point to = i == segments.size() - 1 ? endBy : startBy.towards(endBy, done / total);
            moved.add(segment.withEndsMoved(from, to));
            from = to;
        }
        return new Path(moved);
    }

    /**
     * Returns the corners of the chords that stay within the tolerance of the path, both ends included.
     *
     * @param tolerance greatest distance of a chord from its arc, greater than 0
     */
    public List<Point> flattened(double tolerance) {
        List<Point> points = new ArrayList<>();
        points.add(start());
        for (Segment segment : segments) {
            int chords = segment.chords(tolerance);
            for (int i = 1; i < chords; i++) {
                points.add(segment.at((double) i / chords));
            }
            points.add(segment.end());
        }
        return points;
    }
}
