package org.soberhem.core.silhouette;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;

/**
 * A rule's answer.
 *
 * @param rule the rule
 * @param kind of quantity that was judged
 * @param garment name of the garment that it is about; empty if the whole figure
 * @param grade how it stands
 * @param quantity what was judged
 * @param amount by how much the quantity is to become greater (-: less) to meet the rule, as a length where there is
 *     one
 * @param departure why the maker departs from it on purpose; empty if not
 */
public record Verdict(
        Rule rule,
        QuantityKind kind,
        String garment,
        Grade grade,
        Quantity quantity,
        Optional<Double> amount,
        String departure) {

    /** How a rule stands. */
    public enum Grade {
        MET("met"),
        NEAR("near"),
        NOT_MET("not met"),
        UNKNOWN("not yet known"),
        DEPARTED("departed on purpose");

        private final String words;

        Grade(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Where rules press equally, comfort comes first. */
    private static final double COMFORT_FIRST = 1.25;

    private static final double FARTHEST = 3;

    /**
     * @param whole the length that a ratio is a part of, or NaN
     */
    static Verdict of(
            Rule rule, QuantityKind kind, String garment, Quantity quantity, double whole, Optional<String> departure) {
        Optional<Double> value = quantity.value();
        Grade grade = value.map(rule::grade).orElse(Grade.UNKNOWN);
        if (departure.isPresent() && grade != Grade.MET) {
            grade = Grade.DEPARTED;
        }
        Optional<Double> amount = grade != Grade.MET
                ? value.map(rule.judgedBy()::missing).flatMap(by -> length(kind, by, whole))
                : Optional.empty();
        return new Verdict(rule, kind, garment, grade, quantity, amount, departure.orElse(""));
    }

    private static Optional<Double> length(QuantityKind kind, double missing, double whole) {
        return switch (kind.unit()) {
            case MM -> Optional.of(missing);
            case RATIO -> Double.isNaN(whole) ? Optional.empty() : Optional.of(missing * whole);
            case DEGREES, EYE -> Optional.empty();
        };
    }

    /** Returns the rule's name for people. */
    public String title() {
        return kind.title();
    }

    /** Returns the band that it is judged by. */
    public Band band() {
        return rule.judgedBy();
    }

    /** Says whether another rule wants the same quantity elsewhere, so that both cannot be met. */
    public boolean pullsAgainst(Verdict other) {
        return !other.rule.id().equals(rule.id())
                && other.rule.quantity().equals(rule.quantity())
                && rule.judged() != Rule.Judged.EYE
                && !rule.judgedBy().overlaps(other.rule.judgedBy());
    }

    /** Says whether something could be done about it. */
    public boolean isOpen() {
        return grade == Grade.NEAR || grade == Grade.NOT_MET;
    }

    /** Returns how much it matters: more weight, further outside, comfort before likeness. */
    public double pressing() {
        if (!isOpen()) {
            return 0;
        }
        double off =
                Math.min(FARTHEST, rule.judgedBy().distance(quantity.value().orElseThrow()));
        return rule.weight() * (0.5 + off) * (rule.kind() == Rule.Kind.LIKENESS ? 1 : COMFORT_FIRST);
    }

    /** Returns what was found, in words. */
    public Sentence found() {
        if (rule.judged() == Rule.Judged.EYE) {
            String answer = quantity.value()
                    .map(value -> value >= 1 ? "Yes" : value > 0 ? "Partly" : "No")
                    .orElse("Not answered yet");
            return Sentence.of("{} {}", rule.ask(), answer);
        }
        if (quantity.value().isEmpty()) {
            return Sentence.of("{}: not yet known; {}", title(), quantity.origin());
        }
        double value = quantity.value().get();
        Band band = rule.judgedBy();
        if (grade == Grade.MET) {
            return Sentence.of("{} is {}, {}", title(), shown(value), usual());
        }
        Object off = amount.<Object>map(by -> Length.ofMillimetres(Math.abs(by)))
                .orElseGet(() -> shown(Math.abs(band.missing(value))));
        return Sentence.of(
                "{} is {}: {} {} ({})",
                title(),
                shown(value),
                off,
                value < band.least() ? "too little" : "too much",
                usual());
    }

    /** Returns the band in words; where one side is free, the other end only. */
    public Sentence usual() {
        if (rule.above().isEmpty() && !rule.below().isEmpty()) {
            return Sentence.of("usual {} and more", shown(band().least()));
        }
        if (rule.below().isEmpty() && !rule.above().isEmpty()) {
            return Sentence.of("usual {} and less", shown(band().most()));
        }
        return Sentence.of("usual {} to {}", shown(band().least()), shown(band().most()));
    }

    /** Returns what to do about it; empty where nothing is to be done. */
    public Optional<Sentence> remedy() {
        if (!isOpen()) {
            return Optional.empty();
        }
        boolean below = quantity.value().orElseThrow() < rule.judgedBy().least();
        String say = below ? rule.below() : rule.above();
        if (say.isEmpty()) {
            return Optional.empty();
        }
        int at = say.indexOf("{amount}");
        if (at < 0) {
            return Optional.of(Sentence.of("{}", say));
        }
        Object by = amount.<Object>map(length -> Length.ofMillimetres(Math.abs(length)))
                .orElseGet(() -> quantity.value()
                        .map(value -> shown(Math.abs(rule.judgedBy().missing(value))))
                        .orElseThrow());
        return Optional.of(Sentence.of("{}{}{}", say.substring(0, at), by, say.substring(at + "{amount}".length())));
    }

    /** Returns what was found and what to do, in words. */
    public Sentence sentence() {
        return remedy().map(say -> Sentence.of("{}. {}", found(), say)).orElseGet(this::found);
    }

    /** Returns the alteration that would meet the rule, as its kind and its amounts in millimetres. */
    public Optional<QuantityKind.Alter> alteration() {
        if (!isOpen() || remedy().isEmpty()) {
            return Optional.empty();
        }
        return kind.alter()
                .flatMap(alter -> amount.map(by -> {
                    Map<String, Double> amounts = new HashMap<>();
                    alter.amounts().forEach((name, each) -> amounts.put(name, each * by));
                    return new QuantityKind.Alter(alter.kind(), amounts);
                }));
    }

    /** Returns a value of the quantity's unit, for a sentence. */
    public Object shown(double value) {
        return switch (kind.unit()) {
            case MM -> Length.ofMillimetres(value);
            case RATIO, EYE -> String.format(Locale.ROOT, Math.abs(value) < 0.1 ? "%.3f" : "%.2f", value);
            case DEGREES -> String.format(Locale.ROOT, "%.0f°", value);
        };
    }
}
