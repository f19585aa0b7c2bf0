package org.soberhem.core.length;

import java.util.List;

/**
 * A sentence for the maker, with its lengths left open until it is known how they are to be shown.
 *
 * @param template words with {@code {}} where a value belongs
 * @param values a {@link Length} for each measured amount, anything else as it prints
 */
public record Sentence(String template, List<Object> values) {

    /** Nothing that is sewn is as long, in millimetres; what is more, or no number, comes from a formula gone wrong. */
    private static final double MOST = 1e9;

    public Sentence {
        values = List.copyOf(values);
    }

    /** Takes words and their values in order; a {@code Double} is a length in millimetres. */
    public static Sentence of(String template, Object... values) {
        Object[] kept = values.clone();
        for (int i = 0; i < kept.length; i++) {
            if (kept[i] instanceof Double millimetres) {
                kept[i] =
                        Math.abs(millimetres) <= MOST ? Length.ofMillimetres(millimetres) : "more than can be measured";
            }
        }
        return new Sentence(template, List.of(kept));
    }

    /**
     * Returns an amount whose sign is told in words.
     *
     * @param more words for what is not below nothing, such as {@code {} let out}
     * @param less words for what is
     */
    public static Sentence either(double millimetres, String more, String less) {
        return Sentence.of(millimetres < 0 ? less : more, Math.abs(millimetres));
    }

    /** Returns an angle to be put into a sentence, to a tenth of a degree. */
    public static String degrees(double angle) {
        double tenths = Math.round(angle * 10) / 10.0;
        return (tenths == Math.rint(tenths) ? String.valueOf((long) tenths) : String.valueOf(tenths)) + "°";
    }

    /** Returns the sentence with its lengths written as the maker wants them. */
    public String in(LengthFormat format) {
        StringBuilder text = new StringBuilder();
        int from = 0;
        for (Object value : values) {
            int gap = template.indexOf("{}", from);
            if (gap < 0) {
                break;
            }
            text.append(template, from, gap).append(shown(value, format));
            from = gap + 2;
        }
        return text.append(template.substring(from)).toString();
    }

    private static String shown(Object value, LengthFormat format) {
        if (value instanceof Length length) {
            return format.format(length);
        }
        return value instanceof Sentence sentence ? sentence.in(format) : value.toString();
    }
}
