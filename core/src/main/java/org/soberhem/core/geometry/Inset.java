package org.soberhem.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * Moves the edges of a closed outline inward or outward, each by its own amount, and keeps them curves: the seam line
 * within a plate's cutting line, an interlining within its piece.
 *
 * <p>Each curve is halved twice; each part is replaced by the cubic with the offset's own ends, directions and speeds.
 * On the curves of a bodice this stays within 0.02 mm of the true parallel.
 */
public final class Inset {

    private static final int PARTS = 4;

    /** How far a side is lengthened in search of its neighbour, in amounts. */
    private static final double REACH = 4;

    private static final int CHORDS = 24;
    private static final int ROUNDS = 12;

    private Inset() {}

    /**
     * Returns the edges moved inward and trimmed or lengthened to meet at their corners.
     *
     * @param edges closed, clockwise as seen
     * @param amounts how far each moves inward, in millimetres, negative outward; one an edge
     */
    public static List<Path> of(List<Path> edges, double[] amounts) {
        List<List<Segment>> sides = new ArrayList<>(edges.size());
        for (int i = 0; i < edges.size(); i++) {
            sides.add(parallel(edges.get(i), -amounts[i]));
        }
        for (int i = 0; i < sides.size(); i++) {
            int next = (i + 1) % sides.size();
            meet(sides.get(i), sides.get(next), REACH * Math.max(Math.abs(amounts[i]), Math.abs(amounts[next])));
        }
        return sides.stream().map(Inset::joined).toList();
    }

    /** Joins straight stretches that run on in one line. */
    private static Path joined(List<Segment> side) {
        List<Segment> joined = new ArrayList<>();
        for (Segment segment : side) {
            int last = joined.size() - 1;
            if (last >= 0
                    && segment instanceof LineSegment next
                    && joined.get(last) instanceof LineSegment before
                    && Math.abs(before.direction(1).cross(next.direction(0))) < 1e-9) {
                joined.set(last, new LineSegment(before.start(), next.end()));
            } else {
                joined.add(segment);
            }
        }
        return new Path(joined);
    }

    private static List<Segment> parallel(Path edge, double outward) {
        if (outward == 0) {
            return new ArrayList<>(edge.segments());
        }
        List<Segment> moved = new ArrayList<>();
        for (Segment segment : edge.segments()) {
            if (segment instanceof LineSegment) {
                Point by = segment.direction(0).outward().times(outward);
                moved.add(segment.withEndsMoved(by, by));
                continue;
            }
            for (int i = 0; i < PARTS; i++) {
                moved.add(parallel((Cubic) segment.part((double) i / PARTS, (double) (i + 1) / PARTS), outward));
            }
        }
        mend(moved);
        return moved;
    }

    /** Where an edge has a slight corner of its own, the moved stretches beside it meet half way. */
    private static void mend(List<Segment> moved) {
        for (int i = 1; i < moved.size(); i++) {
            Segment before = moved.get(i - 1);
            Segment after = moved.get(i);
            Point meeting = before.end().towards(after.start(), 0.5);
            moved.set(i - 1, before.withEndsMoved(Point.ORIGIN, meeting.minus(before.end())));
            moved.set(i, after.withEndsMoved(meeting.minus(after.start()), Point.ORIGIN));
        }
    }

    private static Cubic parallel(Cubic part, double outward) {
        Point start = part.start().plus(part.direction(0).outward().times(outward));
        Point end = part.end().plus(part.direction(1).outward().times(outward));
        Point first = part.first().minus(part.start()).times(stretch(part, outward));
        Point second = part.end().minus(part.second()).times(stretch(part.reversed(), -outward));
        return new Cubic(start, start.plus(first), end.minus(second), end);
    }

    /** How much faster the parallel runs than the curve at the start: 1 + bend × distance. */
    private static double stretch(Cubic curve, double outward) {
        Point velocity = curve.first().minus(curve.start()).times(3);
        Point change =
                curve.start().minus(curve.first().times(2)).plus(curve.second()).times(6);
        double speed = velocity.norm();
        return speed < 1e-9 ? 1 : 1 + outward * velocity.cross(change) / (speed * speed * speed);
    }

    /** Trims both sides to where they cross; a side that falls short is first lengthened straight on. */
    private static void meet(List<Segment> side, List<Segment> next, double reach) {
        Segment last = side.get(side.size() - 1);
        Segment first = next.get(0);
        if (last.end().distanceTo(first.start()) < 1e-7) {
            return;
        }
        Point end = last.end();
        Point start = first.start();
        side.add(new LineSegment(end, end.plus(last.direction(1).times(reach))));
        next.add(0, new LineSegment(start.minus(first.direction(0).times(reach)), start));
        if (!trimmed(side, next)) {
            side.set(side.size() - 1, new LineSegment(end, start));
            next.remove(0);
        }
    }

    private static boolean trimmed(List<Segment> side, List<Segment> next) {
        for (int i = side.size() - 1; i >= 0; i--) {
            for (int j = 0; j < next.size(); j++) {
                double[] at = crossing(side.get(i), next.get(j));
                if (at != null) {
                    Segment before = side.get(i);
                    Segment after = next.get(j);
                    side.subList(i, side.size()).clear();
                    side.add(before.part(0, at[0]));
                    next.subList(0, j + 1).clear();
                    Point meeting = side.get(side.size() - 1).end();
                    next.add(0, after.part(at[1], 1).withEndsMoved(meeting.minus(after.at(at[1])), Point.ORIGIN));
                    return true;
                }
            }
        }
        return false;
    }

    /** Returns the parameters at which two stretches cross, or null if they do not. */
    private static double[] crossing(Segment a, Segment b) {
        int m = a instanceof LineSegment ? 1 : CHORDS;
        int n = b instanceof LineSegment ? 1 : CHORDS;
        for (int i = m - 1; i >= 0; i--) {
            Point p = a.at((double) i / m);
            Point along = a.at((i + 1.0) / m).minus(p);
            for (int j = 0; j < n; j++) {
                Point q = b.at((double) j / n);
                Point across = b.at((j + 1.0) / n).minus(q);
                double whole = along.cross(across);
                if (whole == 0) {
                    continue;
                }
                double s = q.minus(p).cross(across) / whole;
                double t = q.minus(p).cross(along) / whole;
                if (s > 0 && s <= 1 && t >= 0 && t < 1) {
                    return refined(a, b, (i + s) / m, (j + t) / n);
                }
            }
        }
        return null;
    }

    private static double[] refined(Segment a, Segment b, double s, double t) {
        double step = 1e-6;
        for (int round = 0; round < ROUNDS; round++) {
            Point gap = b.at(t).minus(a.at(s));
            Point alongA = a.at(s + step).minus(a.at(s - step)).times(0.5 / step);
            Point alongB = b.at(t + step).minus(b.at(t - step)).times(0.5 / step);
            double whole = alongA.cross(alongB);
            if (Math.abs(whole) < 1e-12) {
                break;
            }
            s += gap.cross(alongB) / whole;
            t += gap.cross(alongA) / whole;
        }
        return new double[] {s, t};
    }
}
