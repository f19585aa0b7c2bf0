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

@Command(
        name = "verify",
        description = "Checks the whole workspace, and copies it to its folder \"backups\" if today has no copy.")
final class VerifyCommand extends Answering {

    @Option(names = "--workspace", paramLabel = "FOLDER", description = "the workspace; ~/.sober-hem if not given")
    private Path folder;

    @Override
    public Integer call() {
        Path checked = folder == null ? Path.of(System.getProperty("user.home"), ".sober-hem") : folder;
        if (!Files.isDirectory(checked)) {
            throw new WrongInput(checked + ": there is no workspace");
        }
        try (Workspace workspace = Workspace.open(checked, Clock.systemDefaultZone())) {
            workspace.verify();
            workspace.backUp();
        } catch (StoreException broken) {
            throw new WrongInput(broken.getMessage());
        }
        String answer = "The workspace " + checked + " is sound";
        out().println(asJson() ? Answers.json(Map.of("sound", true)) : answer);
        return 0;
    }
}
