package org.soberhem.core.length;

import java.util.List;
import java.util.Optional;

/**
 * Units in which a length may be typed.
 *
 * <p>The inch is 25.4 mm exactly (international yard and pound agreement, 1959). The yard, foot, nail and ell follow
 * from it. The Paris pouce (27.070 mm, from the toise of 1 949.04 mm), Rhineland and Vienna Zoll and the Castilian vara
 * are given from memory of 19th-century conversion tables; they are rounded to 1 micrometre.
 */
public enum LengthUnit {
    MILLIMETRE(1_000_000L, "mm"),
    CENTIMETRE(10_000_000L, "cm"),
    METRE(1_000_000_000L, "m"),
    INCH(25_400_000L, "in", "\"", "inch", "inches"),
    FOOT(12 * 25_400_000L, "ft", "'", "foot", "feet"),
    YARD(36 * 25_400_000L, "yd", "yard", "yards"),
    /** English cloth measure: a sixteenth of a yard. */
    NAIL(57_150_000L, "nail", "nails"),
    /** English cloth measure: five quarters of a yard. */
    ELL(45 * 25_400_000L, "ell", "ells"),
    PARIS_POUCE(27_070_000L, "pouce", "pouces"),
    /** A twelfth of a Paris pouce, rounded to 1 nm. */
    PARIS_LIGNE(2_255_833L, "ligne", "lignes"),
    RHINELAND_ZOLL(26_154_000L, "rhzoll"),
    VIENNA_ZOLL(26_340_000L, "wzoll"),
    CASTILIAN_VARA(835_905_000L, "vara", "varas");

    private final long nanometres;
    private final List<String> words;

    LengthUnit(long nanometres, String... words) {
        this.nanometres = nanometres;
        this.words = List.of(words);
    }

    /** Returns how many nanometres one such unit is. */
    public long nanometres() {
        return nanometres;
    }

    /** Returns how many millimetres one such unit is. */
    public double millimetres() {
        return nanometres / 1e6;
    }

    /** Returns the usual short word, as typed after a number. */
    public String word() {
        return words.get(0);
    }

    /** Returns the unit that a typed word names, ignoring case. */
    public static Optional<LengthUnit> find(String word) {
        for (LengthUnit unit : values()) {
            for (String known : unit.words) {
                if (known.equalsIgnoreCase(word)) {
                    return Optional.of(unit);
                }
            }
        }
        return Optional.empty();
    }
}
