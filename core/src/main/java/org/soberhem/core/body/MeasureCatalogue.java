package org.soberhem.core.body;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** All known measurements, by id and alias. */
public final class MeasureCatalogue {

    private final List<Measure> measures;
    private final Map<String, Measure> byWord = new LinkedHashMap<>();

    /**
     * @param measures in the order in which they are shown
     * @throws IllegalArgumentException if two share an id or alias
     */
    public MeasureCatalogue(List<Measure> measures) {
        this.measures = List.copyOf(measures);
        for (Measure measure : measures) {
            add(measure.id(), measure);
            measure.aliases().forEach(alias -> add(alias, measure));
        }
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
