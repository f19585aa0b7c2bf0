package org.soberhem.core.draft;

/** Says why a sound sheet cannot be drawn for this wearer. */
public final class DraftException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String subject;

    /**
     * @param subject the measure, setting, piece or edge concerned
     * @param message what must hold and what was found
     */
    public DraftException(String subject, String message) {
        super(message);
        this.subject = subject;
    }

    /** Returns the measure, setting, piece or edge concerned. */
    public String subject() {
        return subject;
    }
}
