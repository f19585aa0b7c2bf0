package org.soberhem.core.figure;

/** From where a figure is looked at; the side is the wearer's right. */
public enum FigureView {
    FRONT("front"),
    SIDE("right side"),
    BACK("back");

    private final String words;

    FigureView(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
