package org.soberhem.core.silhouette;

import java.util.Optional;
import org.soberhem.core.length.Sentence;

/**
 * A named number that rules judge.
 *
 * @param id kebab-case name
 * @param value in millimetres or as a ratio; empty if it is not known yet
 * @param origin how it came about, or why it is not known yet
 */
public record Quantity(String id, Optional<Double> value, Sentence origin) {

    /** Answers for the quantities that some part of the product knows. */
    @FunctionalInterface
    public interface Source {

        /** Returns the quantity; its value is empty if this source does not know it. */
        Quantity quantity(String id);
    }
}
