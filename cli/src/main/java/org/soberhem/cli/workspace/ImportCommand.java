package org.soberhem.cli.workspace;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Map;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.GivenHome;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.exchange.Bundle;
import org.soberhem.files.store.StoreException;
import org.soberhem.files.store.Workspace;
import org.soberhem.library.Library;
import org.soberhem.library.input.FormatException;
import org.soberhem.studio.Keeper;
import org.soberhem.studio.RecordCommands;
import org.soberhem.studio.Studio;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;

@Command(
        name = "import",
        description = "Takes another maker's costume into the workspace; nothing that is there changes.")
public final class ImportCommand extends Answering {

    @Parameters(paramLabel = "FILE", description = "a costume's bundle, .zip")
    private Path file;

    @Mixin
    private GivenHome home;

    @Override
    public Integer call() {
        Bundle bundle;
        try {
            bundle = Bundle.read(GivenFiles.bytes(file, Bundle.MOST_FILE));
        } catch (FormatException wrong) {
            throw new WrongInput(file + ": " + wrong.getMessage());
        }
        Path folder = home.path();
        Clock clock = Clock.systemDefaultZone();
        try {
            Keeper keeper = Keeper.atOnce(Workspace.open(folder, clock));
            try {
                new RecordCommands(new Studio(Library.shipped(), keeper, clock))
                        .take(
                                bundle,
                                id -> out().println(
                                                asJson() ? Answers.json(Map.of("costume", id)) : "Taken in: " + id));
            } finally {
                keeper.close();
            }
            if (!keeper.fault().get().isEmpty()) {
                throw new WrongInput(keeper.fault().get());
            }
        } catch (StoreException broken) {
            throw new WrongInput(broken.getMessage());
        }
        return 0;
    }
}
