package org.soberhem.core.garment;

import org.soberhem.core.length.Sentence;

/**
 * Something that a sum found out.
 *
 * @param grade how much it matters
 * @param words what, where, and what to do
 */
public record Finding(Grade grade, Sentence words) {

    /** How much a finding matters. */
    public enum Grade {
        /** It cannot be made or put on like this. */
        FAILS,
        /** It can be made, but a practitioner would ask whether it is meant. */
        ASKS,
        /** Good to know. */
        TELLS
    }

    static Finding fails(String template, Object... values) {
        return new Finding(Grade.FAILS, Sentence.of(template, values));
    }

    static Finding asks(String template, Object... values) {
        return new Finding(Grade.ASKS, Sentence.of(template, values));
    }

    static Finding tells(String template, Object... values) {
        return new Finding(Grade.TELLS, Sentence.of(template, values));
    }
}
