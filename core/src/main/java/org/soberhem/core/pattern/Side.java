package org.soberhem.core.pattern;

/** Which side of the wearer a piece is worn on. */
public enum Side {
    LEFT("wearer's left"),
    RIGHT("wearer's right"),
    /** A single piece that belongs to neither side. */
    MIDDLE("middle");

    private final String words;

    Side(String words) {
        this.words = words;
    }

    /** Returns the side in words. */
    public String words() {
        return words;
    }
}
