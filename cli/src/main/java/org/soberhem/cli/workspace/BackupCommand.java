package org.soberhem.cli.workspace;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Map;
import java.util.Optional;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenHome;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.store.StoreException;
import org.soberhem.files.store.Workspace;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "backup",
        description = "Copies the workspace to its folder \"backups\", or all of it into one file to carry elsewhere.")
public final class BackupCommand extends Answering {

    @Mixin
    private GivenHome home;

    @Option(names = "--out", paramLabel = "FILE", description = "all into one file, .zip")
    private Optional<Path> out;

    @Override
    public Integer call() {
        Path folder = home.existing();
        try (Workspace workspace = Workspace.open(folder, Clock.systemDefaultZone())) {
            if (out.isPresent()) {
                workspace.copyWhole(out.get());
            } else {
                workspace.backUpNow();
            }
        } catch (StoreException broken) {
            throw new WrongInput(broken.getMessage());
        }
        String where = out.map(Path::toString).orElse(folder.resolve("backups").toString());
        out().println(asJson() ? Answers.json(Map.of("written", where)) : "Backed up: " + where);
        return 0;
    }
}
