package org.soberhem.cli.workspace;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Map;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenHome;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.store.StoreException;
import org.soberhem.files.store.Workspace;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;

@Command(
        name = "restore",
        description =
                "Unpacks a whole copy (.zip) into a new workspace, or goes back to a backup (.db) of the workspace; what was there is put aside.")
public final class RestoreCommand extends Answering {

    @Parameters(paramLabel = "FILE", description = "a whole copy, .zip, or a file of the folder \"backups\", .db")
    private Path file;

    @Mixin
    private GivenHome home;

    @Override
    public Integer call() {
        Path folder = home.path();
        if (!Files.isRegularFile(file)) {
            throw new WrongInput(file + ": there is no such file");
        }
        Clock clock = Clock.systemDefaultZone();
        try {
            if (file.toString().endsWith(".db")) {
                Path known = folder.resolve("backups").resolve(file.getFileName());
                if (!Files.isRegularFile(known)) {
                    throw new WrongInput(file + " is no backup of the workspace " + folder);
                }
                try (Workspace workspace = Workspace.open(folder, clock)) {
                    workspace.restoreNext(known);
                }
            } else {
                Workspace.fromWhole(file, folder);
            }
            try (Workspace workspace = Workspace.open(folder, clock)) {
                workspace.verify();
            }
        } catch (StoreException broken) {
            throw new WrongInput(broken.getMessage());
        }
        out().println(
                        asJson()
                                ? Answers.json(Map.of("workspace", folder.toString()))
                                : "The workspace " + folder + " is as in " + file);
        return 0;
    }
}
