package org.soberhem.core.alter;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.AmountsAlong;
import org.soberhem.core.alter.edit.SeamRole;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.geometry.Bisection;
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
        /** An edge that is sewn to something. */
        SEWN,
        /** An edge that is sewn to nothing. */
        OPEN,
        /** An edge that is sewn to one other. */
        SEAM,
        /** An edge that is sewn to one other, one that opens, or a centre. */
        LINE,
        /** Another edge of the piece that was chosen first. */
        OPPOSITE,
        /** A piece. */
        PIECE,
        /** A piece with an edge at the centre, on the fold or not. */
        CENTRE_PIECE,
        /** A sleeve. */
        SLEEVE,
        /** A front that overlaps the other. */
        LAP,
        /** A front with a lapel and its notch. */
        LAPEL,
        /** A level of the body. */
        LEVEL,
        /** A dart. */
        DART,
        /** A dart that runs out at both ends within a piece. */
        INNER_DART,
        /** A corner. */
        POINT,
        /** A seam, by its name. */
        JUDGED,
        /** A length. */
        LENGTH,
        /** Amounts at places along a line. */
        AMOUNTS,
        /** A share, 0 to 1. */
        SHARE,
        /** A whole number. */
        COUNT,
        /** An angle in degrees. */
        DEGREES,
        /** Yes or no. */
        SWITCH,
        /** One of the ways that the change knows. */
        WAY,
        /** Words of the maker's own. */
        WORDS;

        /** Says whether it is a length, or lengths at places. */
        public boolean isAmount() {
            return this == LENGTH || this == AMOUNTS;
        }

        /** Says whether it is a place of the pattern. */
        public boolean isPlace() {
            return ordinal() <= JUDGED.ordinal();
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

        private AlterationRefusal beyond() {
            return as == As.LENGTH
                    ? new AlterationRefusal("\"{}\" can be from {} to {}", words, least, most)
                    : new AlterationRefusal("\"{}\" can be from {} to {}", words, plain(least), plain(most));
        }

        private static String plain(double number) {
            return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
        }

        Ask preferring(List<String> words) {
            List<String> all = new ArrayList<>(words);
            all.addAll(prefers);
            return new Ask(name, as, this.words, usual, least, most, all, offers);
        }

        /**
         * Returns the usual one of some places: the first that the likeliest word fits; any, if there are no words.
         *
         * @param taken chosen before: an edge opposite to one is another one
         */
        public Optional<Object> preferred(Pattern pattern, List<Object> places, Collection<Object> taken) {
            return fitting(pattern, places, taken).stream().findFirst();
        }

        /**
         * Returns the places that the likeliest word fits: by its whole name or by what it is to a maker; only if no
         * word fits any, by a part of a name. More than one leaves the choice to the maker.
         *
         * @param taken chosen before: an edge opposite to one is another one
         */
        public List<Object> fitting(Pattern pattern, List<Object> places, Collection<Object> taken) {
            List<Object> free = places.stream()
                    .filter(place -> as != As.OPPOSITE
                            || taken.stream()
                                    .noneMatch(other -> other instanceof EdgeRef ref
                                            && ref.edge().equals(place)))
                    .toList();
            if (prefers.isEmpty()) {
                return free.stream().limit(1).toList();
            }
            return Stream.concat(
                            prefers.stream().map(words -> fits(free, place -> isNamed(pattern, place, words))),
                            prefers.stream().map(words -> fits(free, place -> hasPart(place, words))))
                    .filter(found -> !found.isEmpty())
                    .findFirst()
                    .orElse(List.of());
        }

        private static List<Object> fits(List<Object> places, Predicate<Object> fits) {
            return places.stream().filter(fits).toList();
        }

        private static boolean isNamed(Pattern pattern, Object place, String words) {
            return place.toString().equals(words)
                    || place.toString().endsWith("." + words)
                    || place instanceof EdgeRef ref
                            && SeamRole.ofWord(words)
                                    .filter(role -> role.is(pattern, ref))
                                    .isPresent();
        }

        private static boolean hasPart(Object place, String words) {
            List<String> wanted = List.of(words.split(PARTS));
            return Collections.indexOfSubList(List.of(place.toString().split(PARTS)), wanted) >= 0;
        }
    }

    /** Amounts that are offered are rounded to a sixteenth of an inch, in millimetres. */
    private static final double STEP = 25.4 / 16;

    /** Halvings in the search for the largest amount. */
    private static final int SEARCH = 8;

    /** What stands between the parts of a name. */
    private static final String PARTS = "[-./ ]";

    public AlterationKind {
        also = List.copyOf(also);
        asks = List.copyOf(asks);
        fixed = Map.copyOf(fixed);
    }

    /**
     * Makes the alteration.
     *
     * @param answers by the asks' names
     * @throws IllegalArgumentException if an answer is missing; the message says which
     * @throws AlterationRefusal if an amount is out of its limits; the sentence says which and what they are
     */
    public Alteration make(Map<String, Object> answers, Sides sides) {
        Map<String, Object> values = new LinkedHashMap<>(fixed);
        for (Ask ask : asks) {
            Object answer = answers.get(ask.name());
            if (answer == null) {
                throw new IllegalArgumentException("\"" + ask.words() + "\" must be answered");
            }
            if (answer instanceof Number number && !ask.admits(number.doubleValue())) {
                throw ask.beyond();
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
            Optional<Object> chosen = ask.preferred(pattern, Places.of(pattern, ask.as(), piece), answers.values());
            if (chosen.isEmpty()) {
                return Optional.empty();
            }
            answers.put(ask.name(), chosen.get());
            piece = piece.isPresent() ? piece : chosen.map(AlterationKind::pieceOf);
        }
        return Optional.of(answers);
    }

    /**
     * Returns answers with every amount made smaller by the same share, so that the alteration can just be made on a
     * pattern; rounded towards nothing to a sixteenth of an inch.
     *
     * @param answers of an alteration that is refused there
     * @return empty if no smaller amount can be made either, or no amount is asked
     */
    public Optional<Map<String, Object>> largest(Map<String, Object> answers, Sides sides, Pattern pattern) {
        boolean isAmount = asks.stream().anyMatch(ask -> ask.as().isAmount());
        if (!isAmount) {
            return Optional.empty();
        }
        double share = Bisection.between(
                0,
                1,
                SEARCH,
                factor -> possible(scaled(answers, factor), sides)
                        .filter(smaller -> smaller.apply(pattern).refusal().isEmpty())
                        .isPresent());
        Map<String, Object> found = scaled(answers, share);
        boolean isAny = asks.stream()
                .filter(ask -> ask.as().isAmount())
                .anyMatch(ask -> !(found.get(ask.name()) instanceof Number number) || number.doubleValue() != 0);
        return isAny
                        && possible(found, sides)
                                .filter(smaller ->
                                        smaller.apply(pattern).refusal().isEmpty())
                                .isPresent()
                ? Optional.of(found)
                : Optional.empty();
    }

    private Map<String, Object> scaled(Map<String, Object> answers, double factor) {
        Map<String, Object> scaled = new LinkedHashMap<>(answers);
        asks.forEach(ask -> {
            if (answers.get(ask.name()) instanceof AmountsAlong amounts) {
                scaled.put(ask.name(), amounts.times(factor));
            } else if (ask.as() == As.LENGTH && answers.get(ask.name()) instanceof Number number) {
                double steps = number.doubleValue() * factor / STEP;
                scaled.put(ask.name(), STEP * (steps < 0 ? Math.ceil(steps) : Math.floor(steps)));
            }
        });
        return scaled;
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
