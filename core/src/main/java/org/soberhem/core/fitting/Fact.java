package org.soberhem.core.fitting;

/**
 * Something that speaks for or against a cause.
 *
 * @param kind which fact, such as {@code girth-short}
 * @param at of what: a place, a layer, a symptom, an alteration; empty if it is about everything
 */
public record Fact(String kind, String at) {

    /** Reads {@code kind} or {@code kind at}. */
    public static Fact parse(String text) {
        int blank = text.indexOf(' ');
        return blank < 0
                ? new Fact(text, "")
                : new Fact(text.substring(0, blank), text.substring(blank + 1).strip());
    }

    @Override
    public String toString() {
        return at.isEmpty() ? kind : kind + " " + at;
    }
}
