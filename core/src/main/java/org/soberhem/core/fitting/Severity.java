package org.soberhem.core.fitting;

/** How much hangs on what is seen. */
public enum Severity {
    COSMETIC("looks"),
    FIT("fit"),
    COMFORT("comfort"),
    SAFETY("safety");

    private final String words;

    Severity(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
