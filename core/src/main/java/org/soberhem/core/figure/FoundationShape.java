package org.soberhem.core.figure;

import java.util.Map;

/**
 * How what is worn beneath shapes and holds the body.
 *
 * @param round depth to breadth of the cross-section, by level, where it is other than bare
 * @param forward how far a level is carried forward (-: back), share of the height
 * @param bustUp how much higher the bust lies, share of the height
 */
public record FoundationShape(Map<String, Double> round, Map<String, Double> forward, double bustUp) {

    /** A body as it stands by itself. */
    public static final FoundationShape NATURAL = new FoundationShape(Map.of(), Map.of(), 0);

    public FoundationShape {
        round = Map.copyOf(round);
        forward = Map.copyOf(forward);
    }
}
