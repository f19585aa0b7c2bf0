package org.soberhem.core.fitting;

import java.util.Locale;

/** How a wearer stands, as far as it changes how cloth hangs. */
public enum Stance {
    UPRIGHT("upright"),
    ROUNDED_BACK("rounded back"),
    HOLLOW_BACK("hollow back"),
    FORWARD_SHOULDER("shoulders carried forward"),
    FORWARD_HEAD("head carried forward"),
    FORWARD_HIP("hips carried forward");

    private final String words;

    Stance(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Returns the kebab-case name that the library uses. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
