package org.soberhem.core.judging;

import java.util.Optional;
import org.soberhem.core.costume.Choice;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.layers.OverLayers;
import org.soberhem.core.length.Sentence;

/**
 * What a draft takes for a measure it asks for.
 *
 * @param asked catalogue id that the draft asks for
 * @param from catalogue id of the reading that is taken
 * @param take how it is taken
 * @param overruled whether the maker chose it, against what would be taken
 * @param state how good the value is
 * @param value the value, unless it is missing
 * @param estimate its range, if it is an estimate
 * @param words what is to be known about it
 */
public record ResolvedMeasure(
        String asked,
        String from,
        Choice.Take take,
        boolean overruled,
        State state,
        Optional<Inputs.Measured> value,
        Optional<OverLayers.Estimate> estimate,
        Sentence words) {

    /** How good a value is. */
    public enum State {
        MEASURED,
        /** By another definition than the draft's. */
        OTHER_DEFINITION,
        /** Over other layers than the costume's. */
        OTHER_LAYERS,
        ESTIMATED,
        MISSING
    }
}
