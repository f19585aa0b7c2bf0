package org.soberhem.files.fault;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.logging.FileHandler;
import java.util.logging.Level;
import java.util.logging.LogRecord;
import java.util.logging.SimpleFormatter;
import java.util.stream.Collectors;

/**
 * What went wrong in a workspace, for whoever mends it: which failures, and where in the program. Their messages are
 * left out, as these may hold names and figures of wearers. Three files of half a megabyte follow one another; a log
 * that cannot be written stops nothing.
 */
public final class FaultLog implements AutoCloseable {

    private static final int BYTES = 500_000;
    private static final int FILES = 3;

    private final Path folder;
    private FileHandler file;

    /** @param folder where the files lie; it is made with the first failure */
    public FaultLog(Path folder) {
        this.folder = folder;
    }

    /**
     * Writes a failure down.
     *
     * @param at what was being done, in words without names and figures
     */
    public synchronized void write(String at, Throwable thrown) {
        try {
            if (file == null) {
                Files.createDirectories(folder);
                String pattern = folder.toString().replace("%", "%%") + "/sober-hem.%g.log";
                file = new FileHandler(pattern, BYTES, FILES, true);
                file.setFormatter(new SimpleFormatter());
            }
            file.publish(new LogRecord(Level.WARNING, at + "\n" + trace(thrown)));
        } catch (IOException broken) {
            file = null;
        }
    }

    private static String trace(Throwable thrown) {
        String frames = Arrays.stream(thrown.getStackTrace())
                .map(frame -> "    at " + frame)
                .collect(Collectors.joining("\n"));
        String own = thrown.getClass().getName() + "\n" + frames;
        return thrown.getCause() == null || thrown.getCause() == thrown
                ? own
                : own + "\nbecause of " + trace(thrown.getCause());
    }

    @Override
    public synchronized void close() {
        if (file != null) {
            file.close();
            file = null;
        }
    }
}
