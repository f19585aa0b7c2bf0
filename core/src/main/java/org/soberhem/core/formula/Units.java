package org.soberhem.core.formula;

import java.util.Optional;
import java.util.regex.Pattern;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.length.WrittenLengths;

/** Shows a sheet's own numbers with real fractions. */
public final class Units {

    private static final Pattern FRACTION = Pattern.compile("(?:\\d+ )?\\d+/\\d+");

    private static final Pattern CALL = Pattern.compile("\\w\\(|\\w\\.\\w|<|>|=");

    private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9]*(?:-[a-z0-9]+)+");

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
     * Returns a formula as one would write it by hand: words for names, real signs of multiplication and division, its
     * lengths left open.
     *
     * @return empty where it is more than a sum of products: its value says more than its rule
     */
    public static Optional<Sentence> formula(String written) {
        if (CALL.matcher(written).find()) {
            return Optional.empty();
        }
        String words = NAME.matcher(
                        written.replace(" * ", " × ").replace(" / ", " ÷ ").replace(" - ", " − "))
                .replaceAll(name -> name.group().replace('-', ' '));
        Sentence lengths = WrittenLengths.sentence(words.startsWith("-") ? "−" + words.substring(1) : words);
        String template = FRACTION.matcher(lengths.template()).replaceAll(fraction -> shown(fraction.group()));
        return Optional.of(new Sentence(template, lengths.values()));
    }
}
