package org.soberhem.desk.fitting;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.geometry.Point;

/**
 * A key beside a figure.
 *
 * @param letter that is pressed
 * @param zone that it chooses
 * @param sides of the wearer that it chooses
 * @param place that it points to
 */
record PointingKey(String letter, Zone zone, Sides sides, Point place) {

    static final double WIDTH = 72;
    static final double HEIGHT = 56;

    /** Room from one key to the next in a column. */
    static final double STEP = HEIGHT + 4;

    /** Returns where the line to its place begins, if it stands there. */
    Point leader(double x, double y) {
        double edge = x + WIDTH / 2 < place.x() ? x + WIDTH : x;
        return Math.abs(x + WIDTH / 2 - place.x()) < WIDTH / 2
                ? new Point(x + WIDTH / 2, y)
                : new Point(edge, y + HEIGHT / 2);
    }

    /**
     * Returns keys of a column in an order in which no line to a place crosses another: two that cross are exchanged,
     * and
     * since both together are shorter then, that comes to an end.
     */
    static List<PointingKey> uncrossed(List<PointingKey> keys, double x, double top) {
        List<PointingKey> order = new ArrayList<>(keys);
        for (int i = 0; i < order.size(); i++) {
            for (int k = i + 1; k < order.size(); k++) {
                Point one = order.get(i).leader(x, top + i * STEP);
                Point other = order.get(k).leader(x, top + k * STEP);
                if (cross(one, order.get(i).place(), other, order.get(k).place())) {
                    Collections.swap(order, i, k);
                    i = 0;
                    k = 0;
                }
            }
        }
        return order;
    }

    static boolean cross(Point a, Point b, Point c, Point d) {
        return turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0;
    }

    private static double turn(Point a, Point b, Point c) {
        return (b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x());
    }
}
