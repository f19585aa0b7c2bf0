package org.soberhem.core.fitting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.length.Sentence;

/**
 * The causes of what was seen, weighed by what is known.
 *
 * <p>Each known fact multiplies the odds of the causes it speaks for by its factor and divides those of the causes it
 * speaks against. Facts are taken as independent, which they are not: the shares order the causes, they are no
 * probabilities to be relied on. Factors and weights are from memory.
 *
 * @param causes likeliest first
 * @param other share of a cause that is not in the list
 * @param proposed the one test to make next, if two causes remain
 */
public record Ranking(List<Ranked> causes, double other, Optional<Ranked> proposed) {

    /** A test's outcome multiplies or divides the odds by this. */
    private static final double TEST = 12;

    /** Two causes remain where the first is not so many times as likely as the second. */
    private static final double APART = 3;

    /**
     * One cause, weighed.
     *
     * @param share of all, 0 to 1
     * @param reasons what is known for it and against it, in words
     */
    public record Ranked(Cause cause, double share, List<Sentence> reasons) {}

    public Ranking {
        causes = List.copyOf(causes);
    }

    /**
     * Weighs the causes of a symptom.
     *
     * @param known what is known
     * @param tested outcomes of tests, by cause
     * @param own causes of the maker's own for the same symptom
     */
    public static Ranking of(
            Symptom symptom, Symptoms library, Set<Fact> known, Map<String, Boolean> tested, List<Cause> own) {
        List<Cause> all = new ArrayList<>(symptom.causes());
        all.addAll(own);
        double listed = all.stream().mapToDouble(Cause::prior).sum();
        // What is left over belongs to a cause that nobody has thought of; own causes share it.
        double other = Math.max(0.05, 1 - listed);
        double sum = other;
        double[] weights = new double[all.size()];
        List<List<Sentence>> reasons = new ArrayList<>();
        for (int i = 0; i < weights.length; i++) {
            Cause cause = all.get(i);
            List<Sentence> why = new ArrayList<>();
            double weight = cause.prior();
            for (Fact fact : cause.supports()) {
                if (known.contains(fact)) {
                    weight *= library.facts().get(fact.kind()).factor();
                    why.add(Sentence.of("+ {}", library.says(fact)));
                }
            }
            for (Fact fact : cause.contradicts()) {
                if (known.contains(fact)) {
                    weight /= library.facts().get(fact.kind()).factor();
                    why.add(Sentence.of("− {}", library.says(fact)));
                }
            }
            Boolean outcome = tested.get(cause.id());
            if (outcome != null) {
                weight = outcome ? weight * TEST : weight / TEST;
                why.add(
                        0,
                        outcome
                                ? Sentence.of("+ Tested: {}", cause.test().then())
                                : Sentence.of(
                                        "− Tested: not so that {}", cause.test().then()));
            }
            weights[i] = weight;
            sum += weight;
            reasons.add(why);
        }
        List<Ranked> ranked = new ArrayList<>();
        for (int i = 0; i < weights.length; i++) {
            ranked.add(new Ranked(all.get(i), weights[i] / sum, reasons.get(i)));
        }
        ranked.sort(Comparator.comparingDouble(Ranked::share).reversed());
        return new Ranking(ranked, other / sum, proposed(ranked, tested));
    }

    /** Of two that remain, the test that is the lesser trouble; what was tested is not tested again. */
    private static Optional<Ranked> proposed(List<Ranked> ranked, Map<String, Boolean> tested) {
        if (ranked.size() < 2 || ranked.get(0).share() > APART * ranked.get(1).share()) {
            return Optional.empty();
        }
        return ranked.subList(0, 2).stream()
                .filter(each -> !tested.containsKey(each.cause().id()))
                .min(Comparator.comparing(each -> each.cause().test().by()));
    }
}
