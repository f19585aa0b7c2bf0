package org.soberhem.core.costume;

import java.util.HashMap;
import java.util.Map;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Reading;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.pattern.Side;

/** Hands a wearer's readings to a draft. */
public final class Tape {

    private Tape() {}

    /** Returns the standing means of a set, left and right where they were taken apart. */
    public static Inputs inputs(MeasurementSet set, Map<String, Double> settings) {
        Map<String, Inputs.Measured> measures = new HashMap<>();
        for (Reading reading : set.readings()) {
            String id = reading.measure();
            set.value(id, Side.LEFT)
                    .ifPresent(left -> measures.put(
                            id,
                            new Inputs.Measured(
                                    left.toMillimetres(),
                                    set.value(id, Side.RIGHT).orElse(left).toMillimetres())));
        }
        return new Inputs(measures, settings);
    }
}
