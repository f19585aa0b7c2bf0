package org.soberhem.core.silhouette;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;

/** What is known of a costume at one moment, by quantity; what was learned later stands for what was known before. */
public final class Facts {

    private final Map<String, Quantity> known = new HashMap<>();
    private final Silhouettes silhouettes;

    public Facts(Silhouettes silhouettes) {
        this.silhouettes = silhouettes;
    }

    /** Adds values that came about in one way; those that are not numbers are left out. */
    public Facts add(Map<String, Double> values, QuantityKind.From from, Sentence origin) {
        values.forEach((id, value) -> add(id, value, from, origin));
        return this;
    }

    /** Adds a value; one that is not a number is left out. */
    public Facts add(String id, double value, QuantityKind.From from, Sentence origin) {
        if (!Double.isNaN(value)) {
            known.put(id, Quantity.known(id, value, from, origin));
        }
        return this;
    }

    /** Adds what follows from what is known. */
    public Facts derive() {
        Derivation.into(this);
        return this;
    }

    /** Returns a quantity's name with its value, for the origin of another. */
    Sentence words(String id) {
        String title = silhouettes.kind(id).map(QuantityKind::title).orElse(id);
        return Sentence.of("{} ({})", title.toLowerCase(Locale.ROOT), (Object) Length.ofMillimetres(value(id)));
    }

    /** Returns a value, or NaN. */
    public double value(String id) {
        return Optional.ofNullable(known.get(id)).flatMap(Quantity::value).orElse(Double.NaN);
    }

    /** Returns a quantity as it stands; where it is not known, with what would make it known. */
    public Quantity quantity(String id) {
        Quantity found = known.get(id);
        if (found != null) {
            return found;
        }
        String ways = silhouettes
                .kind(id)
                .map(kind -> kind.from().stream().map(QuantityKind.From::words).collect(Collectors.joining(", or ")))
                .orElse("nothing in the application");
        return new Quantity(id, Optional.empty(), Optional.empty(), Sentence.of("{} would make it known", ways));
    }

    /** Returns the answer to a rule's question by eye, or what would give one. */
    Quantity answer(Rule rule) {
        Quantity found = known.get(answerId(rule.id()));
        return found != null
                ? found
                : new Quantity(
                        rule.quantity(),
                        Optional.empty(),
                        Optional.empty(),
                        Sentence.of("It is answered at a fitting"));
    }

    /** Returns the name under which the answer to a rule's question is known. */
    public static String answerId(String rule) {
        return "answer:" + rule;
    }

    /** Judges by a rule. */
    public Verdict judge(Rule rule, String garment, Optional<String> departure) {
        QuantityKind kind = silhouettes
                .kind(rule.quantity())
                .orElseThrow(
                        () -> new IllegalArgumentException("There must be a quantity \"" + rule.quantity() + "\""));
        Quantity quantity = rule.judged() == Rule.Judged.EYE ? answer(rule) : quantity(rule.quantity());
        double whole = kind.of().map(this::value).orElse(Double.NaN);
        return Verdict.of(rule, kind, garment, quantity, whole, departure);
    }
}
