package org.soberhem.files.exchange;

/** Says what is wrong with a file that was given, where, and what would be right. */
public final class FormatException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public FormatException(String message) {
        super(message);
    }
}
