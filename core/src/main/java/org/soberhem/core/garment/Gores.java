package org.soberhem.core.garment;

/**
 * Equal gores of a skirt or cape that stands as the frustum of a cone; each is a piece of a ring laid flat. Closed
 * forms. Lengths in millimetres.
 *
 * @param count how many gores
 * @param upper girth at the upper edge
 * @param lower girth at the hem
 * @param length along the slope, from edge to edge
 */
public record Gores(int count, double upper, double lower, double length) {

    public Gores {
        if (count < 1 || !(upper > 0) || !(lower >= upper) || !(length > 0)) {
            throw new SumException(
                    "There must be a gore, it must widen downwards and have a length: {} of {} to {}, {} long",
                    count,
                    upper,
                    lower,
                    length);
        }
        if ((lower - upper) / length > 2 * StrictMath.PI) {
            throw new SumException(
                    "A hem of {} is more than a full circle gives from {} over {}", lower, upper, length);
        }
    }

    /** Returns the angle of one gore between its edges, in radians; 0 where it does not widen. */
    public double angle() {
        return (lower - upper) / length / count;
    }

    /** Returns the radius of the upper edge in the flat; infinite where the gore does not widen. */
    public double upperRadius() {
        return upper / count / angle();
    }

    /** Returns the radius of the hem in the flat. */
    public double lowerRadius() {
        return upperRadius() + length;
    }

    /** Returns the straight width between the corners of the upper edge. */
    public double upperWidth() {
        return chord(upper / count, upperRadius());
    }

    /** Returns the straight width between the corners of the hem. */
    public double lowerWidth() {
        return chord(lower / count, lowerRadius());
    }

    /** Returns by how much the hem lies lower in the middle of a gore than straight across its corners. */
    public double hemCurve() {
        return angle() == 0 ? 0 : lowerRadius() * (1 - StrictMath.cos(angle() / 2));
    }

    /** Returns by how much the upper edge is hollowed in the middle. */
    public double upperCurve() {
        return angle() == 0 ? 0 : upperRadius() * (1 - StrictMath.cos(angle() / 2));
    }

    private double chord(double arc, double radius) {
        return angle() == 0 ? arc : 2 * radius * StrictMath.sin(angle() / 2);
    }
}
