package org.soberhem.core.geometry;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;

/**
 * Stretches joined end to end.
 *
 * @param segments at least one; each starts exactly where the one before it ends
 */
public record Path(List<Segment> segments) {

    /** Chords to measure distances from, in millimetres. */
    private static final double FLAT = 0.1;

    /** A stretch shorter than this is left out where a path is cut, in millimetres. */
    private static final double SHORTEST = 1e-7;

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

    /**
     * Returns the share of the length at which a measure of places changes its sign between the path's two ends, found
     * by halving.
     *
     * @return empty if it has the same sign at both
     */
    public OptionalDouble shareWhere(ToDoubleFunction<Point> measure) {
        boolean below = measure.applyAsDouble(start()) < 0;
        if (below == measure.applyAsDouble(end()) < 0) {
            return OptionalDouble.empty();
        }
        double done = 0;
        for (Segment segment : segments) {
            if (measure.applyAsDouble(segment.end()) < 0 != below) {
                double at = Bisection.between(0, 1, 50, t -> measure.applyAsDouble(segment.at(t)) < 0 == below);
                double within = at * segment.length() < SHORTEST
                        ? 0
                        : segment.part(0, at).length();
                return OptionalDouble.of((done + within) / length());
            }
            done += segment.length();
        }
        throw new IllegalStateException("A path whose ends differ must have a stretch whose ends do");
    }

    private static double parameter(Segment segment, double wanted, double length) {
        if (length == 0 || wanted >= length) {
            return length == 0 ? 0 : 1;
        }
        return segment instanceof Cubic curve ? curve.parameterAt(wanted) : wanted / length;
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
        flattenInto(points, tolerance);
        return points;
    }

    /** Adds the corners of the chords to others. */
    public void flattenInto(List<Point> points, double tolerance) {
        points.add(start());
        for (Segment segment : segments) {
            int chords = segment.chords(tolerance);
            for (int i = 1; i < chords; i++) {
                points.add(segment.at((double) i / chords));
            }
            points.add(segment.end());
        }
    }

    /** Returns how far a place lies from the path. */
    public double distanceTo(Point place) {
        Coordinate[] places = flattened(FLAT).stream()
                .map(each -> new Coordinate(each.x(), each.y()))
                .toArray(Coordinate[]::new);
        return Distance.pointToSegmentString(new Coordinate(place.x(), place.y()), places);
    }

    /** Returns the same path with every stretch as a cubic curve. */
    public Path curved() {
        return new Path(segments.stream().<Segment>map(Segment::asCubic).toList());
    }

    /** Returns the path with every place that defines it sent elsewhere. */
    public Path mapped(UnaryOperator<Point> to) {
        return new Path(segments.stream().map(segment -> segment.mapped(to)).toList());
    }

    /**
     * Returns the part between two shares of the length.
     *
     * @param from 0 to 1
     * @param to greater than {@code from}, at most 1
     */
    public Path part(double from, double to) {
        double total = length();
        double first = from * total;
        double last = to * total;
        List<Segment> kept = new ArrayList<>();
        double done = 0;
        for (Segment segment : segments) {
            double length = segment.length();
            double begin = Math.max(0, first - done);
            double stop = Math.min(length, last - done);
            if (stop - begin > SHORTEST) {
                boolean whole = begin == 0 && stop == length;
                kept.add(
                        whole
                                ? segment
                                : segment.part(parameter(segment, begin, length), parameter(segment, stop, length)));
            }
            done += length;
        }
        if (kept.isEmpty()) {
            throw new ArithmeticException("Nothing of the path lies between the two places");
        }
        return new Path(kept);
    }

    /** Returns the path that begins exactly at a place very near to its start and ends at one very near to its end. */
    public Path between(Point from, Point to) {
        return withEndsMoved(from.minus(start()), to.minus(end()));
    }

    /**
     * Returns the path with its end farther on by a length, straight ahead; a negative length cuts that much off.
     *
     * @throws ArithmeticException if more is cut off than there is
     */
    public Path longer(double by) {
        if (by > 0) {
            Point ahead = end().plus(endDirection().times(by));
            List<Segment> all = new ArrayList<>(segments);
            int last = all.size() - 1;
            // A straight end stays one stretch, so that what is added can be taken off again.
            if (all.get(last) instanceof LineSegment line) {
                all.set(last, new LineSegment(line.start(), ahead));
            } else {
                all.add(new LineSegment(end(), ahead));
            }
            return new Path(all);
        }
        return by == 0 ? this : part(0, 1 + by / length());
    }

    /**
     * Returns the path moved sidewards by amounts that change along it.
     *
     * @param direction in which it moves, with length 1
     * @param amounts how far each place moves, in millimetres, by its share of the length
     */
    public Path shifted(Point direction, Profile amounts) {
        if (amounts.isStraight()) {
            return withEndsMoved(direction.times(amounts.at(0)), direction.times(amounts.at(1)));
        }
        double total = length();
        double done = 0;
        List<Segment> moved = new ArrayList<>(segments.size());
        for (Segment segment : splitAt(amounts.joints()).segments) {
            double from = Math.min(1, done / total);
            double length = segment.length();
            done += length;
            double[] by = amounts.cubic(from, Math.min(1, done / total));
            Cubic curve = segment.asCubic();
            // What the amount changes by along the line is the same on both sides of a joint, however fast each of the
            // two curves runs there: no new bend.
            if (length > SHORTEST) {
                by[1] = by[0] + (by[1] - by[0]) * 3 * curve.start().distanceTo(curve.first()) / length;
                by[2] = by[3] - (by[3] - by[2]) * 3 * curve.second().distanceTo(curve.end()) / length;
            }
            moved.add(new Cubic(
                    moved.isEmpty()
                            ? curve.start().plus(direction.times(by[0]))
                            : moved.get(moved.size() - 1).end(),
                    curve.first().plus(direction.times(by[1])),
                    curve.second().plus(direction.times(by[2])),
                    curve.end().plus(direction.times(by[3]))));
        }
        return new Path(moved);
    }

    /** Returns the same path with a joint at each of some shares of the length. */
    private Path splitAt(double[] shares) {
        Path split = null;
        double from = 0;
        for (double share : shares) {
            Path part = part(from, share);
            split = split == null ? part : split.then(part.between(split.end(), part.end()));
            from = share;
        }
        return split == null ? this : split.then(part(from, 1).between(split.end(), end()));
    }

    /**
     * Returns the path moved sidewards half way along it, its ends and its directions there as before.
     *
     * @param by how far the place half way moves
     */
    public Path hollowed(Point by) {
        return shifted(by, Profile.swelling(1));
    }

    /**
     * Returns the path redrawn after its ends were moved, leaving and coming in as before; a straight stretch stays
     * straight. Inner joints follow by their share of the length and stay smooth.
     */
    public Path redrawn(Point startBy, Point endBy) {
        double total = length();
        double done = 0;
        Point from = start().plus(startBy);
        List<Segment> redrawn = new ArrayList<>(segments.size());
        for (int i = 0; i < segments.size(); i++) {
            done += segments.get(i).length();
            Point by = i == segments.size() - 1 ? endBy : startBy.towards(endBy, done / total);
            Point to = segments.get(i).end().plus(by);
            redrawn.add(segments.get(i).redrawn(from, to));
            from = to;
        }
        return new Path(redrawn);
    }
}
