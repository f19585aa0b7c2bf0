package org.soberhem.cli.workspace;

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

@Command(
        name = "verify",
        description = "Checks the whole workspace, and copies it to its folder \"backups\" if today has no copy.")
public final class VerifyCommand extends Answering {

    @Mixin
    private GivenHome home;

    @Override
    public Integer call() {
        Path folder = home.existing();
        try (Workspace workspace = Workspace.open(folder, Clock.systemDefaultZone())) {
            workspace.verify();
            workspace.backUp();
        } catch (StoreException broken) {
            throw new WrongInput(broken.getMessage());
        }
        String answer = "The workspace " + folder + " is sound";
        out().println(asJson() ? Answers.json(Map.of("sound", true)) : answer);
        return 0;
    }
}
