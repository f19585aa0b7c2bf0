package org.soberhem.core.figure;

import java.util.function.ToDoubleFunction;

/** What the garments give, by quantity, in millimetres or as a ratio. */
record GarmentQuantities(ToDoubleFunction<String> given) {

    /** Returns a quantity; NaN where no garment gives it. */
    double of(String quantity) {
        return given.applyAsDouble(quantity);
    }

    double or(String quantity, double otherwise) {
        double value = of(quantity);
        return Double.isNaN(value) ? otherwise : value;
    }

    boolean has(String quantity) {
        return !Double.isNaN(of(quantity));
    }

    /** Returns the height of the seam or band at the waist. */
    double waistSeam(BodyFigure body) {
        return body.at("waist").middle().y() + or("waist-seam-above-natural-waist", 0);
    }
}
