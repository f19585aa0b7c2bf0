package org.soberhem.core.judging;

import java.util.Map;
import java.util.Optional;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.silhouette.Dressing;

/**
 * A costume with its garments drafted and the body that it is for: what figures, rules and gates are computed from.
 *
 * @param judgement the garments as drafted
 * @param wearer who the costume is for
 * @param set the readings that it is drafted from
 * @param tried values that are tried and not kept, by catalogue id, in millimetres
 */
public record EvaluatedCostume(
        Judgement judgement, Wearer wearer, Optional<MeasurementSet> set, Map<String, Double> tried) {

    public Costume costume() {
        return judgement.costume();
    }

    /** Returns who is dressed, and over what. */
    public Dressing.Subject subject() {
        return new Dressing.Subject(wearer.build(), set, costume().stack(), tried);
    }
}
