package org.soberhem.core.fitting;

import java.util.Locale;

/** What is put into a garment and shapes it. */
public enum InnerPart {
    BONES("bones"),
    LINING("lining"),
    CLOSURE("closures");

    private final String words;

    InnerPart(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Returns the kebab-case name that the library uses. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
