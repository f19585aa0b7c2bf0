package org.soberhem.core.body;

/** Age as far as it matters to the tape: which measures are asked for and how large they usually are. */
public enum Age {
    INFANT("an infant", "up to about one year, measured lying"),
    TODDLER("a toddler", "about one to three years"),
    CHILD("a child", "about four years until grown"),
    ADULT("an adult", "grown");

    private final String words;
    private final String span;

    Age(String words, String span) {
        this.words = words;
        this.span = span;
    }

    public String words() {
        return words;
    }
}
