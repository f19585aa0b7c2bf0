package org.soberhem.core.size;

import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthUnit;

/**
 * The cup letter of patterns that are sold by cup: full bust less high bust, a letter an inch. One national convention
 * of the pattern trade, common practice; it is no brassière size.
 */
public final class Cup {

    private static final String LETTERS = "ABCD";

    private Cup() {}

    /** Returns the letter in words: A to D, "under A", or by how much it is beyond D. */
    public static String letter(Length fullBust, Length highBust) {
        double inches = (double) fullBust.minus(highBust).nanometres() / LengthUnit.INCH.nanometres();
        long whole = Math.round(inches);
        if (whole < 1) {
            return "under A";
        }
        return whole <= LETTERS.length()
                ? String.valueOf(LETTERS.charAt((int) whole - 1))
                : "beyond D by " + (whole - LETTERS.length()) + " in";
    }
}
