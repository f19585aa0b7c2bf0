package org.soberhem.core.garment;

import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;

/**
 * A number that a sum finds, with the sum itself.
 *
 * @param name what it is, unique in its sum
 * @param value millimetres, degrees or a pure number
 * @param kind which of these
 * @param working how it came about, such as "45 in − ½ in − 39 in"
 */
public record SumValue(String name, double value, Kind kind, Sentence working) {

    /** What a figure counts in. */
    public enum Kind {
        LENGTH,
        ANGLE,
        NUMBER
    }

    static SumValue length(String name, double millimetres, String working, Object... values) {
        return new SumValue(name, millimetres, Kind.LENGTH, Sentence.of(working, values));
    }

    static SumValue angle(String name, double radians, String working, Object... values) {
        return new SumValue(name, StrictMath.toDegrees(radians), Kind.ANGLE, Sentence.of(working, values));
    }

    static SumValue number(String name, double value, String working, Object... values) {
        return new SumValue(name, value, Kind.NUMBER, Sentence.of(working, values));
    }

    /** Returns the value as the maker wants it written. */
    public String in(LengthFormat format) {
        return switch (kind) {
            case LENGTH -> format.format(Length.ofMillimetres(value));
            case ANGLE -> tenth(value) + "°";
            case NUMBER -> hundredth(value);
        };
    }

    /** Returns a pure number to the hundredth, without idle zeros. */
    static String hundredth(double value) {
        return plain(Math.round(value * 100) / 100.0);
    }

    private static String tenth(double value) {
        return plain(Math.round(value * 10) / 10.0);
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }
}
