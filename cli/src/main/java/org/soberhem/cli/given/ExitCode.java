package org.soberhem.cli.given;

/** What a command's process ends with. */
public final class ExitCode {

    public static final int DONE = 0;

    /** The answer is "does not fit". */
    public static final int DOES_NOT_FIT = 1;

    /** The input cannot be used. */
    public static final int WRONG_INPUT = 2;

    private ExitCode() {}
}
