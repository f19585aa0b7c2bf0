package org.soberhem.core.draft;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.pattern.Side;

/**
 * What a draft is drawn from.
 *
 * @param measures catalogue id to the wearer's value; what was read seated too, by its id and {@link #SEATED}
 * @param settings name to the chosen amount in millimetres, where it is not the sheet's default
 */
public record Inputs(Map<String, Measured> measures, Map<String, Double> settings) {

    /**
     * A measured length in millimetres, left and right.
     *
     * @param left wearer's left
     * @param right wearer's right, the same where no difference was measured
     */
    public record Measured(double left, double right) {

        public static Measured both(double millimetres) {
            return new Measured(millimetres, millimetres);
        }

        /** Returns one side's value; their mean for the middle of the body. */
        public double on(Side side) {
            return switch (side) {
                case LEFT -> left;
                case RIGHT -> right;
                case MIDDLE -> (left + right) / 2;
            };
        }
    }

    /** Ends the key of a girth that was read seated beside the standing one. */
    public static final String SEATED = "@seated";

    public Inputs {
        measures = Map.copyOf(measures);
        settings = Map.copyOf(settings);
    }

    /** Takes measures alone, the same on both sides. */
    public static Inputs of(Map<String, Double> millimetres) {
        Map<String, Measured> measures = new HashMap<>();
        millimetres.forEach((id, value) -> measures.put(id, Measured.both(value)));
        return new Inputs(measures, Map.of());
    }

    public Optional<Measured> find(String measure) {
        return Optional.ofNullable(measures.get(measure));
    }

    /** Returns the same with what was read seated in place of the standing readings, where that is more. */
    public Inputs seated() {
        Map<String, Measured> changed = new HashMap<>(measures);
        measures.forEach((id, value) -> find(id + SEATED)
                .filter(seated -> seated.on(Side.MIDDLE) > value.on(Side.MIDDLE))
                .ifPresent(seated -> changed.put(id, seated)));
        return new Inputs(changed, settings);
    }

    /** Returns the same without what was read seated beside the standing readings. */
    public Inputs standing() {
        Map<String, Measured> kept = new HashMap<>(measures);
        kept.keySet().removeIf(id -> id.endsWith(SEATED));
        return new Inputs(kept, settings);
    }

    public Inputs with(String measure, Measured value) {
        Map<String, Measured> changed = new HashMap<>(measures);
        changed.put(measure, value);
        return new Inputs(changed, settings);
    }

    public Inputs withSetting(String name, double millimetres) {
        Map<String, Double> changed = new HashMap<>(settings);
        changed.put(name, millimetres);
        return new Inputs(measures, changed);
    }
}
