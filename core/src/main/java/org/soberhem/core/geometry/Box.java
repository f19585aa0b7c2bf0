package org.soberhem.core.geometry;

import java.util.List;

/**
 * An upright rectangle.
 *
 * @param minX left edge, in millimetres
 * @param minY upper edge
 * @param maxX right edge
 * @param maxY lower edge
 */
public record Box(double minX, double minY, double maxX, double maxY) {

    /** Returns the smallest box round some places; at least one. */
    public static Box round(List<Point> points) {
        double minX = Double.POSITIVE_INFINITY;
        double minY = Double.POSITIVE_INFINITY;
        double maxX = Double.NEGATIVE_INFINITY;
        double maxY = Double.NEGATIVE_INFINITY;
        for (Point p : points) {
            minX = Math.min(minX, p.x());
            minY = Math.min(minY, p.y());
            maxX = Math.max(maxX, p.x());
            maxY = Math.max(maxY, p.y());
        }
        return new Box(minX, minY, maxX, maxY);
    }

    public double width() {
        return maxX - minX;
    }

    public double height() {
        return maxY - minY;
    }

    public Point middle() {
        return new Point((minX + maxX) / 2, (minY + maxY) / 2);
    }

    /** Returns the smallest box round both. */
    public Box union(Box other) {
        return new Box(
                Math.min(minX, other.minX),
                Math.min(minY, other.minY),
                Math.max(maxX, other.maxX),
                Math.max(maxY, other.maxY));
    }
}
