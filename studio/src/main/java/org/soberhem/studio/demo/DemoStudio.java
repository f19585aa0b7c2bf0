package org.soberhem.studio.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.concurrent.Executor;
import java.util.function.Function;
import java.util.stream.Stream;
import org.slf4j.LoggerFactory;
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
        return open(STANDING, Keeper::atOnce);
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
        try {
            Library library = Library.shipped();
            Path folder = Files.createTempDirectory("sober-hem-demo");
            Runtime.getRuntime().addShutdownHook(new Thread(() -> delete(folder)));
            Workspace workspace = Workspace.open(folder, clock);
            Demo.fill(workspace, library, DAY);
            return new Studio(library, keeper.apply(workspace), clock);
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot make a temporary folder for the demo", broken);
        }
    }

    private static void delete(Path folder) {
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException left) {
            LoggerFactory.getLogger(DemoStudio.class).warn("The demo's folder {} could not be removed", folder, left);
        }
    }
}
