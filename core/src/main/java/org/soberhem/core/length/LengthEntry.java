package org.soberhem.core.length;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A length as somebody typed it: the exact value and the text beside it.
 *
 * @param value the exact value
 * @param typed the text as typed, trimmed
 * @param unit the first unit of the text, or the default where none was typed
 */
public record LengthEntry(Length value, String typed, LengthUnit unit) {

    private static final Pattern PART = Pattern.compile(
            "\\G\\s*(?:(?<number>\\d+(?:[.,]\\d+)?|[.,]\\d+)(?:(?:\\s+|\\s*-\\s*)(?<top>\\d+)\\s*/\\s*(?<bottom>\\d+))?"
                    + "|(?<loneTop>\\d+)\\s*/\\s*(?<loneBottom>\\d+))(?!\\s*/)\\s*(?<unit>[a-zA-Z]+|\"|'{1,2})?");

    private static final Pattern FIRST_DIGITS = Pattern.compile("\\d{2,4}");

    private static final Map<Character, String> VULGAR = Map.ofEntries(
            Map.entry('½', "1/2"),
            Map.entry('¼', "1/4"),
            Map.entry('¾', "3/4"),
            Map.entry('⅛', "1/8"),
            Map.entry('⅜', "3/8"),
            Map.entry('⅝', "5/8"),
            Map.entry('⅞', "7/8"),
            Map.entry('⅓', "1/3"),
            Map.entry('⅔', "2/3"));

    public LengthEntry {
        Objects.requireNonNull(value, "value");
        Objects.requireNonNull(typed, "typed");
        Objects.requireNonNull(unit, "unit");
    }

    /** Returns this entry with what a tape reads too long taken off; what was typed stays visible. */
    public LengthEntry less(Length offset) {
        if (offset.nanometres() == 0) {
            return this;
        }
        return new LengthEntry(value.minus(offset), typed + " − " + LengthFormat.INCH_EIGHTHS.format(offset), unit);
    }

    /** Returns the same number in another unit: inches read as centimetres, or the other way round. */
    public LengthEntry readAs(LengthUnit other) {
        long nanometres = BigDecimal.valueOf(value.nanometres())
                .multiply(BigDecimal.valueOf(other.nanometres()))
                .divide(BigDecimal.valueOf(unit.nanometres()), 0, RoundingMode.HALF_EVEN)
                .longValueExact();
        return new LengthEntry(new Length(nanometres), typed + " → " + other.word(), other);
    }

    /**
     * Returns the entries that two neighbouring digits of its first number, exchanged, would give; none of them equal.
     */
    public List<LengthEntry> transposed() {
        Matcher digits = FIRST_DIGITS.matcher(typed);
        List<LengthEntry> others = new ArrayList<>();
        if (!digits.find()) {
            return others;
        }
        String number = digits.group();
        for (int i = 0; i + 1 < number.length(); i++) {
            if (number.charAt(i) != number.charAt(i + 1)) {
                String swapped =
                        number.substring(0, i) + number.charAt(i + 1) + number.charAt(i) + number.substring(i + 2);
                long change = Long.parseLong(swapped) - Long.parseLong(number);
                Length exchanged = new Length(value.nanometres() + change * unit.nanometres());
                others.add(new LengthEntry(exchanged, typed + " → " + swapped + " " + unit.word(), unit));
            }
        }
        return others;
    }

    /**
     * Reads a typed length such as {@code 34 5/8}, {@code 34⅝}, {@code 34-5/8"}, {@code 34.625 in}, {@code 87,9 cm} or
     * {@code 2 yd 4 in}.
     *
     * @param typed the text
     * @param assumed the unit where none is typed
     * @throws LengthFormatException if the text is no length; the message says why and what to write
     */
    public static LengthEntry parse(String typed, LengthUnit assumed) {
        String text = plain(typed);
        if (text.isBlank()) {
            throw new LengthFormatException("No length typed: write for example 34 5/8 or 87.9 cm");
        }
        boolean negative = text.startsWith("-");
        String body = negative ? text.substring(1) : text;
        Matcher part = PART.matcher(body);
        BigDecimal nanometres = BigDecimal.ZERO;
        LengthUnit first = null;
        LengthUnit last = null;
        int end = 0;
        boolean unitTyped = true;
        while (end < body.length() && unitTyped && part.find()) {
            LengthUnit unit = unitOf(part.group("unit"), assumed, last, typed);
            if (last != null && unit.nanometres() >= last.nanometres()) {
                throw new LengthFormatException("\"" + typed.strip() + "\" names " + unit.word() + " after "
                        + last.word() + ": write the larger unit first");
            }
            nanometres = nanometres.add(amount(part, typed).multiply(BigDecimal.valueOf(unit.nanometres())));
            first = first == null ? unit : first;
            last = unit;
            unitTyped = part.group("unit") != null;
            end = part.end();
        }
        if (first == null || !body.substring(end).isBlank()) {
            throw new LengthFormatException("\"" + typed.strip() + "\" cannot be read as a length"
                    + (end > 0 ? " after \"" + body.substring(0, end).strip() + "\"" : "")
                    + ": write for example 34 5/8, 34⅝, 34.625 in or 87.9 cm");
        }
        BigDecimal rounded = nanometres.setScale(0, RoundingMode.HALF_EVEN);
        if (rounded.precision() > 15) {
            throw new LengthFormatException("\"" + typed.strip() + "\" is longer than any road: check the number");
        }
        long value = rounded.longValueExact();
        return new LengthEntry(new Length(negative ? -value : value), typed.strip(), first);
    }

    private static LengthUnit unitOf(String word, LengthUnit assumed, LengthUnit previous, String typed) {
        if (word == null) {
            return previous == null ? assumed : smaller(previous, typed);
        }
        String plain = "''".equals(word) ? "\"" : word;
        return LengthUnit.find(plain)
                .orElseThrow(() -> new LengthFormatException(
                        "\"" + word + "\" in \"" + typed.strip() + "\" is not a unit: use in, ft, yd, mm, cm or m"));
    }

    private static LengthUnit smaller(LengthUnit previous, String typed) {
        if (previous == LengthUnit.FOOT) {
            return LengthUnit.INCH;
        }
        throw new LengthFormatException(
                "The last number of \"" + typed.strip() + "\" has no unit: write for example 2 yd 4 in");
    }

    private static BigDecimal amount(Matcher part, String typed) {
        String number = part.group("number");
        BigDecimal whole = number == null ? BigDecimal.ZERO : new BigDecimal(number.replace(',', '.'));
        String top = number == null ? part.group("loneTop") : part.group("top");
        if (top == null) {
            return whole;
        }
        String bottom = number == null ? part.group("loneBottom") : part.group("bottom");
        BigDecimal denominator = new BigDecimal(bottom);
        if (denominator.signum() == 0) {
            throw new LengthFormatException("The fraction " + top + "/" + bottom + " in \"" + typed.strip()
                    + "\" has nothing under its stroke: write for example 34 3/8");
        }
        if (number != null && (whole.scale() > 0 || new BigDecimal(top).compareTo(denominator) >= 0)) {
            throw new LengthFormatException("\"" + typed.strip() + "\" mixes " + number + " with the fraction " + top
                    + "/" + bottom + ": write a whole number and a fraction under one, for example 34 3/8");
        }
        return whole.add(new BigDecimal(top).divide(denominator, MathContext.DECIMAL128));
    }

    private static String plain(String typed) {
        StringBuilder text = new StringBuilder();
        for (char c : typed.strip().toCharArray()) {
            String fraction = VULGAR.get(c);
            if (fraction != null) {
                text.append(' ').append(fraction);
            } else {
                text.append(
                        switch (c) {
                            case '\u2044', '\u2215' -> '/';
                            case '\u2033', '\u201d', '\u201c' -> '"';
                            case '\u2032', '\u2019', '\u2018' -> '\'';
                            case '\u2212', '\u2013' -> '-';
                            case '\u00a0', '\u2009', '\u202f', '\t' -> ' ';
                            default -> c;
                        });
            }
        }
        return text.toString().strip();
    }
}
