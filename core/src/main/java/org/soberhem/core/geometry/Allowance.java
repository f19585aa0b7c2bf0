package org.soberhem.core.geometry;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * Moves the edges of a closed outline outward or inward, each by its own amount: the cutting line round a seam line, or
 * the seam line within a plate's cutting line.
 */
public final class Allowance {

    /** Flattening of curved edges; far below what a pencil shows. */
    public static final double FLATNESS = 0.01;

    /** A corner's point never reaches farther than this many times the larger allowance. */
    private static final double MITRE_LIMIT = 2.5;

    private Allowance() {}

    /**
     * Returns the outline with every edge moved outward.
     *
     * @param edges the closed outline in order, clockwise as seen
     * @param amounts how far each edge moves, in millimetres, positive outward; one an edge
     * @throws IllegalStateException if nothing is left of the outline
     */
    public static Outline outside(List<Path> edges, double[] amounts) {
        int count = edges.size();
        List<List<Point>> sides = new ArrayList<>(count);
        boolean any = false;
        for (int i = 0; i < count; i++) {
            sides.add(parallel(edges.get(i), amounts[i]));
            any |= amounts[i] != 0;
        }
        for (int i = 0; i < count; i++) {
            int next = (i + 1) % count;
            join(edges.get(i), edges.get(next), sides.get(i), sides.get(next), amounts[i], amounts[next]);
        }
        List<Point> ring = new ArrayList<>();
        for (List<Point> side : sides) {
            for (Point p : side) {
                if (ring.isEmpty() || ring.get(ring.size() - 1).distanceTo(p) > FLATNESS) {
                    ring.add(p);
                }
            }
        }
        while (ring.size() > 3 && ring.get(0).distanceTo(ring.get(ring.size() - 1)) <= FLATNESS) {
            ring.remove(ring.size() - 1);
        }
        Outline outline = new Outline(ring);
        return any && outline.crossing().isPresent() ? withoutLoops(outline) : outline;
    }

    private static List<Point> parallel(Path edge, double amount) {
        List<Point> points = new ArrayList<>();
        for (Segment segment : edge.segments()) {
            int chords = segment.chords(FLATNESS);
            for (int i = points.isEmpty() ? 0 : 1; i <= chords; i++) {
                double t = (double) i / chords;
                Point at = segment.at(t);
                points.add(
                        amount == 0
                                ? at
                                : at.plus(segment.direction(t).outward().times(amount)));
            }
        }
        return points;
    }

    private static void join(
            Path edge, Path next, List<Point> side, List<Point> nextSide, double amount, double nextAmount) {
        Point in = edge.endDirection();
        Point out = next.startDirection();
        double turn = in.cross(out);
        if (Math.abs(turn) < 1e-3 && in.dot(out) > 0) {
            return;
        }
        Point end = side.get(side.size() - 1);
        Point start = nextSide.get(0);
        if (Math.abs(turn) >= 1e-3) {
            Point mitre = end.plus(in.times(start.minus(end).cross(out) / turn));
            boolean ahead = mitre.minus(end).dot(in) >= 0 && start.minus(mitre).dot(out) >= 0;
            double limit = MITRE_LIMIT * Math.max(Math.abs(amount), Math.abs(nextAmount)) + FLATNESS;
            if (ahead) {
                if (mitre.distanceTo(edge.end()) <= limit) {
                    side.add(mitre);
                } else {
                    cutOff(edge.end(), in, out, side, nextSide, limit);
                }
                return;
            }
        }
        trimToCrossing(side, nextSide);
    }

    /** Ends a sharp point square to its middle line at the limit: a straight join would come too near to the corner. */
    private static void cutOff(
            Point corner, Point in, Point out, List<Point> side, List<Point> nextSide, double limit) {
        Point middle = in.minus(out).unit();
        Point end = side.get(side.size() - 1);
        Point start = nextSide.get(0);
        side.add(end.plus(in.times((limit - end.minus(corner).dot(middle)) / in.dot(middle))));
        side.add(start.minus(out.times((limit - start.minus(corner).dot(middle)) / -out.dot(middle))));
    }

    /** Cuts both sides back to the place where they cross near their common corner; without one they are joined straight. */
    private static void trimToCrossing(List<Point> side, List<Point> next) {
        for (int i = side.size() - 2; i >= 0; i--) {
            Point a = side.get(i);
            Point b = side.get(i + 1);
            for (int j = 0; j < next.size() - 1; j++) {
                Point c = next.get(j);
                Point d = next.get(j + 1);
                double whole = b.minus(a).cross(d.minus(c));
                if (whole == 0) {
                    continue;
                }
                double s = c.minus(a).cross(d.minus(c)) / whole;
                double t = c.minus(a).cross(b.minus(a)) / whole;
                if (s >= 0 && s <= 1 && t >= 0 && t <= 1) {
                    Point at = a.towards(b, s);
                    side.subList(i + 1, side.size()).clear();
                    side.add(at);
                    next.subList(0, j + 1).clear();
                    next.add(0, at);
                    return;
                }
            }
        }
    }

    private static Outline withoutLoops(Outline outline) {
        Polygonizer polygonizer = new Polygonizer();
        polygonizer.add(UnaryUnionOp.union(outline.ring()));
        Polygon largest = null;
        for (Object found : polygonizer.getPolygons()) {
            Polygon polygon = (Polygon) found;
            if (largest == null || polygon.getArea() > largest.getArea()) {
                largest = polygon;
            }
        }
        if (largest == null) {
            throw new IllegalStateException("Nothing is left inside the allowances");
        }
        return clockwise(largest.getExteriorRing());
    }

    private static Outline clockwise(Geometry ring) {
        Coordinate[] coordinates = ring.getCoordinates();
        List<Point> corners = new ArrayList<>(coordinates.length);
        for (int i = 0; i < coordinates.length - 1; i++) {
            corners.add(new Point(coordinates[i].x, coordinates[i].y));
        }
        Outline outline = new Outline(corners);
        if (outline.signedArea() > 0) {
            return outline;
        }
        Collections.reverse(corners);
        return new Outline(corners);
    }
}
