package org.soberhem.core.body;

/** How the wearer held still. */
public enum Posture {
    STANDING("standing"),
    SEATED("seated");

    private final String words;

    Posture(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
