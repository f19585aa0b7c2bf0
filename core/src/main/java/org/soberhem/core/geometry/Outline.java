package org.soberhem.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.predicate.RectangleIntersects;
import org.locationtech.jts.operation.valid.IsSimpleOp;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/**
 * A closed line of straight chords; the last corner is joined to the first without repeating it.
 *
 * @param corners at least three
 */
public record Outline(List<Point> corners) {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Keeps rounding from letting a thinned outline in. */
    private static final double WITHIN = 0.98;

    public Outline {
        corners = List.copyOf(corners);
        if (corners.size() < 3) {
            throw new IllegalArgumentException("An outline must have at least three corners: " + corners.size());
        }
    }

    /** Returns the area with its sign: positive when the outline runs clockwise as seen. */
    public double signedArea() {
        double twice = 0;
        Point before = corners.get(corners.size() - 1);
        for (Point corner : corners) {
            twice += before.cross(corner);
            before = corner;
        }
        return twice / 2;
    }

    /** Returns a place where the outline crosses or touches itself, if there is one. */
    public Optional<Point> crossing() {
        IsSimpleOp simple = new IsSimpleOp(ring());
        if (simple.isSimple()) {
            return Optional.empty();
        }
        Coordinate at = simple.getNonSimpleLocation();
        return Optional.of(new Point(at.x, at.y));
    }

    /** Says whether an open line of chords crosses or touches itself. */
    static boolean crosses(List<Point> line) {
        return !new IsSimpleOp(FACTORY.createLineString(coordinates(line))).isSimple();
    }

    LinearRing ring() {
        List<Point> closed = new ArrayList<>(corners);
        closed.add(corners.get(0));
        return FACTORY.createLinearRing(coordinates(closed));
    }

    private static Coordinate[] coordinates(List<Point> points) {
        Coordinate[] coordinates = new Coordinate[points.size()];
        for (int i = 0; i < coordinates.length; i++) {
            coordinates[i] = new Coordinate(points.get(i).x(), points.get(i).y());
        }
        return coordinates;
    }

    /**
     * Returns where an endless straight line enters and leaves the outline, as distances along the line from {@code
     * from}, in rising order; always an even number of places.
     *
     * @param from a place on the line
     * @param direction the line's direction, with length 1
     */
    public List<Double> cuts(Point from, Point direction) {
        List<Double> cuts = new ArrayList<>();
        Point before = corners.get(corners.size() - 1);
        double sideBefore = direction.cross(before.minus(from));
        for (Point corner : corners) {
            double side = direction.cross(corner.minus(from));
            // Half-open, so that a line through a corner is counted once on each side of it.
            if ((sideBefore < 0) != (side < 0)) {
                Point at = before.towards(corner, sideBefore / (sideBefore - side));
                cuts.add(direction.dot(at.minus(from)));
            }
            before = corner;
            sideBefore = side;
        }
        cuts.sort(Double::compare);
        return cuts;
    }

    /** Returns the convex hull of at least three places that do not lie on one line. */
    public static Outline hull(List<Point> places) {
        Coordinate[] all =
                places.stream().map(each -> new Coordinate(each.x(), each.y())).toArray(Coordinate[]::new);
        Coordinate[] hull = new ConvexHull(all, FACTORY).getConvexHull().getCoordinates();
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i + 1 < hull.length; i++) {
            corners.add(new Point(hull[i].x, hull[i].y));
        }
        return new Outline(corners);
    }

    /** Returns how long it is all round. */
    public double round() {
        double length = 0;
        for (int i = 0; i < corners.size(); i++) {
            length += corners.get(i).distanceTo(corners.get((i + 1) % corners.size()));
        }
        return length;
    }

    /** Returns the box round the outline. */
    public Box box() {
        return Box.round(corners);
    }

    /** Says whether a place lies inside. */
    public boolean contains(Point place) {
        List<Double> cuts = cuts(place, new Point(1, 0));
        return cuts.stream().filter(cut -> cut > 0).count() % 2 == 1;
    }

    /** Returns how far a place lies from the line, inside or outside. */
    public double distanceTo(Point place) {
        List<Coordinate> line = new ArrayList<>();
        corners.forEach(corner -> line.add(new Coordinate(corner.x(), corner.y())));
        line.add(line.get(0));
        return Distance.pointToSegmentString(new Coordinate(place.x(), place.y()), line.toArray(Coordinate[]::new));
    }

    /** Returns the area that two outlines share, in square millimetres. */
    public double shared(Outline other) {
        return OverlayNGRobust.overlay(polygon(), other.polygon(), OverlayNG.INTERSECTION)
                .getArea();
    }

    /**
     * Returns a closed outline with fewer corners that holds this one and lies nowhere further outside it than said.
     *
     * @param most in millimetres, greater than 0
     */
    public Outline thinned(double most) {
        Geometry wider = BufferOp.bufferOp(
                polygon(),
                most / 2,
                new BufferParameters(1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 2));
        Geometry fewer = TopologyPreservingSimplifier.simplify(wider, most / 2 * WITHIN);
        Coordinate[] ring = ((Polygon) fewer).getExteriorRing().getCoordinates();
        if (ring.length - 1 >= corners.size() || !fewer.covers(polygon())) {
            return this;
        }
        return of(ring);
    }

    private static Outline of(Coordinate[] ring) {
        List<Point> kept = new ArrayList<>();
        for (int i = 0; i + 1 < ring.length; i++) {
            kept.add(new Point(ring[i].x, ring[i].y));
        }
        return new Outline(kept);
    }

    /** Returns the parts of the area inside that lie in a box, as outlines. */
    public List<Outline> within(Box box) {
        Geometry part = OverlayNGRobust.overlay(
                polygon(),
                FACTORY.toGeometry(new Envelope(box.minX(), box.maxX(), box.minY(), box.maxY())),
                OverlayNG.INTERSECTION);
        List<Outline> parts = new ArrayList<>();
        for (int i = 0; i < part.getNumGeometries(); i++) {
            if (part.getGeometryN(i) instanceof Polygon polygon) {
                parts.add(of(polygon.getExteriorRing().getCoordinates()));
            }
        }
        return parts;
    }

    /** Returns the outline with every corner moved to another place. */
    public Outline mapped(UnaryOperator<Point> to) {
        return new Outline(corners.stream().map(to).toList());
    }

    private Polygon polygon() {
        return FACTORY.createPolygon(ring());
    }

    /** Says whether anything of the area inside lies in a box. */
    public boolean touches(Box box) {
        return RectangleIntersects.intersects(
                (Polygon) FACTORY.toGeometry(new Envelope(box.minX(), box.maxX(), box.minY(), box.maxY())), polygon());
    }
}
