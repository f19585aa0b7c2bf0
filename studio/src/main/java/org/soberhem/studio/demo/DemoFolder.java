package org.soberhem.studio.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.LoggerFactory;
import org.soberhem.files.store.Workspace;
import org.soberhem.library.Library;

/** The demo's workspace as files: filled once in a process, then copied. */
final class DemoFolder {

    private static Path filled;

    private DemoFolder() {}

    /**
     * Copies the filled demo into an empty folder.
     *
     * @param clock tells the demo's day
     */
    static synchronized void copyTo(Path folder, Clock clock) {
        try {
            if (filled == null) {
                Path made = temporary();
                try (Workspace workspace = Workspace.open(made, clock)) {
                    Demo.fill(workspace, Library.shipped(), LocalDate.now(clock));
                }
                filled = made;
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
            throw new UncheckedIOException("The demo cannot be copied", broken);
        }
    }

    /** Makes a folder that goes when the program ends. */
    static Path temporary() {
        try {
            Path folder = Files.createTempDirectory("sober-hem-demo");
            Runtime.getRuntime().addShutdownHook(new Thread(() -> delete(folder)));
            return folder;
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot make a temporary folder for the demo", broken);
        }
    }

    private static List<Path> within(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.toList();
        }
    }

    private static void delete(Path folder) {
        try {
            within(folder).stream()
                    .sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException left) {
            LoggerFactory.getLogger(DemoFolder.class).warn("The demo's folder {} could not be removed", folder, left);
        }
    }
}
