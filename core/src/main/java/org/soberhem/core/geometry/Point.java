package org.soberhem.core.geometry;

/**
 * A place, or a displacement between two places.
 *
 * @param x out from the base line, in millimetres
 * @param y along the base line, in millimetres, downwards
 */
public record Point(double x, double y) {

    /** The point A from which everything is measured. */
    public static final Point ORIGIN = new Point(0, 0);

    public Point plus(Point other) {
        return new Point(x + other.x, y + other.y);
    }

    public Point minus(Point other) {
        return new Point(x - other.x, y - other.y);
    }

    public Point times(double factor) {
        return new Point(x * factor, y * factor);
    }

    /** Returns the scalar product of two displacements, in square millimetres. */
    public double dot(Point other) {
        return x * other.x + y * other.y;
    }

    /** Returns the turning from this displacement to the other; positive turns clockwise as seen. */
    public double cross(Point other) {
        return x * other.y - y * other.x;
    }

    /** Returns the length of this displacement. */
    public double norm() {
        return Math.sqrt(x * x + y * y);
    }

    public double distanceTo(Point other) {
        return minus(other).norm();
    }

    /** Returns the place the given share of the way to the other; 0 is here, 1 is there. */
    public Point towards(Point other, double share) {
        return new Point(x + (other.x - x) * share, y + (other.y - y) * share);
    }

    /** Returns the displacement turned a quarter to the left of its direction as seen: outside a clockwise outline. */
    public Point outward() {
        return new Point(y, -x);
    }

    /**
     * Returns this displacement with length 1.
     *
     * @throws ArithmeticException if it has no length
     */
    public Point unit() {
        double norm = norm();
        if (norm == 0) {
            throw new ArithmeticException("A displacement of no length has no direction");
        }
        return new Point(x / norm, y / norm);
    }
}
