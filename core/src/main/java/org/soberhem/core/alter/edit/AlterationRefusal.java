package org.soberhem.core.alter.edit;

import org.soberhem.core.length.Sentence;

/** Why an alteration cannot be made on a pattern, and what would help. */
public final class AlterationRefusal extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient Sentence sentence;

    public AlterationRefusal(String template, Object... values) {
        super(template);
        sentence = Sentence.of(template, values);
    }

    public Sentence sentence() {
        return sentence;
    }
}
