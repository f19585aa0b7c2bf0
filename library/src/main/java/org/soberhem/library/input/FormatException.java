package org.soberhem.library.input;

import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;

/** Says what is wrong with a file that was given, where, and what would be right. */
public final class FormatException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public FormatException(String message) {
        super(message);
    }

    /**
     * Says what is wrong with JSON.
     *
     * @param what holds it, as the beginning of a sentence
     */
    public static FormatException json(String what, JacksonException broken) {
        return new FormatException(
                broken instanceof StreamConstraintsException
                        ? what + " is nested too deeply, or holds a word or number that is too long, to be read"
                        : what + " is not as JSON should be: " + broken.getOriginalMessage());
    }
}
