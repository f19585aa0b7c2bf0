package org.soberhem.studio.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.function.Function;
import java.util.stream.Stream;
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

    private static Path filled;

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
        copyDemo(folder);
        return open(folder, Keeper::atOnce);
    }

    /**
     * Fills a folder with the demo and opens it.
     *
     * @param ui runs on the interface thread
     */
    public static Studio demo(Path folder, Executor ui) {
        copyDemo(folder);
        return open(folder, workspace -> Keeper.inBackground(workspace, ui));
    }

    private static synchronized void copyDemo(Path folder) {
        try {
            if (filled == null) {
                filled = Files.createTempDirectory("demo-of-the-tests");
                Runtime.getRuntime().addShutdownHook(new Thread(() -> drop(filled)));
                try (Workspace workspace = Workspace.open(filled, CLOCK)) {
                    Demo.fill(workspace, LIBRARY, LocalDate.now(CLOCK));
                }
            }
            for (Path from : within(filled)) {
                Path to = folder.resolve(filled.relativize(from).toString());
                if (Files.isDirectory(from)) {
                    Files.createDirectories(to);
                } else {
                    Files.copy(from, to);
                }
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static List<Path> within(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.toList();
        }
    }

    private static void drop(Path folder) {
        try {
            within(folder).stream()
                    .sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException left) {
            throw new UncheckedIOException(left);
        }
    }
}
