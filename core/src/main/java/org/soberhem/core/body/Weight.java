package org.soberhem.core.body;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a wearer weighs; asked of small children, whose patterns go by it.
 *
 * @param grams more than nothing
 * @param typed the text as typed
 */
public record Weight(double grams, String typed) {

    private static final double PER_POUND = 453.59237;
    private static final double PER_OUNCE = PER_POUND / 16;
    private static final Pattern WRITTEN = Pattern.compile(
            "(?:(?<kg>\\d+(?:[.,]\\d+)?)\\s*kg|(?<lb>\\d+(?:[.,]\\d+)?)\\s*lb(?:\\s*(?<oz>\\d+(?:[.,]\\d+)?)\\s*oz)?)");

    /**
     * Reads a weight such as {@code 9.2 kg} or {@code 20 lb 4 oz}.
     *
     * @throws IllegalArgumentException if it cannot be read; the message says what to write
     */
    public static Weight parse(String typed) {
        Matcher matcher = WRITTEN.matcher(typed.strip().toLowerCase(Locale.ROOT));
        if (!matcher.matches()) {
            throw new IllegalArgumentException(
                    "\"" + typed.strip() + "\" cannot be read as a weight: write for example 9.2 kg or 20 lb 4 oz");
        }
        double grams = matcher.group("kg") != null
                ? number(matcher.group("kg")) * 1000
                : number(matcher.group("lb")) * PER_POUND
                        + (matcher.group("oz") == null ? 0 : number(matcher.group("oz")) * PER_OUNCE);
        if (grams <= 0 || grams > 500_000) {
            throw new IllegalArgumentException("A weight must be more than nothing and under 500 kg: " + typed.strip());
        }
        return new Weight(grams, typed.strip());
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }
}
