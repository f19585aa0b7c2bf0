package org.soberhem.core.alter;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Role;

/**
 * An alteration as the trade names it: what it is called, what it asks, and which change of the pattern it makes.
 *
 * @param id kebab-case name
 * @param name in the trade's words
 * @param also other words for it
 * @param group under which it is listed
 * @param does kind of the change, as {@link AlterationValues} names it
 * @param needs a line that some piece that lies round the body must have
 * @param asks what is asked, in order
 * @param fixed values that are not asked, by name
 * @param tells what it does, and what it does not
 * @param caution what to mind; empty if nothing
 */
@RecordBuilder
public record AlterationKind(
        String id,
        String name,
        List<String> also,
        String group,
        String does,
        Optional<Role> needs,
        List<Ask> asks,
        Map<String, Object> fixed,
        String tells,
        String caution)
        implements AlterationKindBuilder.With {

    /** What kind of answer is asked for. */
    public enum As {
        /** An edge of a piece. */
        EDGE,
        /** An edge that is sewn to one other. */
        SEAM,
        /** Another edge of the piece that was chosen first. */
        OPPOSITE,
        /** A piece. */
        PIECE,
        /** A piece cut on the fold. */
        FOLDED_PIECE,
        /** A sleeve. */
        SLEEVE,
        /** A level of the body. */
        LEVEL,
        /** A dart. */
        DART,
        /** A corner. */
        POINT,
        /** A length. */
        LENGTH,
        /** A share, 0 to 1. */
        SHARE,
        /** A whole number. */
        COUNT,
        /** An angle in degrees. */
        DEGREES,
        /** Yes or no. */
        SWITCH,
        /** One of the ways that the change knows. */
        WAY;

        /** Says whether it is a place of the pattern. */
        public boolean isPlace() {
            return ordinal() <= POINT.ordinal();
        }
    }

    /**
     * One question.
     *
     * @param name the value's name in the change
     * @param as what kind of answer
     * @param words how it is asked
     * @param usual the usual answer: a length in millimetres, a number, or the name of a way; empty text for a place
     * @param least smallest answer; negative infinity if any
     * @param most largest answer
     * @param prefers for a place: words that the usual choice contains, likeliest first
     * @param offers for a length: what one school or another takes, in millimetres
     */
    public record Ask(
            String name,
            As as,
            String words,
            Object usual,
            double least,
            double most,
            List<String> prefers,
            List<Double> offers) {

        public Ask {
            prefers = List.copyOf(prefers);
            offers = List.copyOf(offers);
        }

        /** Says whether a number is within the limits. */
        public boolean admits(double number) {
            return number >= least - 1e-6 && number <= most + 1e-6;
        }

        Ask preferring(List<String> words) {
            List<String> all = new ArrayList<>(words);
            all.addAll(prefers);
            return new Ask(name, as, this.words, usual, least, most, all, offers);
        }

        /**
         * Returns the usual one of some places: the first whose name has the likeliest of the words; any, if there are
         * no words.
         *
         * @param taken chosen before: an edge opposite to one is another one
         */
        public Optional<Object> preferred(List<Object> places, Collection<Object> taken) {
            List<Object> free = places.stream()
                    .filter(place -> as != As.OPPOSITE
                            || taken.stream()
                                    .noneMatch(other -> other instanceof EdgeRef ref
                                            && ref.edge().equals(place)))
                    .toList();
            for (String words : prefers) {
                Optional<Object> exact = free.stream()
                        .filter(place -> place.toString().equals(words)
                                || place.toString().endsWith("." + words))
                        .findFirst();
                Optional<Object> found = exact.isPresent()
                        ? exact
                        : free.stream()
                                .filter(place -> place.toString().contains(words))
                                .findFirst();
                if (found.isPresent()) {
                    return found;
                }
            }
            return prefers.isEmpty() ? free.stream().findFirst() : Optional.empty();
        }
    }

    public AlterationKind {
        also = List.copyOf(also);
        asks = List.copyOf(asks);
        fixed = Map.copyOf(fixed);
    }

    /**
     * Makes the alteration.
     *
     * @param answers by the asks' names
     * @throws IllegalArgumentException if an answer is missing or out of its limits; the message says which
     */
    public Alteration make(Map<String, Object> answers, Sides sides) {
        Map<String, Object> values = new LinkedHashMap<>(fixed);
        for (Ask ask : asks) {
            Object answer = answers.get(ask.name());
            if (answer == null) {
                throw new IllegalArgumentException("\"" + ask.words() + "\" must be answered");
            }
            if (answer instanceof Number number && !ask.admits(number.doubleValue())) {
                throw new IllegalArgumentException("\"" + ask.words() + "\" is beyond what can be altered at once");
            }
            values.put(ask.name(), answer);
        }
        values.put("sides", sides);
        return AlterationValues.make(does, values);
    }

    /**
     * Returns the usual answers on a pattern.
     *
     * @return empty if the pattern has no place where it is usually made
     */
    public Optional<Map<String, Object>> usual(Pattern pattern) {
        boolean hasLine = needs.isEmpty()
                || pattern.pieces().stream()
                        .filter(each -> each.spans().isPresent())
                        .anyMatch(each -> each.edges().stream().anyMatch(edge -> edge.role() == needs.get()));
        if (!hasLine) {
            return Optional.empty();
        }
        Map<String, Object> answers = new LinkedHashMap<>();
        Optional<String> piece = Optional.empty();
        for (Ask ask : asks) {
            if (!ask.as().isPlace()) {
                answers.put(ask.name(), ask.usual());
                continue;
            }
            Optional<Object> chosen = ask.preferred(Places.of(pattern, ask.as(), piece), answers.values());
            if (chosen.isEmpty()) {
                return Optional.empty();
            }
            answers.put(ask.name(), chosen.get());
            piece = piece.isPresent() ? piece : chosen.map(AlterationKind::pieceOf);
        }
        return Optional.of(answers);
    }

    /** Returns the kind with other words for its usual places before those that it has. */
    public AlterationKind preferring(List<String> words) {
        List<Ask> asking = asks.stream()
                .map(ask -> ask.as().isPlace() ? ask.preferring(words) : ask)
                .toList();
        return withAsks(asking);
    }

    /** Makes the alteration if every answer is within its limits. */
    public Optional<Alteration> possible(Map<String, Object> answers, Sides sides) {
        boolean within = asks.stream()
                .allMatch(
                        ask -> !(answers.get(ask.name()) instanceof Number number) || ask.admits(number.doubleValue()));
        return within ? Optional.of(make(answers, sides)) : Optional.empty();
    }

    /** Returns the piece that a place belongs to. */
    public static String pieceOf(Object place) {
        return place instanceof EdgeRef ref ? ref.piece() : place.toString();
    }

    /** Returns the answers that would make an alteration; empty if it is none of this kind. */
    public Optional<Map<String, Object>> answers(Alteration alteration) {
        Map<String, Object> values = AlterationValues.of(alteration);
        if (!AlterationValues.kind(alteration.getClass()).equals(does)
                || fixed.entrySet().stream().anyMatch(each -> !isSame(each.getValue(), values.get(each.getKey())))) {
            return Optional.empty();
        }
        Map<String, Object> answers = new LinkedHashMap<>();
        asks.forEach(ask -> answers.put(ask.name(), values.get(ask.name())));
        return Optional.of(answers);
    }

    private static boolean isSame(Object fixedValue, Object value) {
        if (fixedValue instanceof Number number && value instanceof Number other) {
            return number.doubleValue() == other.doubleValue();
        }
        return fixedValue.toString().replace('-', '_').equalsIgnoreCase(value.toString());
    }

    /** Says whether a word that is looked for is in its name or another word for it. */
    public boolean isCalled(String words) {
        String wanted = words.toLowerCase(Locale.ROOT).strip();
        return (name + " " + String.join(" ", also) + " " + group)
                .toLowerCase(Locale.ROOT)
                .contains(wanted);
    }
}
