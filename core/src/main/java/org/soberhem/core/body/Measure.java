package org.soberhem.core.body;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.length.Length;

/**
 * The definition of one body measurement.
 *
 * @param id kebab-case name
 * @param name for people
 * @param aliases other words for it
 * @param kind what the tape does
 * @param sided whether left and right may be measured apart
 * @param definition what it is
 * @param landmarks from where to where, over what
 * @param how posture of the wearer and path of the tape
 * @param tension how firmly the tape lies
 * @param posture standing, seated or both
 * @param helper whether a second person is needed
 * @param layers how much foundation layers change it: strongly, slightly or no
 * @param usualLeast readings below are questioned
 * @param usualMost readings above are questioned
 * @param isoTerm corresponding term of ISO 8559-1, from memory
 * @param confusable measures it is taken for, and how to tell
 */
public record Measure(
        String id,
        String name,
        List<String> aliases,
        Kind kind,
        boolean sided,
        String definition,
        String landmarks,
        String how,
        String tension,
        String posture,
        String helper,
        String layers,
        Length usualLeast,
        Length usualMost,
        Optional<String> isoTerm,
        List<Confusable> confusable) {

    /** What the tape does. */
    public enum Kind {
        GIRTH,
        LENGTH,
        WIDTH
    }

    /** A measure that is taken for this one. */
    public record Confusable(String id, String tell) {}

    public Measure {
        aliases = List.copyOf(aliases);
        confusable = List.copyOf(confusable);
    }
}
