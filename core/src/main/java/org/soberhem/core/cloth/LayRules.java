package org.soberhem.core.cloth;

/**
 * The cloth as it lies on the table, and what may be done on it.
 *
 * @param width usable, selvedges and shrinkage taken off, in millimetres
 * @param folded whether it lies folded lengthwise, so that everything is cut twice, mirrored
 * @param oneWay whether every piece must point the same way: nap, pile or a print with an up and a down
 * @param bothAlike whether its two sides are alike, so that no piece need be mirrored and each may be
 * @param lean how far a grain line may lean either way to save cloth, in degrees; pieces on the fold never do
 * @param gap between pieces, in millimetres
 * @param repeatAcross distance at which the stripe or check comes again across the cloth; 0 if there is none
 * @param repeatAlong the same along the cloth
 */
public record LayRules(
        double width,
        boolean folded,
        boolean oneWay,
        boolean bothAlike,
        double lean,
        double gap,
        double repeatAcross,
        double repeatAlong) {

    /** No grain line leans further, in degrees. */
    private static final double MOST_LEAN = 5;

    /** Cloth wider than this is not laid on a table, in millimetres. */
    private static final double MOST_WIDTH = 10_000;

    public LayRules {
        if (!(width > 0 && width <= MOST_WIDTH)) {
            throw new IllegalArgumentException("The cloth must be 0 to 10 m wide: " + width + " mm");
        }
        if (!(lean >= 0 && lean <= MOST_LEAN)) {
            throw new IllegalArgumentException("A grain line may lean by 0 to 5 degrees: " + lean);
        }
        if (!(gap >= 0 && repeatAcross >= 0 && repeatAlong >= 0)) {
            throw new IllegalArgumentException("A gap or repeat must be 0 or more");
        }
    }

    /** Plain cloth: no stripes, no gap between pieces. */
    public static LayRules plain(double width, boolean folded, boolean oneWay) {
        return new LayRules(width, folded, oneWay, false, 0, 0, 0, 0);
    }

    /** Returns the same cloth lying folded lengthwise, or single. */
    public LayRules lying(boolean inTwo) {
        return new LayRules(width, inTwo, oneWay, bothAlike, lean, gap, repeatAcross, repeatAlong);
    }

    /** Returns how much of its width lies side by side, in millimetres. */
    public double lying() {
        return folded ? width / 2 : width;
    }
}
