package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.formula.Frame;
import org.soberhem.core.garment.BodyLoop;
import org.soberhem.core.garment.OpeningsSum;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumException;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.garment.Wearing;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;

/** Works out the sums that belong to a draft, on the finished pattern. */
public final class Sums {

    /** Name of the sum that every draft has: getting in and out. */
    public static final String OPENINGS = "openings";

    private final CompiledSheet sheet;
    private final Inputs inputs;
    private final Pattern pattern;
    private final SumInputs.Circumstances circumstances;
    private final Frame frame;

    private Sums(CompiledSheet sheet, Inputs inputs, Pattern pattern, SumInputs.Circumstances circumstances) {
        this.sheet = sheet;
        this.inputs = inputs;
        this.pattern = pattern;
        this.circumstances = circumstances;
        this.frame = FinishedPieces.frame(sheet, inputs, pattern);
    }

    /**
     * Returns the sums of a draft in the order of its sheet, getting in and out last. One that lacks a measurement says
     * so.
     *
     * @param pattern drawn from the sheet, altered or not
     */
    public static List<Sum> of(
            CompiledSheet sheet, Inputs inputs, Pattern pattern, SumInputs.Circumstances circumstances) {
        Sums sums = new Sums(sheet, inputs, pattern, circumstances);
        List<Sum> all = new ArrayList<>();
        sheet.sums.forEach(run -> all.add(sums.sum(run)));
        if (!sheet.openings.isEmpty() || sheet.wearing.isPresent()) {
            all.add(sums.openings());
        }
        return all;
    }

    private Sum sum(CompiledSheet.SumRun run) {
        String title = run.kind().word().replace('-', ' ');
        if (run.kind().needed().stream().anyMatch(each -> isMissing(run, each))) {
            return Sum.waiting(
                    run.name(),
                    title,
                    Sentence.of("Not worked out yet: {} not measured", String.join(", ", missing(run.reads()))));
        }
        try {
            return run.kind().of(given(run));
        } catch (SumException impossible) {
            return Sum.refused(run.name(), title, impossible.sentence());
        }
    }

    private boolean isMissing(CompiledSheet.SumRun run, String argument) {
        return Double.isNaN(run.amounts().get(argument).value(frame));
    }

    private SumInputs given(CompiledSheet.SumRun run) {
        Map<String, Double> amounts = new LinkedHashMap<>();
        run.amounts().forEach((argument, formula) -> {
            double value = formula.value(frame);
            if (!Double.isNaN(value)) {
                amounts.put(argument, value);
            }
        });
        Map<String, String> words = new LinkedHashMap<>();
        run.words().forEach((argument, word) -> words.put(argument, chosen(word)));
        List<List<Double>> rows = run.rows().stream()
                .map(row -> row.stream().map(formula -> formula.value(frame)).toList())
                .toList();
        return new SumInputs(run.name(), amounts, words, rows, instead(), circumstances);
    }

    /** Returns the way taken where a word is one of the sheet's choices. */
    private String chosen(String word) {
        for (CompiledSheet.Choosing choice : sheet.choices) {
            if (choice.name().equals(word)) {
                int way = choice.ways().indexOf((int) frame.slots[choice.slot()]);
                return sheet.sheet().choices().get(word).of().get(way);
            }
        }
        return word;
    }

    /** Returns the catalogue ids taken in place of the best one, by measure. */
    private Map<String, String> instead() {
        Map<String, String> instead = new HashMap<>();
        for (CompiledSheet.Measure measure : sheet.measures) {
            measure.ids().stream()
                    .filter(id -> inputs.find(id).isPresent())
                    .findFirst()
                    .filter(id -> !id.equals(measure.ids().get(0)))
                    .ifPresent(id -> instead.put(measure.name(), id));
        }
        return instead;
    }

    private List<String> missing(Set<Integer> reads) {
        return sheet.measures.stream()
                .filter(measure -> reads.contains(measure.slot()) && Double.isNaN(frame.slots[measure.slot()]))
                .map(measure -> String.join(" or ", measure.ids()).replace('-', ' '))
                .toList();
    }

    private Sum openings() {
        List<BodyLoop> loops = sheet.openings.stream()
                .map(opening -> FinishedPieces.loop(sheet, opening, frame, pattern))
                .toList();
        return OpeningsSum.of(OPENINGS, loops, wearing(sheet, frame));
    }

    /** Returns how a garment is got into and lived in, as it is altered; empty where the sheet does not say. */
    public static Optional<Wearing> wearing(CompiledSheet sheet, Inputs inputs, Pattern pattern) {
        return wearing(sheet, FinishedPieces.frame(sheet, inputs, pattern));
    }

    private static Optional<Wearing> wearing(CompiledSheet sheet, Frame frame) {
        return sheet.wearing.map(run -> new Wearing(
                run.written().closes(),
                run.fastening().value(frame),
                run.below().value(frame),
                run.written().lavatory(),
                run.written().nursing()));
    }
}
