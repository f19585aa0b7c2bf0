package org.soberhem.core.costume;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Which outline a costume is to have, and where it departs from it.
 *
 * @param silhouette id of the chosen silhouette; empty for the usual one of the year
 * @param school of those that differ; empty for the usual one
 * @param departures why the maker departs from a rule on purpose, by its id
 */
public record Look(String silhouette, String school, Map<String, String> departures) {

    public static final Look USUAL = new Look("", "", Map.of());

    public Look {
        departures = Map.copyOf(departures);
    }

    /** Returns the look by another silhouette. */
    public Look of(String chosen) {
        return new Look(chosen, "", departures);
    }

    public Look inSchool(String chosen) {
        return new Look(silhouette, chosen, departures);
    }

    /** Returns the look with a departure from a rule; without a reason, with none. */
    public Look departing(String rule, Optional<String> why) {
        Map<String, String> changed = new TreeMap<>(departures);
        why.ifPresentOrElse(reason -> changed.put(rule, reason), () -> changed.remove(rule));
        return new Look(silhouette, school, changed);
    }
}
