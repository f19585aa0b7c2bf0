package org.soberhem.core.silhouette;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A period's outline and its rules.
 *
 * @param header what it is
 * @param wornBy who wore it, in words
 * @param wears the garments, in words
 * @param over the layers beneath, inside out, in words
 * @param closures how it was closed
 * @param cloth what it was made of
 * @param posture how one stood in it
 * @param marks what to look for, by part of the dress
 * @param mistakes what is often got wrong
 * @param schools schools that differ, the usual first
 * @param front the outline from the front, from above
 * @param side the outline from the side, from above
 * @param rules what is judged; proportions of the outline among them
 */
public record Silhouette(
        Header header,
        String wornBy,
        List<String> wears,
        List<String> over,
        String closures,
        String cloth,
        String posture,
        Map<String, String> marks,
        List<String> mistakes,
        List<String> schools,
        List<FrontLevel> front,
        List<SideLevel> side,
        List<Rule> rules) {

    public Silhouette {
        wears = List.copyOf(wears);
        over = List.copyOf(over);
        marks = Collections.unmodifiableMap(new LinkedHashMap<>(marks));
        mistakes = List.copyOf(mistakes);
        schools = List.copyOf(schools);
        front = List.copyOf(front);
        side = List.copyOf(side);
        rules = List.copyOf(rules);
    }

    /** Returns which share of the garments that its rules speak of is among these kinds. */
    double about(Set<String> kinds) {
        return rules.stream()
                .filter(rule -> !rule.garments().isEmpty())
                .mapToDouble(
                        rule -> rule.garments().stream().filter(kinds::contains).count()
                                / (double) rule.garments().size())
                .average()
                .orElse(0);
    }

    /** What a silhouette is for. */
    public enum Who {
        WOMAN,
        MAN,
        CHILD
    }

    /**
     * What a silhouette is, without its rules.
     *
     * @param id kebab-case name
     * @param title for people
     * @param place where it was worn
     * @param from first year in which it was current
     * @param to last year
     * @param who who wore it
     */
    public record Header(String id, String title, String place, int from, int to, Who who) {

        /** Returns how many years a year lies outside; 0 within. */
        int yearsFrom(int year) {
            return Math.max(0, Math.max(from - year, year - to));
        }
    }

    /** From the smaller to the larger, shares of the height. */
    public record Range(double least, double most) {}

    /**
     * How broad the outline is at a height.
     *
     * @param at share of the height
     * @param half half the breadth, without the arms
     * @param arm half the breadth to the outside of the hanging sleeve
     * @param level what lies there: bust, waist, hip or hem; empty if nothing
     */
    public record FrontLevel(double at, Range half, Optional<Range> arm, String level) {}

    /**
     * How deep the outline is at a height.
     *
     * @param at share of the height
     * @param fore forward of the ankles
     * @param aft behind them
     * @param level what lies there; empty if nothing
     */
    public record SideLevel(double at, Range fore, Range aft, String level) {}
}
