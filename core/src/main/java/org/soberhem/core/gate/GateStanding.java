package org.soberhem.core.gate;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.costume.CostumeRecord;
import org.soberhem.core.costume.GateStep;

/**
 * A gate as it stands for one garment.
 *
 * @param step before which it stands
 * @param garment name of the garment
 * @param conditions all that the gate asks for
 * @param passed how it was passed although it is closed, if it was
 */
public record GateStanding(
        GateStep step, String garment, List<GateCondition> conditions, Optional<CostumeRecord.Passage> passed) {

    public GateStanding {
        conditions = List.copyOf(conditions);
    }

    /** Returns whether every condition is met. */
    public boolean isOpen() {
        return conditions.stream().allMatch(condition -> condition.state() == GateCondition.State.MET);
    }

    /** Returns the conditions that keep it closed. */
    public List<GateCondition> missing() {
        return conditions.stream()
                .filter(condition -> condition.state() != GateCondition.State.MET)
                .toList();
    }
}
