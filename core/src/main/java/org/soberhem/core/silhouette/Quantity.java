package org.soberhem.core.silhouette;

import java.util.Optional;
import org.soberhem.core.length.Sentence;

/**
 * A quantity as it stands.
 *
 * @param id of its kind
 * @param value in millimetres, degrees or as a ratio; empty if it is not known yet
 * @param from what made it known; empty if it is not known yet
 * @param origin how it came about, or what would make it known
 */
public record Quantity(String id, Optional<Double> value, Optional<QuantityKind.From> from, Sentence origin) {

    static Quantity known(String id, double value, QuantityKind.From from, Sentence origin) {
        return new Quantity(id, Optional.of(value), Optional.of(from), origin);
    }
}
