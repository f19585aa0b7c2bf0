package org.soberhem.core.trace;

import java.util.Locale;

/** Writes terms of the sheet's formulas. */
final class FormulaText {

    private static final double NOTHING = 5e-5;

    private FormulaText() {}

    static String mm(double millimetres) {
        return number(millimetres, 4) + " mm";
    }

    static String number(double value, int digits) {
        double near = Math.abs(value) < NOTHING ? 0 : value;
        return String.format(Locale.ROOT, "%." + digits + "f", near)
                .replaceFirst("0+$", "")
                .replaceFirst("\\.$", "");
    }

    /** A length that grows with a ratio. */
    static String times(double millimetres, String ratio) {
        return Math.abs(millimetres) < NOTHING ? "0 mm" : mm(millimetres) + " * " + ratio;
    }

    /** A base and a length that grows with a ratio. */
    static String plus(String base, double millimetres, String ratio) {
        if (Math.abs(millimetres) < NOTHING) {
            return base;
        }
        return base + (millimetres < 0 ? " - " : " + ") + mm(Math.abs(millimetres)) + " * " + ratio;
    }

    /** The value a share of the way from one to another. */
    static String between(String from, String to, double share) {
        if (from.equals(to) || share < 1e-9) {
            return from;
        }
        if (share > 1 - 1e-9) {
            return to;
        }
        return from + " + " + number(share, 7) + " * (" + to + " - " + bracketed(from) + ")";
    }

    /** A term that may stand after a minus or a stroke. */
    static String bracketed(String term) {
        return term.contains(" ") ? "(" + term + ")" : term;
    }
}
