package org.soberhem.core.draft;

import java.util.List;
import java.util.Map;
import org.soberhem.core.pattern.Pattern;

/**
 * A sheet drawn at a wearer's size.
 *
 * @param pattern worn pieces with their seam lines
 * @param plates what the sheet draws, one a piece, from the wearer's left
 * @param law the scale law as written, such as "bust / 36"
 * @param unit one unit of the scale, in millimetres
 * @param measures the measures used, by catalogue id, in millimetres
 * @param settings the settings used, by name, in millimetres
 */
public record Draft(
        Pattern pattern,
        List<Plate> plates,
        String law,
        double unit,
        Map<String, Double> measures,
        Map<String, Double> settings) {}
