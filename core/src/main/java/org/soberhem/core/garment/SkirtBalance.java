package org.soberhem.core.garment;

import static org.soberhem.core.garment.Inches.INCH;

import java.util.Optional;
import org.soberhem.core.pattern.Side;

/**
 * The balance of a skirt of straight panels: how far its upper edge is turned down at each place of the waist so that
 * the hem hangs level. Between the marks the fold runs straight. Lengths in millimetres.
 *
 * @param panel length of a panel
 * @param kept what the hem still takes of it: its allowance, that of a facing, or nothing once the hem is made
 * @param wanted finished lengths from the natural waist
 * @param point how far a pointed bodice reaches below the waist at the centre front; from under the arm the fold dips
 *     to it
 * @param top what is done with the cloth above the waist
 * @param allowance what a cut upper edge keeps above the waist to be sewn; a folded one keeps {@link #LEAST}
 */
public record SkirtBalance(double panel, double kept, Wanted wanted, double point, Top top, double allowance) {

    /** A turn-under that is narrower does not hold the gathers (common practice). */
    public static final double LEAST = INCH;

    /** A turn-under that is deeper everywhere is cloth wasted (common practice). */
    public static final double WASTE = 6 * INCH;

    /** A panel is cut longer than the longest place by at least so much (common practice). */
    private static final double SPARE = 2 * INCH;

    /** Panels are cut in whole steps of so much (common practice). */
    private static final double STEP = 5 * INCH;

    /** What is done with the cloth above the waist. */
    public enum Top {
        /** Folded down inside, so that the skirt can be let down again. */
        FOLDED,
        /** Cut away, as on a petticoat. */
        CUT
    }

    /**
     * Finished lengths from the natural waist.
     *
     * @param front at the centre front
     * @param left at the wearer's left side
     * @param right at the wearer's right side
     * @param back at the centre back
     */
    public record Wanted(double front, double left, double right, double back) {

        /** Returns the longest. */
        public double longest() {
            return Math.max(Math.max(front, back), Math.max(left, right));
        }

        Wanted longerBy(double more) {
            return new Wanted(front + more, left + more, right + more, back + more);
        }
    }

    /** Places of the waist. */
    public enum Place {
        FRONT("the centre front"),
        LEFT("the wearer's left side"),
        RIGHT("the wearer's right side"),
        BACK("the centre back");

        private final String words;

        Place(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public SkirtBalance {
        require("panel", panel, 0);
        require("front", wanted.front, 0);
        require("left side", wanted.left, 0);
        require("right side", wanted.right, 0);
        require("back", wanted.back, 0);
        require("hem", kept, -1e-9);
        require("point", point, -1e-9);
    }

    private static void require(String what, double value, double above) {
        if (!(value > above)) {
            throw new SumException("The skirt's {} must be more than nothing: {}", what, value);
        }
    }

    /** Returns the length that a new panel should have: the longest place and 2 in to turn, up to the next 5 in. */
    public static double proposedPanel(double longest, double kept) {
        return StrictMath.ceil((longest + kept + SPARE) / STEP - 1e-9) * STEP;
    }

    /** Returns the finished length at a place, at the front from the point. */
    public double length(Place place) {
        return switch (place) {
            case FRONT -> wanted.front - point;
            case LEFT -> wanted.left;
            case RIGHT -> wanted.right;
            case BACK -> wanted.back;
        };
    }

    /** Returns what is left of the panel above the waist: the turn-under, or what is cut away with its allowance. */
    public double turn(Place place) {
        return panel - kept - length(place);
    }

    /**
     * Returns it anywhere on the waist.
     *
     * @param side left or right of the wearer
     * @param share of the way from the centre front (0) by the side (½) to the centre back (1)
     */
    public double turn(Side side, double share) {
        double atSide = turn(side == Side.RIGHT ? Place.RIGHT : Place.LEFT);
        return share <= 0.5
                ? turn(Place.FRONT) + (atSide - turn(Place.FRONT)) * share * 2
                : atSide + (turn(Place.BACK) - atSide) * (share * 2 - 1);
    }

    /** Returns where the least is left above the waist. */
    public Place shallowest() {
        Place least = Place.FRONT;
        for (Place place : Place.values()) {
            if (turn(place) < turn(least)) {
                least = place;
            }
        }
        return least;
    }

    /** Returns the least that must be left above the waist. */
    public double leastTurn() {
        return top == Top.FOLDED ? LEAST : allowance;
    }

    /** Returns by how much the panel is too short at its shallowest place; nothing where it suffices. */
    public Optional<Double> missing() {
        double missing = leastTurn() - turn(shallowest());
        return missing > 1e-6 ? Optional.of(missing) : Optional.empty();
    }

    /** Says whether even the shallowest turn-under is wastefully deep. */
    public boolean isWasteful() {
        return top == Top.FOLDED && turn(shallowest()) > WASTE + 1e-6;
    }

    /** Returns by how much the skirt can be let down for a taller wearer; a cut one by nothing. */
    public double letDown() {
        return top == Top.FOLDED ? Math.max(0, turn(shallowest()) - LEAST) : 0;
    }

    /** Returns by how much it can be taken up before the fold is wastefully deep. */
    public double takeUp() {
        return top == Top.FOLDED ? Math.max(0, WASTE - turn(shallowest())) : 0;
    }

    /** Returns the same skirt for a wearer from whose waist it is so much farther to the floor, less where negative. */
    public SkirtBalance remade(double taller) {
        return new SkirtBalance(panel, kept, wanted.longerBy(taller), point, top, allowance);
    }
}
