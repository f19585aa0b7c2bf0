package org.soberhem.studio.demo;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.concurrent.Executor;
import java.util.function.Function;
import org.soberhem.files.store.Workspace;
import org.soberhem.library.Library;
import org.soberhem.studio.Keeper;
import org.soberhem.studio.Studio;

/** A studio on a fresh demo workspace in a temporary folder, which goes when the program ends. */
public final class DemoStudio {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);

    private static final Instant MORNING = DAY.atTime(9, 30).toInstant(ZoneOffset.UTC);

    private static final Clock STANDING = Clock.fixed(MORNING, ZoneOffset.UTC);

    private DemoStudio() {}

    /**
     * Opens the demo on a day that stands still.
     *
     * @param ui runs on the interface thread
     */
    public static Studio open(Executor ui) {
        return open(STANDING, workspace -> Keeper.inBackground(workspace, ui));
    }

    /** Opens the demo on a day that stands still, for a command. */
    public static Studio atOnce() {
        Path folder = DemoFolder.temporary();
        DemoFolder.copyTo(folder, STANDING);
        return new Studio(Library.shipped(), Keeper.atOnce(Workspace.open(folder, STANDING)), STANDING);
    }

    /**
     * Opens the demo on its day, from where time goes on, so that work can be timed.
     *
     * @param ui runs on the interface thread
     */
    public static Studio live(Executor ui) {
        Clock real = Clock.systemUTC();
        Clock live = Clock.offset(real, Duration.between(real.instant(), MORNING));
        return open(live, workspace -> Keeper.inBackground(workspace, ui));
    }

    private static Studio open(Clock clock, Function<Workspace, Keeper> keeper) {
        Library library = Library.shipped();
        Workspace workspace = Workspace.open(DemoFolder.temporary(), clock);
        Demo.fill(workspace, library, DAY);
        return new Studio(library, keeper.apply(workspace), clock);
    }
}
