package org.soberhem.core.alter;

import org.soberhem.core.length.Sentence;

/** Why an alteration cannot be made on a pattern, and what would help. */
public final class Refusal extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient Sentence sentence;

    Refusal(String template, Object... values) {
        super(template);
        sentence = Sentence.of(template, values);
    }

    public Sentence sentence() {
        return sentence;
    }
}
