package org.soberhem.studio.demo;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.concurrent.Executor;
import java.util.function.Function;
import org.soberhem.files.store.Workspace;
import org.soberhem.library.Library;
import org.soberhem.studio.Keeper;
import org.soberhem.studio.Studio;

/**
 * Studios on workspaces of a test's own, without a toolkit. The demo is filled once; every test has a copy of its own.
 */
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
        DemoFolder.copyTo(folder, CLOCK);
        return open(folder, Keeper::atOnce);
    }

    /**
     * Fills a folder with the demo and opens it.
     *
     * @param ui runs on the interface thread
     */
    public static Studio demo(Path folder, Executor ui) {
        DemoFolder.copyTo(folder, CLOCK);
        return open(folder, workspace -> Keeper.inBackground(workspace, ui));
    }
}
