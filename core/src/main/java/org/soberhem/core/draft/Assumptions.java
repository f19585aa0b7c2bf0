package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;

/**
 * What a scale takes for granted: it draws every length as if the wearer were the middle size, larger or smaller all
 * over.
 *
 * @param scale the scale at work
 * @param measure the sheet's name of a measure that it does not read
 * @param drawn what the wearer would have if they were in proportion, in millimetres
 * @param read what the tape says, in millimetres
 */
public record Assumptions(Draft.Scaling scale, String measure, double drawn, double read) {

    /** Less is not worth a sentence: a quarter of an inch. */
    private static final double LEAST = 25.4 / 4;

    /**
     * Compares what the scale of a sheet takes for granted with the wearer's readings.
     *
     * @return those that differ, the largest part of the reading first; none where a sheet has no scale
     */
    public static List<Assumptions> of(CompiledSheet sheet, Draft draft, Inputs inputs) {
        List<Assumptions> all = new ArrayList<>();
        draft.scale().ifPresent(scale -> {
            Inputs middle = sheet.middle();
            double middleUnit =
                    Drafter.draft(sheet, middle).scale().orElseThrow().unit();
            for (CompiledSheet.Measure measure : sheet.measures) {
                Optional<Double> usual = value(measure, middle);
                Optional<Double> read = value(measure, inputs);
                if (!measure.required() && usual.isPresent() && read.isPresent()) {
                    double drawn = usual.get() * scale.unit() / middleUnit;
                    if (Math.abs(drawn - read.get()) >= LEAST) {
                        all.add(new Assumptions(scale, measure.name(), drawn, read.get()));
                    }
                }
            }
        });
        all.sort(Comparator.comparingDouble(each -> -Math.abs(each.drawn - each.read) / each.read));
        return all;
    }

    private static Optional<Double> value(CompiledSheet.Measure measure, Inputs inputs) {
        Map<String, Inputs.Measured> measures = inputs.measures();
        return measure.ids().stream()
                .filter(measures::containsKey)
                .findFirst()
                .map(id -> measures.get(id).on(Side.MIDDLE));
    }

    /** Returns the difference in words. */
    public Sentence sentence() {
        return Sentence.of(
                "At a {} of {} the scale draws for a {} of {}; the tape says {}, {} {}",
                scale.by().replace('-', ' '),
                scale.measured(),
                measure.replace('-', ' '),
                drawn,
                read,
                Math.abs(read - drawn),
                read > drawn ? "more" : "less");
    }
}
