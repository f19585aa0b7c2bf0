package org.soberhem.core.cloth;

import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;

/** A piece does not fit the cloth. */
public final class LayException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String piece;
    private final transient Sentence sentence;

    LayException(String piece, double wide, LayRules rules) {
        this(
                piece,
                Sentence.of(
                        "\"{}\" is {} wide and the cloth lies {} wide{}",
                        piece,
                        wide,
                        rules.lying(),
                        rules.folded() ? ": lay it single, or piece it" : ": piece it, or take a wider cloth"));
    }

    private LayException(String piece, Sentence sentence) {
        super(sentence.in(LengthFormat.CENTIMETRES));
        this.piece = piece;
        this.sentence = sentence;
    }

    /** Name of the piece. */
    public String piece() {
        return piece;
    }

    /** What is wrong, and what to do. */
    public Sentence sentence() {
        return sentence;
    }
}
