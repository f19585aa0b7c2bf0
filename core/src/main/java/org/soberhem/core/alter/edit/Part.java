package org.soberhem.core.alter.edit;

import org.soberhem.core.pattern.Piece;

/** Which part of the body an alteration is made on. */
public enum Part {
    FRONT_AND_BACK("front and back"),
    FRONT("front only"),
    BACK("back only");

    private final String words;

    Part(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Says whether a piece that lies round the body belongs to the part. */
    public boolean includes(Piece piece) {
        return piece.spans()
                .filter(spans -> this == FRONT_AND_BACK || spans.isFront() == (this == FRONT))
                .isPresent();
    }
}
