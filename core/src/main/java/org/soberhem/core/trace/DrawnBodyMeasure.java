package org.soberhem.core.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What a drawn pattern says of the body that it was made for, at one landmark.
 *
 * @param landmark what was read
 * @param drawn what the drawing has, in millimetres
 * @param ease what it is said to have beyond the body
 * @param used whether it is scaled by
 */
public record DrawnBodyMeasure(Landmark landmark, double drawn, double ease, boolean used) {

    /**
     * Reads every landmark that a drawing has.
     *
     * @param stated ease by the landmark's id, in millimetres, where it is not the usual
     * @param unused ids of landmarks that are not scaled by
     */
    public static List<DrawnBodyMeasure> of(
            PaperPattern pattern, LandmarkTable landmarks, Map<String, Double> stated, Set<String> unused) {
        List<DrawnBodyMeasure> made = new ArrayList<>();
        for (Landmark landmark : landmarks.all()) {
            OptionalDouble drawn = pattern.read(landmark);
            if (drawn.isPresent()) {
                made.add(new DrawnBodyMeasure(
                        landmark,
                        drawn.getAsDouble(),
                        stated.getOrDefault(landmark.id(), landmark.ease().usual()),
                        !unused.contains(landmark.id()) && !unused.contains(Tracing.AS_IT_IS)));
            }
        }
        return made;
    }

    /** Returns the body's measurement, in millimetres. */
    public double body() {
        return drawn - ease;
    }
}
