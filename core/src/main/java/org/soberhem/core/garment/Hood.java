package org.soberhem.core.garment;

import java.util.List;
import org.soberhem.core.geometry.Point;

/**
 * A hood with a mantle: one strip over the head from mantle edge to mantle edge, and a front and a back piece that hang
 * from a corner at the neck. Lengths in millimetres, angles in radians.
 *
 * @param school how front and back are cut
 * @param crown from shoulder point over the crown to shoulder point
 * @param shoulder from the neck to the shoulder point
 * @param drop how much lower the shoulder point lies than the neck, less than {@code shoulder}
 * @param mantle from the neck down over the shoulder to the mantle's edge
 * @param loose what the strip is longer than the tape
 * @param strip width of the strip: how far it shades the face
 * @param down how much lower front and back hang at their middle than a right angle gives
 * @param gap straight gap under the chin, for which the front's tip is cut off
 */
public record Hood(
        School school,
        double crown,
        double shoulder,
        double drop,
        double mantle,
        double loose,
        double strip,
        double gap,
        double down) {

    /** How front and back are cut. */
    public enum School {
        /** Squares hung from a corner: no cloth is wasted, but their shoulders slope by 45 degrees. */
        SQUARES,
        /** Kites whose upper corner follows the slope of the shoulder. */
        SHOULDER_ANGLE
    }

    public Hood {
        if (!(shoulder > 0) || !(drop >= 0) || !(drop < shoulder)) {
            throw new SumException("The shoulder must be longer than its drop: {} with a drop of {}", shoulder, drop);
        }
        if (!(crown > 0) || !(mantle > 0) || !(strip > 0) || !(gap >= 0) || !(loose >= 0)) {
            throw new SumException(
                    "Crown, mantle and strip must be more than nothing: {}, {}, {}", crown, mantle, strip);
        }
        if (!(down > -mantle / 2)) {
            throw new SumException("The middle cannot hang {} higher than its square corner", -down);
        }
    }

    /** Returns how steeply the wearer's shoulder falls. */
    public double slope() {
        return StrictMath.asin(drop / shoulder);
    }

    /** Returns how steeply the cut falls: by squares always 45 degrees. */
    public double cutSlope() {
        return school == School.SQUARES ? StrictMath.PI / 4 : slope();
    }

    /** Returns the length of the strip, from mantle edge over the crown to mantle edge. */
    public double stripLength() {
        return crown + 2 * (mantle - shoulder) + loose;
    }

    /** Returns the angle of front and back at the neck. */
    public double upperAngle() {
        return StrictMath.PI - 2 * cutSlope();
    }

    /** Returns half the breadth of front and back, at their side corners. */
    public double halfBreadth() {
        return mantle * StrictMath.cos(cutSlope());
    }

    /** Returns how far the side corners lie below the neck corner. */
    public double sideDrop() {
        return mantle * StrictMath.sin(cutSlope());
    }

    /** Returns the length of front and back from neck corner to lower corner. */
    public double height() {
        return sideDrop() + halfBreadth() + down;
    }

    /** Returns the angle of the lower corner: square, or sharper where it hangs lower. */
    public double lowerAngle() {
        return 2 * StrictMath.atan2(halfBreadth(), halfBreadth() + down);
    }

    /** Returns the length of a lower edge. */
    public double lowerEdge() {
        return StrictMath.hypot(halfBreadth(), halfBreadth() + down);
    }

    /** Returns how much of each upper edge of the front is cut off with the tip to leave the gap. */
    public double tip() {
        return gap / 2 / StrictMath.cos(cutSlope());
    }

    /** Returns the length of the seam that closes the strip behind the head. */
    public double crownSeam() {
        return stripLength() / 2 - mantle;
    }

    /** Returns the closed loop at the neck that must pass over the head. */
    public double loop() {
        return 2 * strip + gap;
    }

    /** Returns the edge round the face. */
    public double face() {
        return stripLength() - 2 * (mantle - tip()) + gap;
    }

    /**
     * Returns by how much the mantle's edge on the arm rises when the arm is lifted. The mantle lies on the shoulder
     * and hangs along the arm; the arm turns about the shoulder point. Our own simplification: cloth neither stretches
     * nor slides.
     *
     * @param angle of the arm from hanging down
     */
    public double lift(double angle) {
        return Math.max(0, mantle - shoulder) * (1 - StrictMath.cos(angle));
    }

    /**
     * Returns the corners of front or back: neck, right side, lower, left side; the neck corner at 0, 0 and y down.
     */
    public List<Point> kite() {
        return List.of(
                Point.ORIGIN,
                new Point(halfBreadth(), sideDrop()),
                new Point(0, height()),
                new Point(-halfBreadth(), sideDrop()));
    }
}
