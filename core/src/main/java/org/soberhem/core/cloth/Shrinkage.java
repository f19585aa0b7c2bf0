package org.soberhem.core.cloth;

/**
 * How much of its length and width a cloth loses when it is washed or steamed, as shares of what it was.
 *
 * @param leastAlong at least, along the warp
 * @param mostAlong at most
 * @param leastAcross at least, across
 * @param mostAcross at most
 * @param measured whether it was measured on a square of this cloth, not taken from its fibre
 */
public record Shrinkage(double leastAlong, double mostAlong, double leastAcross, double mostAcross, boolean measured) {

    /** Nothing more is lost. */
    public static final Shrinkage NONE = new Shrinkage(0, 0, 0, 0, false);

    /** More than this is not shrinkage but felt. */
    private static final double MOST = 0.5;

    public Shrinkage {
        if (!(isShare(leastAlong) && isShare(mostAlong) && isShare(leastAcross) && isShare(mostAcross))
                || leastAlong > mostAlong
                || leastAcross > mostAcross) {
            throw new IllegalArgumentException("Cloth shrinks or gives by less than a half, the least first");
        }
    }

    private static boolean isShare(double share) {
        return share > -MOST && share < MOST;
    }

    /**
     * Returns what a square lost.
     *
     * @param side of the square before, in any unit
     * @param along its side along the warp after, in the same unit
     * @param across its other side after
     */
    public static Shrinkage measured(double side, double along, double across) {
        double lostAlong = 1 - along / side;
        double lostAcross = 1 - across / side;
        return new Shrinkage(lostAlong, lostAlong, lostAcross, lostAcross, true);
    }

    /**
     * Returns how long cloth must be before so that it is surely long enough after: divided by what is left at worst.
     */
    public double before(double after) {
        return after / (1 - mostAlong);
    }

    /** Returns how long it surely still is after. */
    public double along(double before) {
        return before * (1 - mostAlong);
    }

    /** Returns how wide it surely still is after. */
    public double across(double before) {
        return before * (1 - mostAcross);
    }
}
