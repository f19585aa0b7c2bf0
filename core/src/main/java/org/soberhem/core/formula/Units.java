package org.soberhem.core.formula;

import java.util.regex.Pattern;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.LengthUnit;

/** Shows a sheet's own numbers with real fractions. */
public final class Units {

    private static final Pattern FRACTION = Pattern.compile("(?:\\d+ )?\\d+/\\d+");

    private Units() {}

    /** Returns what fits a narrow column: a plain number as it is shown, of a formula that it is worked out. */
    public static String brief(String written) {
        return written.matches("[-\\d /]+") ? shown(written) : "by rule";
    }

    /** Returns a plain number such as {@code 1 3/4} as 1¾, anything else as written. */
    public static String shown(String written) {
        if (!written.matches("[-\\d /]+")) {
            return written;
        }
        try {
            LengthEntry entry = LengthEntry.parse(written, LengthUnit.INCH);
            boolean eighths = entry.value().nanometres() * 8 % LengthUnit.INCH.nanometres() == 0;
            return (eighths ? LengthFormat.INCH_EIGHTHS : LengthFormat.INCH_SIXTEENTHS).number(entry.value());
        } catch (LengthFormatException formula) {
            return written;
        }
    }

    /**
     * Returns a formula as one would write it by hand: real fractions, and real signs of multiplication and division.
     */
    public static String formula(String written) {
        return FRACTION.matcher(
                        written.replace(" * ", " × ").replace(" / ", " ÷ ").replace(" - ", " − "))
                .replaceAll(fraction -> shown(fraction.group()));
    }
}
