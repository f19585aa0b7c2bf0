package org.soberhem.core.length;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Objects;

/**
 * How the maker wants lengths shown. Display rounds half away from zero and never feeds back into a value.
 */
public enum LengthFormat {
    /** Inches to the nearest eighth: 34⅝ in. */
    INCH_EIGHTHS(LengthUnit.INCH, 8),
    /** Inches to the nearest sixteenth: 34 ³⁄₁₆ in. */
    INCH_SIXTEENTHS(LengthUnit.INCH, 16),
    /** Centimetres to the nearest millimetre: 87.9 cm. */
    CENTIMETRES(LengthUnit.CENTIMETRE, 10);

    private static final String[] EIGHTHS = {"", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"};

    private final LengthUnit unit;
    private final int parts;

    LengthFormat(LengthUnit unit, int parts) {
        this.unit = unit;
        this.parts = parts;
    }

    /** Returns the unit that is shown, and assumed when a length is typed without one. */
    public LengthUnit unit() {
        return unit;
    }

    /** Returns the unit in which cloth is bought: yards beside inches, else metres. */
    public LengthUnit clothUnit() {
        return unit == LengthUnit.INCH ? LengthUnit.YARD : LengthUnit.METRE;
    }

    /** Returns millimetres of cloth as it is bought: yards to the eighth, or metres to the centimetre. */
    public String cloth(double millimetres) {
        double amount = millimetres / clothUnit().millimetres();
        return unit == LengthUnit.INCH
                ? INCH_EIGHTHS.number(amount * unit.millimetres()) + " "
                        + clothUnit().word()
                : String.format(Locale.ROOT, "%.2f %s", amount, clothUnit().word());
    }

    /** Returns what a price of a metre is for the unit in which cloth is bought. */
    public double clothPrice(double ofMetre) {
        return ofMetre * clothUnit().millimetres() / LengthUnit.METRE.millimetres();
    }

    /** Returns what a price for the unit in which cloth is bought is for a metre. */
    public double metrePrice(double ofClothUnit) {
        return ofClothUnit / clothPrice(1);
    }

    /** Returns the length rounded, with its unit. */
    public String format(Length length) {
        return number(length) + " " + unit.word();
    }

    /** Returns millimetres rounded, with their unit. */
    public String format(double millimetres) {
        return format(Length.ofMillimetres(millimetres));
    }

    /** Returns the number alone, without the unit. */
    public String number(Length length) {
        Objects.requireNonNull(length, "length");
        long steps = steps(length);
        long magnitude = Math.abs(steps);
        String sign = steps < 0 ? "−" : "";
        if (this == CENTIMETRES) {
            return sign + BigDecimal.valueOf(magnitude, 1).toPlainString();
        }
        long whole = magnitude / parts;
        String fraction = fraction((int) (magnitude % parts));
        return sign + (whole == 0 && !fraction.isEmpty() ? "" : Long.toString(whole)) + fraction;
    }

    /** Returns millimetres as a rounded number alone, without the unit. */
    public String number(double millimetres) {
        return number(Length.ofMillimetres(millimetres));
    }

    /** Returns a difference with its sign written out, and its unit. */
    public String signed(double millimetres) {
        String text = format(millimetres);
        return millimetres > 0 && steps(Length.ofMillimetres(millimetres)) != 0 ? "+" + text : text;
    }

    private long steps(Length length) {
        return BigDecimal.valueOf(length.nanometres())
                .multiply(BigDecimal.valueOf(parts))
                .divide(BigDecimal.valueOf(unit.nanometres()), 0, RoundingMode.HALF_UP)
                .longValueExact();
    }

    private String fraction(int part) {
        if (parts == 8 || part % 2 == 0) {
            return EIGHTHS[part * 8 / parts];
        }
        return "\u2009" + raised(part) + "⁄₁₆";
    }

    private static String raised(int number) {
        String digits = "⁰¹²³⁴⁵⁶⁷⁸⁹";
        StringBuilder text = new StringBuilder();
        for (char c : Integer.toString(number).toCharArray()) {
            text.append(digits.charAt(c - '0'));
        }
        return text.toString();
    }
}
