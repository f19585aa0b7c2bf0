package org.soberhem.core.length;

/**
 * A length held exactly as a whole number of nanometres; 1/64 in (396 875 nm) and 0.1 mm are both exact.
 *
 * @param nanometres the length in nanometres, of either sign
 */
public record Length(long nanometres) implements Comparable<Length> {

    /** No length at all. */
    public static final Length ZERO = new Length(0);

    private static final double PER_MILLIMETRE = 1e6;

    /**
     * Converts from millimetres, rounded once to the nearest nanometre.
     *
     * @param millimetres a finite number
     * @throws IllegalArgumentException if the number is not finite or beyond a thousand kilometres
     */
    public static Length ofMillimetres(double millimetres) {
        if (!(Math.abs(millimetres) <= 1e9)) {
            throw new IllegalArgumentException("Length must be finite and within 1e9 mm: " + millimetres + " mm");
        }
        return new Length(Math.round(millimetres * PER_MILLIMETRE));
    }

    /**
     * Takes whole inches and a fraction of an inch; exact for denominators that divide 64.
     *
     * @param whole whole inches
     * @param numerator upper number of the fraction
     * @param denominator lower number of the fraction, greater than 0
     */
    public static Length ofInches(long whole, int numerator, int denominator) {
        if (denominator <= 0) {
            throw new IllegalArgumentException("Denominator must be greater than 0: " + denominator);
        }
        double fraction = (double) LengthUnit.INCH.nanometres() * numerator / denominator;
        return new Length(whole * LengthUnit.INCH.nanometres() + Math.round(fraction));
    }

    /** Takes whole inches. */
    public static Length ofInches(long whole) {
        return ofInches(whole, 0, 1);
    }

    /** Returns the length in millimetres. */
    public double toMillimetres() {
        return nanometres / PER_MILLIMETRE;
    }

    /** Returns the length in the given unit. */
    public double in(LengthUnit unit) {
        return (double) nanometres / unit.nanometres();
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(nanometres, other.nanometres));
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(nanometres, other.nanometres);
    }
}
