package org.soberhem.core.silhouette;

/**
 * What is usual of a quantity, in millimetres, degrees or as a ratio. Both ends belong to it.
 *
 * @param least least that is met
 * @param most most that is met
 * @param nearLeast least that is near
 * @param nearMost most that is near
 */
public record Band(double least, double most, double nearLeast, double nearMost) {

    /** What lies outside by less than so much of its breadth is within: nobody could see it. */
    private static final double UNSEEN = 0.01;

    public Band {
        if (!(nearLeast <= least && least <= most && most <= nearMost)) {
            throw new IllegalArgumentException(
                    "A band must lie within its rim: " + nearLeast + " " + least + " " + most + " " + nearMost);
        }
    }

    boolean isMetBy(double value) {
        return value >= least - unseen() && value <= most + unseen();
    }

    private double unseen() {
        return (most - least) * UNSEEN + 1e-9;
    }

    boolean isNear(double value) {
        return value >= nearLeast - unseen() && value <= nearMost + unseen();
    }

    /** Returns how much must be added to a value to bring it to the nearer end; 0 within. */
    public double missing(double value) {
        return isMetBy(value) ? 0 : value < least ? least - value : most - value;
    }

    /** Returns how far outside a value lies, in breadths of the rim on its side; 0 within. */
    double distance(double value) {
        double rim = value < least ? least - nearLeast : nearMost - most;
        return Math.abs(missing(value)) / Math.max(rim, 1e-6 + (most - least) * 0.1);
    }

    boolean overlaps(Band other) {
        return least <= other.most && other.least <= most;
    }
}
