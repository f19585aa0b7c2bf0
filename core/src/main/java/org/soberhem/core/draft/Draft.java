package org.soberhem.core.draft;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.pattern.Pattern;

/**
 * A sheet drawn at a wearer's size.
 *
 * @param pattern worn pieces with their seam lines
 * @param plates what the sheet draws, one a piece, from the wearer's left
 * @param scale the scale; empty where every point is measured
 * @param measures the measures used, by catalogue id, in millimetres
 * @param settings the settings used, by name, in millimetres; of a choice, the place of the way taken, from 0
 * @param beyond settings that go beyond what is usual
 */
public record Draft(
        Pattern pattern,
        List<DraftedPiece> plates,
        Optional<Scaling> scale,
        Map<String, Double> measures,
        Map<String, Double> settings,
        List<BeyondUsual> beyond) {

    /**
     * A scale law at work.
     *
     * @param by name of the governing measure
     * @param measured its value, in millimetres
     * @param law as written, such as "bust / 36"
     * @param unit one unit, in millimetres
     */
    public record Scaling(String by, double measured, String law, double unit) {}
}
