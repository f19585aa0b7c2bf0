package org.soberhem.core.geometry;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.triangulate.polygon.ConstrainedDelaunayTriangulator;
import org.locationtech.jts.triangulate.quadedge.TrianglePredicate;

/**
 * Triangles that fill an outline, with places inside it as corners too; every stretch of the outline is a side of one.
 *
 * <p>The outline is filled by JTS; each inner place then divides the triangle that it lies in, and sides are turned
 * until
 * every triangle is Delaunay, but for the stretches of the outline.
 *
 * @see "C. L. Lawson, Software for C¹ surface interpolation, in Mathematical Software III, 1977"
 */
public final class Triangulation {

    private final List<Coordinate> places = new ArrayList<>();
    private int[] corners = new int[0];
    private int[] beyond = new int[0];
    private int count;

    private Triangulation(List<Point> outline, List<Point> inner) {
        Map<Coordinate, Integer> numbers = new HashMap<>();
        for (Point point : outline) {
            Coordinate at = new Coordinate(point.x(), point.y());
            numbers.put(at, places.size());
            places.add(at);
        }
        if (numbers.size() < outline.size()) {
            throw new IllegalArgumentException("An outline that is filled must not touch itself");
        }
        fill(numbers);
        for (Point point : inner) {
            places.add(new Coordinate(point.x(), point.y()));
            divide(places.size() - 1);
        }
    }

    /**
     * Returns three corners each, all turning the same way: by number, those of the outline first, then those inside.
     *
     * @param outline corners that do not touch each other
     * @param inner places inside it, away from it and from each other
     * @throws IllegalArgumentException if the outline touches itself
     */
    public static int[] of(List<Point> outline, List<Point> inner) {
        Triangulation made = new Triangulation(outline, inner);
        return Arrays.copyOf(made.corners, 3 * made.count);
    }

    private void fill(Map<Coordinate, Integer> numbers) {
        Coordinate[] ring = new Coordinate[places.size() + 1];
        for (int i = 0; i < places.size(); i++) {
            ring[i] = places.get(i);
        }
        ring[places.size()] = places.get(0);
        Polygon polygon = new GeometryFactory().createPolygon(ring);
        Geometry filled = ConstrainedDelaunayTriangulator.triangulate(polygon);
        count = filled.getNumGeometries();
        corners = new int[3 * count];
        beyond = new int[3 * count];
        Arrays.fill(beyond, -1);
        Map<Long, Integer> sides = new HashMap<>();
        for (int i = 0; i < count; i++) {
            Coordinate[] at = filled.getGeometryN(i).getCoordinates();
            boolean turned = Orientation.index(at[0], at[1], at[2]) == Orientation.CLOCKWISE;
            for (int k = 0; k < 3; k++) {
                corners[3 * i + k] = numbers.get(at[turned ? 2 - k : k]);
            }
        }
        for (int side = 0; side < 3 * count; side++) {
            int from = corners[side];
            int to = corners[next(side)];
            Integer other = sides.remove(key(to, from));
            if (other == null) {
                sides.put(key(from, to), side);
            } else {
                beyond[side] = other;
                beyond[other] = side;
            }
        }
    }

    private static long key(int from, int to) {
        return (long) from << 32 | to;
    }

    private static int next(int side) {
        return side % 3 == 2 ? side - 2 : side + 1;
    }

    /** Divides the triangle in which a place lies into three. */
    private void divide(int place) {
        int in = containing(places.get(place));
        if (in < 0) {
            throw new IllegalArgumentException("A place inside must lie within the outline: " + places.get(place));
        }
        int a = corners[3 * in];
        int b = corners[3 * in + 1];
        int c = corners[3 * in + 2];
        int ab = beyond[3 * in];
        int bc = beyond[3 * in + 1];
        int ca = beyond[3 * in + 2];
        int second = count++;
        int third = count++;
        corners = Arrays.copyOf(corners, Math.max(corners.length, 3 * count + 300));
        beyond = Arrays.copyOf(beyond, corners.length);
        put(in, a, b, place);
        put(second, b, c, place);
        put(third, c, a, place);
        join(3 * in, ab);
        join(3 * second, bc);
        join(3 * third, ca);
        join(3 * in + 1, 3 * second + 2);
        join(3 * second + 1, 3 * third + 2);
        join(3 * third + 1, 3 * in + 2);
        Deque<Integer> doubtful = new ArrayDeque<>(List.of(3 * in, 3 * second, 3 * third));
        while (!doubtful.isEmpty()) {
            turn(doubtful.pop(), doubtful);
        }
    }

    private void put(int triangle, int a, int b, int c) {
        corners[3 * triangle] = a;
        corners[3 * triangle + 1] = b;
        corners[3 * triangle + 2] = c;
    }

    private void join(int side, int other) {
        beyond[side] = other;
        if (other >= 0) {
            beyond[other] = side;
        }
    }

    private int containing(Coordinate at) {
        for (int i = 0; i < count; i++) {
            if (isLeft(i, 0, at) && isLeft(i, 1, at) && isLeft(i, 2, at)) {
                return i;
            }
        }
        return -1;
    }

    private boolean isLeft(int triangle, int side, Coordinate at) {
        int first = 3 * triangle + side;
        return Orientation.index(places.get(corners[first]), places.get(corners[next(first)]), at)
                != Orientation.CLOCKWISE;
    }

    /** Turns a side to the other diagonal if the corner beyond it lies in its triangle's circle. */
    private void turn(int side, Deque<Integer> doubtful) {
        int other = beyond[side];
        if (other < 0) {
            return;
        }
        int from = corners[side];
        int to = corners[next(side)];
        int tip = corners[next(next(side))];
        int far = corners[next(next(other))];
        if (!TrianglePredicate.isInCircleRobust(places.get(from), places.get(to), places.get(tip), places.get(far))) {
            return;
        }
        int here = side / 3;
        int there = other / 3;
        int tipFrom = beyond[next(next(side))];
        int toTip = beyond[next(side)];
        int fromFar = beyond[next(other)];
        int farTo = beyond[next(next(other))];
        put(here, from, far, tip);
        put(there, far, to, tip);
        join(3 * here, fromFar);
        join(3 * here + 1, 3 * there + 2);
        join(3 * here + 2, tipFrom);
        join(3 * there, farTo);
        join(3 * there + 1, toTip);
        doubtful.push(3 * here);
        doubtful.push(3 * there);
    }
}
