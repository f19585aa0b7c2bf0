package org.soberhem.desk.studio;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.concurrent.Executor;
import java.util.function.Function;
import org.soberhem.desk.demo.Demo;
import org.soberhem.files.library.Library;
import org.soberhem.files.store.Workspace;

/** Studios on workspaces of a test's own, without a toolkit. */
public final class Studios {

    public static final Library LIBRARY = Library.shipped();
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-05-14T09:30:00Z"), ZoneOffset.UTC);

    private Studios() {}

    /** Opens a studio on the workspace in a folder. */
    public static Studio open(Path folder) {
        return open(folder, Keeper::atOnce);
    }

    private static Studio open(Path folder, Function<Workspace, Keeper> keeper) {
        return new Studio(LIBRARY, keeper.apply(Workspace.open(folder, CLOCK)), CLOCK);
    }

    /** Fills a folder with the demo and opens it. */
    public static Studio demo(Path folder) {
        return filled(folder, Keeper::atOnce);
    }

    /**
     * Fills a folder with the demo and opens it.
     *
     * @param ui runs on the interface thread
     */
    public static Studio demo(Path folder, Executor ui) {
        return filled(folder, workspace -> Keeper.inBackground(workspace, ui));
    }

    private static Studio filled(Path folder, Function<Workspace, Keeper> keeper) {
        try (Workspace workspace = Workspace.open(folder, CLOCK)) {
            Demo.fill(workspace, LIBRARY, LocalDate.now(CLOCK));
        }
        return open(folder, keeper);
    }
}
