package org.soberhem.core.costume;

/** A step that cannot be taken back; a gate stands before it. */
public enum GateStep {
    CUT_CLOTH("Cut the final cloth"),
    TRIM("Trim neckline or waist"),
    CUT_HEM("Cut the hem"),
    CLIP_NOTCH("Clip a notch");

    private final String words;

    GateStep(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
