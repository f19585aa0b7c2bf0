package org.soberhem.desk.cli;

/** Input from the command line that cannot be used; one clear line, exit code 2. */
final class WrongInput extends RuntimeException {

    private static final long serialVersionUID = 1L;

    WrongInput(String message) {
        super(message);
    }
}
