package org.soberhem.core.costume;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.pattern.Pattern;

/**
 * A named state of a garment's pattern: its recipe, and what that gave when it was named.
 *
 * @param number from 1
 * @param date when it was named
 * @param why what it was made for
 * @param measures what it was drawn from, by catalogue id, in millimetres
 * @param settings settings chosen, by name, in millimetres
 * @param alterations in order
 * @param sheet the sheet that it was drawn from, written out
 * @param after number of the version that it was made from; 0 for the draft
 * @param finished the pattern as it was; empty in older workspaces
 */
@RecordBuilder
public record Version(
        int number,
        LocalDate date,
        String why,
        Map<String, Inputs.Measured> measures,
        Map<String, Double> settings,
        List<Alteration> alterations,
        String sheet,
        int after,
        Optional<Pattern> finished)
        implements VersionBuilder.With {

    /** Two states nearer to each other are the same, in millimetres. */
    public static final double SAME = 0.1;

    /**
     * A seam line that moves by less moves no cutting line by more than {@link #SAME}, corners included, in
     * millimetres.
     */
    private static final double STILL = 0.04;

    public Version {
        measures = Map.copyOf(measures);
        settings = Map.copyOf(settings);
        alterations = List.copyOf(alterations);
    }

    public Inputs inputs() {
        return new Inputs(measures, settings);
    }

    /**
     * Returns whether a garment drafted now has the pattern that was named. A version from before patterns were kept is
     * compared by its values.
     */
    public boolean isStill(Inputs inputs, Pattern pattern) {
        return finished.map(was -> was.sameAs(pattern, STILL)).orElseGet(() -> measures.equals(inputs.measures()));
    }

    /** Says whether the recipe now gives another pattern than it did. */
    public boolean differsFrom(Pattern now) {
        return finished.filter(was -> !was.sameAs(now, SAME)).isPresent();
    }
}
