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

    private Allowance() {}

    /** Returns the outline with every edge moved outward, all corners mitred. */
    public static Outline outside(List<Path> edges, double[] amounts) {
        return outside(edges, amounts, Collections.nCopies(edges.size(), Corner.MITRED));
    }

    /**
     * Returns the outline with every edge moved outward.
     *
     * @param edges the closed outline in order, clockwise as seen
     * @param amounts how far each edge moves, in millimetres, positive outward; one an edge
     * @param corners how the allowance of each edge ends
     * @throws IllegalStateException if nothing is left of the outline
     */
    public static Outline outside(List<Path> edges, double[] amounts, List<Corner> corners) {
        int count = edges.size();
        List<List<Point>> sides = new ArrayList<>(count);
        boolean any = false;
        for (int i = 0; i < count; i++) {
            sides.add(parallel(edges.get(i), amounts[i]));
            any |= amounts[i] != 0;
        }
        for (int i = 0; i < count; i++) {
            int next = (i + 1) % count;
            new Join(edges.get(i), edges.get(next), sides.get(i), sides.get(next), amounts[i], amounts[next])
                    .make(corners.get(i), corners.get(next));
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
