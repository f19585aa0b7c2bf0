package org.soberhem.core.worn;

/** A pattern that cannot be put on a stand; the message says what, where and what to do. */
public final class CannotTryOn extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public CannotTryOn(String message) {
        super(message);
    }
}
