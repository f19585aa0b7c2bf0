package org.soberhem.core.alter.edit;

import org.soberhem.core.pattern.Side;

/** Which of the worn pieces an alteration is made on. */
public enum Sides {
    BOTH("both sides"),
    LEFT("wearer's left"),
    RIGHT("wearer's right");

    private final String words;

    Sides(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Says whether a piece worn on the side is altered; a middle piece only when both sides are. */
    public boolean include(Side side) {
        return this == BOTH || side.name().equals(name());
    }

    /** Returns on how many sides the alteration is made. */
    public int count() {
        return this == BOTH ? 2 : 1;
    }
}
