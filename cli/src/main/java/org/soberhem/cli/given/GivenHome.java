package org.soberhem.cli.given;

import java.nio.file.Files;
import java.nio.file.Path;
import picocli.CommandLine.Option;

/** The folder of a workspace, as given on the command line. */
public final class GivenHome {

    @Option(names = "--workspace", paramLabel = "FOLDER", description = "the workspace; ~/.sober-hem if not given")
    private Path folder;

    /** Returns the folder, whether there is a workspace in it or not. */
    public Path path() {
        return folder == null ? Path.of(System.getProperty("user.home"), ".sober-hem") : folder;
    }

    /**
     * Returns the folder of a workspace that is there.
     *
     * @throws WrongInput if there is none
     */
    public Path existing() {
        if (!Files.isDirectory(path())) {
            throw new WrongInput(path() + ": there is no workspace");
        }
        return path();
    }
}
