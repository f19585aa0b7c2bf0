package org.soberhem.files.store;

/** Says what is wrong with the workspace and what to do; nothing that was kept is lost. */
public final class StoreException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public StoreException(String message) {
        super(message);
    }

    public StoreException(String message, Throwable cause) {
        super(message, cause);
    }
}
