package org.soberhem.core.silhouette;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What makes a period's outline, or a garment's comfort.
 *
 * @param id kebab-case name
 * @param quantity id of what is judged
 * @param garments kinds of garment that it judges; empty for the whole figure
 * @param kind why it is a rule
 * @param band what is usual; empty if it is judged by eye
 * @param judged where it is judged
 * @param ask what is asked by eye; empty otherwise
 * @param look what to look at; empty otherwise
 * @param why the reason
 * @param below what to do where it is less, with {amount}; empty if less is right too
 * @param above what to do where it is more; empty if more is right too
 * @param school the school that holds it; empty if all do
 * @param against ids of rules that it may pull against
 * @param except ids of silhouettes in which it is silent
 * @param weight from 1 to 3
 * @param evidence kind of evidence, such as "from memory"
 */
public record Rule(
        String id,
        String quantity,
        Set<String> garments,
        Kind kind,
        Optional<Band> band,
        Judged judged,
        String ask,
        String look,
        String why,
        String below,
        String above,
        String school,
        List<String> against,
        Set<String> except,
        int weight,
        String evidence) {

    /** How an answer by eye is counted. */
    static final Band BY_EYE = new Band(1, 1, 0.5, 1);

    public Rule {
        garments = Set.copyOf(garments);
        against = List.copyOf(against);
        except = Set.copyOf(except);
    }

    /** Why something is a rule. */
    public enum Kind {
        LIKENESS("likeness to the period"),
        COMFORT("the wearer's comfort"),
        PASSAGE("getting in, out and about");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Where a rule is judged. */
    public enum Judged {
        PAPER("on paper, before anything is cut"),
        FITTING("at a fitting"),
        PICTURE("by a picture laid over the outline"),
        EYE("by eye, at a fitting");

        private final String words;

        Judged(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    Band judgedBy() {
        return band.orElse(BY_EYE);
    }

    /** Says whether a value is beyond the band on a side where that is right too. */
    private boolean isFree(double value) {
        Band by = judgedBy();
        return value < by.least() ? below.isEmpty() : value > by.most() && above.isEmpty();
    }

    /** Grades a value. */
    Verdict.Grade grade(double value) {
        Band by = judgedBy();
        if (by.isMetBy(value) || isFree(value)) {
            return Verdict.Grade.MET;
        }
        return by.isNear(value) ? Verdict.Grade.NEAR : Verdict.Grade.NOT_MET;
    }
}
