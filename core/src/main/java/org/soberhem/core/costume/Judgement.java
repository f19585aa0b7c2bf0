package org.soberhem.core.costume;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.silhouette.Quantity;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Verdict;

/**
 * A costume worked out, garment by garment, and judged by the rules of its year.
 *
 * @param costume the costume
 * @param works garments that can be drawn, by name
 * @param failures why the others cannot, by name
 */
public record Judgement(Costume costume, Map<String, Work> works, Map<String, DraftException> failures) {

    /** One verdict, for one garment at one round; round 0 is before the first fitting. */
    public record RoundVerdict(String garment, int round, Verdict verdict) {}

    /**
     * Judges every rule as things stand now: drafts as they are, readings of the latest fitting that has them.
     */
    public List<RoundVerdict> verdicts(List<Rule> rules) {
        return verdicts(rules, works, costume.fittings().size());
    }

    /**
     * Judges every rule as things stood at a round.
     *
     * @param worked the garments as they were cut for that round
     * @param round number of the fitting, 0 for before the first
     */
    public List<RoundVerdict> verdicts(List<Rule> rules, Map<String, Work> worked, int round) {
        List<RoundVerdict> verdicts = new ArrayList<>();
        worked.forEach((garment, work) -> {
            for (Rule rule : rules) {
                if (rule.appliesTo(work.sheet().sheet().about().garment(), costume.year())) {
                    verdicts.add(new RoundVerdict(garment, round, Verdict.of(rule, quantity(rule, work, round))));
                }
            }
        });
        return verdicts;
    }

    private Quantity quantity(Rule rule, Work work, int round) {
        String id = rule.quantity();
        if (rule.judged() == Rule.Judged.DRAFT) {
            Optional<Double> value = Optional.ofNullable(work.quantities().get(id));
            return new Quantity(
                    id,
                    value,
                    Sentence.of(
                            value.isPresent() ? "From the draft" : "The draft needs a measurement that is missing"));
        }
        for (int i = Math.min(round, costume.fittings().size()) - 1; i >= 0; i--) {
            Fitting fitting = costume.fittings().get(i);
            Length reading = fitting.readings().get(id);
            if (reading != null) {
                return new Quantity(
                        id,
                        Optional.of(reading.toMillimetres()),
                        Sentence.of("Measured at fitting {}", fitting.number()));
            }
        }
        return new Quantity(id, Optional.empty(), Sentence.of("It is measured at a fitting"));
    }
}
