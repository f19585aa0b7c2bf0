package org.soberhem.core.costume;

/** The stages of a costume's thread, in order. */
public enum Stage {
    TAPE("Tape"),
    DRAFT("Draft"),
    FITTING("Fitting"),
    SILHOUETTE("Silhouette"),
    CLOTH("Cloth"),
    BENCH("Bench"),
    RECORD("Record");

    private final String words;

    Stage(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
