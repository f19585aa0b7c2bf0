package org.soberhem.core.fitting;

import java.util.List;
import java.util.Optional;

/**
 * Something that is seen at fittings, with its usual causes.
 *
 * @param id kebab-case name
 * @param seen in the maker's words
 * @param more what it looks like, in a sentence
 * @param zones ids of the zones where it is seen, the usual one first
 * @param garments kinds of garment on which it is seen
 * @param severity how much hangs on it
 * @param blocks whether the final cloth is not cut while it is open
 * @param causes the commonest first
 */
public record Symptom(
        String id,
        String seen,
        String more,
        List<String> zones,
        List<String> garments,
        Severity severity,
        boolean blocks,
        List<Cause> causes) {

    public Symptom {
        zones = List.copyOf(zones);
        garments = List.copyOf(garments);
        causes = List.copyOf(causes);
    }

    public Optional<Cause> cause(String causeId) {
        return causes.stream().filter(cause -> cause.id().equals(causeId)).findFirst();
    }
}
