package org.soberhem.desk.shell;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * How the window is started.
 *
 * @param demo whether on a fresh demo
 * @param workspace folder of the workspace; the usual one if empty
 */
public record StartOptions(boolean demo, Optional<Path> workspace) {

    private static final String DEMO = "--demo";
    private static final String WORKSPACE = "--workspace";

    /** Reads the program's arguments; empty if they ask for something else than the window. */
    public static Optional<StartOptions> of(List<String> given) {
        if (given.isEmpty()) {
            return Optional.of(new StartOptions(false, Optional.empty()));
        }
        String first = given.get(0);
        if (given.size() == 1 && first.equals(DEMO)) {
            return Optional.of(new StartOptions(true, Optional.empty()));
        }
        if (given.size() == 1 && first.startsWith(WORKSPACE + "=")) {
            return folder(first.substring(WORKSPACE.length() + 1));
        }
        return given.size() == 2 && first.equals(WORKSPACE) && !given.get(1).startsWith("-")
                ? folder(given.get(1))
                : Optional.empty();
    }

    private static Optional<StartOptions> folder(String folder) {
        return folder.isBlank() ? Optional.empty() : Optional.of(new StartOptions(false, Optional.of(Path.of(folder))));
    }
}
