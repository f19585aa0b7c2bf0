package org.soberhem.core.draft;

import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;

/** Says why a sound sheet cannot be drawn for this wearer. */
public final class DraftException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String subject;
    private final transient Sentence sentence;

    /**
     * @param subject the measure, setting, piece or edge concerned
     * @param template what must hold and what was found, with {@code {}} where a value belongs
     * @param values in their order; a {@code Double} is a length in millimetres
     */
    public DraftException(String subject, String template, Object... values) {
        this(subject, Sentence.of(template, values));
    }

    /**
     * @param subject the measure, setting, piece or edge concerned
     * @param sentence what must hold and what was found
     */
    public DraftException(String subject, Sentence sentence) {
        super(sentence.in(LengthFormat.INCH_EIGHTHS));
        this.subject = subject;
        this.sentence = sentence;
    }

    /** Returns the measure, setting, piece or edge concerned. */
    public String subject() {
        return subject;
    }

    /** Returns what must hold and what was found, for the maker's unit. */
    public Sentence sentence() {
        return sentence;
    }
}
