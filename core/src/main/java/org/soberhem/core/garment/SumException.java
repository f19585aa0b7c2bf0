package org.soberhem.core.garment;

import java.util.Arrays;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;

/** What is given to a sum makes no garment. */
public final class SumException extends RuntimeException {

    private final transient Sentence sentence;

    SumException(String template, Object... values) {
        this(Sentence.of(
                template,
                Arrays.stream(values)
                        .map(value -> value instanceof Double number && !Double.isFinite(number) ? "no number" : value)
                        .toArray()));
    }

    private SumException(Sentence sentence) {
        super(sentence.in(LengthFormat.CENTIMETRES));
        this.sentence = sentence;
    }

    /** Returns what must hold and what was found. */
    public Sentence sentence() {
        return sentence;
    }
}
