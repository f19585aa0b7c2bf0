package org.soberhem.core.alter.edit;

/** Amounts that change evenly round half the body, from the centre front over the side to the centre back. */
public final class Round {

    private Round() {}

    /**
     * Returns the amount at a place.
     *
     * @param place 0 at the centre front, 1/2 at the side, 1 at the centre back
     */
    public static double amount(double place, double atFront, double atSide, double atBack) {
        return place <= 0.5 ? atFront + (atSide - atFront) * place * 2 : atSide + (atBack - atSide) * (place - 0.5) * 2;
    }
}
