package org.soberhem.desk.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Map;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.store.StoreException;
import org.soberhem.files.store.Workspace;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "restore",
        description =
                "Unpacks a whole copy (.zip) into a new workspace, or goes back to a backup (.db) of the workspace; what was there is put aside.")
final class RestoreCommand extends Answering {

    @Parameters(paramLabel = "FILE", description = "a whole copy, .zip, or a file of the folder \"backups\", .db")
    private Path file;

    @Option(names = "--workspace", paramLabel = "FOLDER", description = "the workspace; ~/.sober-hem if not given")
    private Path folder;

    @Override
    public Integer call() {
        Path home = folder == null ? Path.of(System.getProperty("user.home"), ".sober-hem") : folder;
        if (!Files.isRegularFile(file)) {
            throw new WrongInput(file + ": there is no such file");
        }
        Clock clock = Clock.systemDefaultZone();
        try {
            if (file.toString().endsWith(".db")) {
                Path known = home.resolve("backups").resolve(file.getFileName());
                if (!Files.isRegularFile(known)) {
                    throw new WrongInput(file + " is no backup of the workspace " + home);
                }
                try (Workspace workspace = Workspace.open(home, clock)) {
                    workspace.restoreNext(known);
                }
            } else {
                Workspace.fromWhole(file, home);
            }
            try (Workspace workspace = Workspace.open(home, clock)) {
                workspace.verify();
            }
        } catch (StoreException broken) {
            throw new WrongInput(broken.getMessage());
        }
        out().println(
                        asJson()
                                ? Answers.json(Map.of("workspace", home.toString()))
                                : "The workspace " + home + " is as in " + file);
        return 0;
    }
}
