package org.soberhem.core.costume;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.soberhem.core.alter.Alteration;
import org.soberhem.core.draft.Inputs;

/**
 * A named state of a garment's pattern, kept as its recipe.
 *
 * @param number from 1
 * @param date when it was named
 * @param why what it was made for
 * @param measures what it was drawn from, by catalogue id, in millimetres
 * @param settings settings chosen, by name, in millimetres
 * @param alterations in order
 */
public record Version(
        int number,
        LocalDate date,
        String why,
        Map<String, Inputs.Measured> measures,
        Map<String, Double> settings,
        List<Alteration> alterations) {

    public Version {
        measures = Map.copyOf(measures);
        settings = Map.copyOf(settings);
        alterations = List.copyOf(alterations);
    }

    public Inputs inputs() {
        return new Inputs(measures, settings);
    }
}
