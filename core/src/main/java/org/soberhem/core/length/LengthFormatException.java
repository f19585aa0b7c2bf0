package org.soberhem.core.length;

/** Says why a typed length cannot be read and how to write it. */
public final class LengthFormatException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    public LengthFormatException(String message) {
        super(message);
    }
}
