package org.soberhem.core.figure;

/**
 * A place on a standing body.
 *
 * @param x towards the wearer's left, in millimetres from the middle
 * @param y up from the floor
 * @param z forward from the ankles
 */
public record Place(double x, double y, double z) {

    /** Returns the straight distance in millimetres. */
    public double distanceTo(Place other) {
        return Math.hypot(Math.hypot(x - other.x, y - other.y), z - other.z);
    }

    Place mirrored() {
        return new Place(-x, y, z);
    }
}
