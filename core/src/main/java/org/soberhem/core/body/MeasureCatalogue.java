package org.soberhem.core.body;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** All known measurements, by id and alias. */
public final class MeasureCatalogue {

    private final List<Measure> measures;
    private final Map<String, List<String>> ambiguous = new HashMap<>();
    private final Map<String, Measure> byWord = new LinkedHashMap<>();

    /**
     * @param measures in the order in which they are shown
     * @throws IllegalArgumentException if two share an id or alias
     */
    public MeasureCatalogue(List<Measure> measures) {
        this(measures, Map.of());
    }

    /**
     * @param measures in the order in which they are shown
     * @param ambiguous makers' words that may mean several measures, each with their ids
     * @throws IllegalArgumentException if two share an id or alias, or a word that may mean several names one
     */
    public MeasureCatalogue(List<Measure> measures, Map<String, List<String>> ambiguous) {
        this.measures = List.copyOf(measures);
        for (Measure measure : measures) {
            add(measure.id(), measure);
            measure.aliases().forEach(alias -> add(alias, measure));
        }
        ambiguous.forEach((word, ids) -> {
            if (byWord.containsKey(key(word)) || !ids.stream().allMatch(byWord::containsKey)) {
                throw new IllegalArgumentException("\"" + word + "\" must mean several measurements and name none");
            }
            this.ambiguous.put(key(word), List.copyOf(ids));
        });
    }

    /** Says why a word names no measurement: what it may mean, or that it is not known. */
    public String unknown(String word) {
        List<String> ids = ambiguous.getOrDefault(key(word), List.of());
        return ids.isEmpty()
                ? "\"" + word + "\" is not a known measurement; sober-hem measures lists them"
                : "\"" + word + "\" may be "
                        + ids.stream().map(id -> id + " (" + name(id) + ")").collect(Collectors.joining(", or "))
                        + ": write which";
    }

    private void add(String word, Measure measure) {
        Measure other = byWord.put(key(word), measure);
        if (other != null && other != measure) {
            throw new IllegalArgumentException(
                    "\"" + word + "\" must name one measurement: it names " + other.id() + " and " + measure.id());
        }
    }

    private static String key(String word) {
        return word.strip().toLowerCase(Locale.ROOT).replace(' ', '-');
    }

    public List<Measure> all() {
        return measures;
    }

    /** Returns the measures that a wearer is asked for. */
    public List<Measure> all(Build build) {
        return measures.stream().filter(measure -> measure.isFor(build)).toList();
    }

    /** Returns the name of a measure for people; the id itself if it is not known. */
    public String name(String id) {
        return find(id).map(Measure::name).orElse(id);
    }

    /** Finds a measurement by its id or an alias; blanks and hyphens are the same. */
    public Optional<Measure> find(String word) {
        return Optional.ofNullable(byWord.get(key(word)));
    }
}
