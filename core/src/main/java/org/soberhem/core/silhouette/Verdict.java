package org.soberhem.core.silhouette;

import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;

/**
 * A rule's answer.
 *
 * @param rule the rule
 * @param grade how it stands
 * @param quantity what was judged
 */
public record Verdict(Rule rule, Grade grade, Quantity quantity) {

    /** How a rule stands, from right to not known. */
    public enum Grade {
        RIGHT,
        NEAR,
        OUTSIDE,
        UNKNOWN
    }

    /** Judges a quantity by a rule. */
    public static Verdict of(Rule rule, Quantity quantity) {
        if (quantity.value().isEmpty()) {
            return new Verdict(rule, Grade.UNKNOWN, quantity);
        }
        double value = quantity.value().get();
        double off = Math.max(rule.least() - value, value - rule.most());
        Grade grade = off <= 1e-9 ? Grade.RIGHT : off <= rule.near() ? Grade.NEAR : Grade.OUTSIDE;
        return new Verdict(rule, grade, quantity);
    }

    /** Returns what was found and what to do, in words. */
    public Sentence sentence() {
        if (grade == Grade.UNKNOWN) {
            return Sentence.of("{}: not known yet. {}", rule.title(), quantity.origin());
        }
        double value = quantity.value().orElseThrow();
        if (grade == Grade.RIGHT) {
            return Sentence.of(
                    "{} is {}, within {} to {}", rule.title(), shown(value), shown(rule.least()), shown(rule.most()));
        }
        boolean below = value < rule.least();
        double off = below ? rule.least() - value : value - rule.most();
        return Sentence.of(
                "{} is {}, {} {} {}. {}",
                rule.title(),
                shown(value),
                shown(off),
                below ? "under" : "over",
                shown(below ? rule.least() : rule.most()),
                below ? rule.below() : rule.above());
    }

    private Object shown(double value) {
        return rule.ratio() ? String.valueOf(Math.round(value * 100) / 100.0) : Length.ofMillimetres(value);
    }
}
