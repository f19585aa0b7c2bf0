package org.soberhem.cli.given;

/** Input from the command line that cannot be used; one clear line, exit code 2. */
public final class WrongInput extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public WrongInput(String message) {
        super(message);
    }
}
