package org.soberhem.core.judging;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.LeaveSo;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.costume.DailyNeeds;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.SeamCheck;

/**
 * A garment worked out: drafted, altered and judged.
 *
 * @param sheet what it was drawn from
 * @param inputs the wearer's values and the chosen settings
 * @param draft as the sheet draws it
 * @param pattern after the alterations
 * @param refused why alterations could not be done, by their place in the chain, from 0
 * @param checks girths, lengths and openings
 * @param seams seams that meet
 * @param questions what the alterations leave open that only the maker can answer
 * @param quantities what the rules of a silhouette read
 */
public record DraftedGarment(
        CompiledSheet sheet,
        Inputs inputs,
        Draft draft,
        Pattern pattern,
        Map<Integer, Sentence> refused,
        List<CheckResult> checks,
        List<SeamCheck> seams,
        List<PatternQuestion> questions,
        Map<String, Double> quantities) {

    /**
     * Drafts, alters and judges.
     *
     * @throws DraftException if the sheet cannot be drawn for the wearer
     */
    public static DraftedGarment of(CompiledSheet sheet, Inputs inputs, List<Alteration> alterations) {
        Draft draft = Drafter.draft(sheet, inputs);
        Pattern pattern = draft.pattern();
        Map<Integer, Sentence> refused = new TreeMap<>();
        List<Alteration> made = new ArrayList<>();
        for (int i = 0; i < alterations.size(); i++) {
            Outcome outcome = alterations.get(i).apply(pattern);
            int place = i;
            outcome.refusal().ifPresentOrElse(why -> refused.put(place, why), () -> made.add(alterations.get(place)));
            pattern = outcome.pattern();
        }
        SettledChecks settled = new SettledChecks(pattern, inputs, made);
        List<CheckResult> checks = settled.of(Checks.of(sheet, inputs, pattern));
        List<PatternQuestion> questions = new PatternQuestions(draft.pattern(), pattern, settled.left())
                .all(draft.beyond(), sums(sheet, inputs, pattern));
        List<SeamCheck> seams = pattern.seamChecks();
        settlesNothing(alterations, checks, seams, questions).forEach(refused::putIfAbsent);
        return new DraftedGarment(
                sheet,
                inputs,
                draft,
                pattern,
                refused,
                checks,
                seams,
                questions,
                Checks.quantities(sheet, inputs, pattern));
    }

    /**
     * Returns the sums that belong to the draft, but for getting in and out; what fails does not depend on the year.
     */
    private static List<Sum> sums(CompiledSheet sheet, Inputs inputs, Pattern pattern) {
        SumInputs.Circumstances anyYear =
                new SumInputs.Circumstances(sheet.sheet().about().from(), List.of());
        return Sums.of(sheet, inputs, pattern, anyYear).stream()
                .filter(sum -> !sum.name().equals(Sums.OPENINGS))
                .toList();
    }

    /**
     * Returns the pattern as it is before an alteration of the chain.
     *
     * @param alterations the chain
     * @param place in it, from 0
     */
    public Pattern before(List<Alteration> alterations, int place) {
        Pattern pattern = draft.pattern();
        for (Alteration each : alterations.subList(0, place)) {
            pattern = each.apply(pattern).pattern();
        }
        return pattern;
    }

    /** Returns which alterations leave so what is not there, by their place, each with what could be meant. */
    private static Map<Integer, Sentence> settlesNothing(
            List<Alteration> alterations,
            List<CheckResult> checks,
            List<SeamCheck> seams,
            List<PatternQuestion> questions) {
        List<String> names = Stream.of(
                        checks.stream().map(CheckResult::name),
                        seams.stream().map(check -> check.seam().name()),
                        questions.stream().map(PatternQuestion::name),
                        Stream.of(DailyNeeds.Need.values()).map(DailyNeeds.Need::words))
                .flatMap(each -> each)
                .distinct()
                .toList();
        Map<Integer, Sentence> nothing = new TreeMap<>();
        for (int i = 0; i < alterations.size(); i++) {
            if (alterations.get(i) instanceof LeaveSo so && !names.contains(so.what())) {
                nothing.put(
                        i,
                        Sentence.of(
                                "No seam, check or question is called \"{}\" here; there are {}",
                                so.what(),
                                String.join("; ", names)));
            }
        }
        return nothing;
    }
}
