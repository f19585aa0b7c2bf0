package org.soberhem.core.body;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.soberhem.core.pattern.Side;

/** What changed from one set of a wearer to another. */
public final class SetComparison {

    /**
     * A reading in both sets.
     *
     * @param measure catalogue id
     * @param side of the wearer
     * @param posture while reading
     * @param before mean in the earlier set, in millimetres
     * @param after mean in the later set, in millimetres
     * @param comparable whether the layers leave it comparable
     */
    public record Change(String measure, Side side, Posture posture, double before, double after, boolean comparable) {

        public double by() {
            return after - before;
        }

        /** Says whether it changed by more than readings of one day may differ. */
        public boolean isReal(Measure definition) {
            return Math.abs(by()) > definition.mostSpread().toMillimetres();
        }
    }

    private SetComparison() {}

    /**
     * Compares what both sets have.
     *
     * @param changedByLayers measures, by id, that the layers of the two sets make incomparable
     */
    public static List<Change> of(MeasurementSet before, MeasurementSet after, Set<String> changedByLayers) {
        List<Change> changes = new ArrayList<>();
        for (Reading later : after.readings()) {
            before.find(later.measure(), later.side(), later.posture())
                    .ifPresent(earlier -> changes.add(new Change(
                            later.measure(),
                            later.side(),
                            later.posture(),
                            earlier.mean().toMillimetres(),
                            later.mean().toMillimetres(),
                            !changedByLayers.contains(later.measure()))));
        }
        return changes;
    }
}
