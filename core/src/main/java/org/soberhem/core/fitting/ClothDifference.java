package org.soberhem.core.fitting;

import java.util.Locale;

/** How the cloth of a mock-up differs from the final one, and what that makes unreliable (common practice). */
public enum ClothDifference {
    LIGHTER("lighter than the final cloth", "lengths and hems: the final cloth drops farther"),
    HEAVIER("heavier than the final cloth", "lengths and hems: the final cloth drops less"),
    STIFFER("stiffer than the final cloth", "folds and gapes: what stands here may sink"),
    SOFTER("softer than the final cloth", "tight places: the final cloth gives less"),
    STRETCHIER("stretches more than the final cloth", "girths and necklines: the final cloth is smaller on the body"),
    UNPRESSED("not pressed", "folds and lengths: creases take up cloth"),
    UNWASHED("not washed yet", "every length: it may still shrink");

    private final String words;
    private final String unreliable;

    ClothDifference(String words, String unreliable) {
        this.words = words;
        this.unreliable = unreliable;
    }

    public String words() {
        return words;
    }

    /** Returns what cannot be trusted, in words. */
    public String unreliable() {
        return unreliable;
    }

    /** Returns the kebab-case name that the library uses. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
