package org.soberhem.cli.given;

import java.nio.file.Path;
import java.time.Clock;
import java.util.function.Function;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.store.StoreException;
import org.soberhem.files.store.Workspace;
import org.soberhem.library.Library;
import org.soberhem.studio.Keeper;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.DemoStudio;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** A costume of a workspace, as given on the command line. Nothing of it is changed. */
public final class GivenWorkspace {

    @Parameters(index = "0", paramLabel = "COSTUME", description = "a costume's id or title")
    private String costume;

    @Mixin
    private GivenHome home;

    @Option(names = "--demo", description = "a fresh demo workspace")
    private boolean demo;

    @Option(names = "--cm", description = "shows centimetres")
    private boolean centimetres;

    public LengthFormat format() {
        return centimetres ? LengthFormat.CENTIMETRES : LengthFormat.INCH_EIGHTHS;
    }

    /** Opens the costume and answers from it. */
    public <R> R with(Function<Studio, R> question) {
        Studio studio = open();
        try {
            Costume found = studio.histories().allCostumes().stream()
                    .filter(each -> each.id().equals(costume) || each.title().equalsIgnoreCase(costume))
                    .findFirst()
                    .orElseThrow(() -> new WrongInput("There is no costume \"" + costume + "\"; there are "
                            + String.join(
                                    ", ",
                                    studio.histories().allCostumes().stream()
                                            .map(Costume::id)
                                            .sorted()
                                            .toList())));
            studio.open(found.id());
            studio.preferences().format().set(format());
            return question.apply(studio);
        } finally {
            studio.keeper().close();
        }
    }

    private Studio open() {
        if (demo) {
            return DemoStudio.atOnce();
        }
        Path folder = home.existing();
        try {
            Clock clock = Clock.systemDefaultZone();
            return new Studio(Library.shipped(), Keeper.atOnce(Workspace.open(folder, clock)), clock);
        } catch (StoreException broken) {
            throw new WrongInput(broken.getMessage());
        }
    }
}
