package org.soberhem.core.garment;

import org.soberhem.core.length.LengthUnit;

/** The inch in which common practice gives its figures, in millimetres. */
final class Inches {

    static final double INCH = LengthUnit.INCH.millimetres();

    /** Half an eighth of an inch: less is rounding, and cannot be told at an edge. */
    static final double ROUNDING = INCH / 16;

    private Inches() {}
}
