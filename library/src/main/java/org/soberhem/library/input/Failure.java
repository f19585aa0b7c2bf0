package org.soberhem.library.input;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.reflect.InvocationTargetException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutionException;

/**
 * Turns whatever was thrown into one clear sentence: the only place that does, for the window and for the command line.
 */
public final class Failure {

    private static final String OWN = "org.soberhem.";

    private Failure() {}

    /** Returns what went wrong with a workspace and what to do, in one sentence or two. */
    public static String sentence(Throwable thrown) {
        return sentence(thrown, Path.of("log"));
    }

    /**
     * Returns what went wrong and what to do, in one sentence or two.
     *
     * @param log where it is written down if nobody foresaw it
     */
    public static String sentence(Throwable thrown, Path log) {
        Throwable cause = cause(thrown);
        if (isForTheMaker(cause)) {
            return cause.getMessage();
        }
        if (cause instanceof OutOfMemoryError) {
            return "There is not enough memory for this: nothing was changed. Take a smaller file, or close what else is open";
        }
        if (cause instanceof StackOverflowError) {
            return "It is nested too deeply to be worked with: nothing was changed. Take another file, or divide it";
        }
        if (cause instanceof IOException broken) {
            return "A file could not be read or written: " + reason(broken) + ". Choose another place or make room";
        }
        return "This should not have happened (" + cause.getClass().getSimpleName()
                + "): nothing that was kept is lost. Do it again; if it comes back, what it was stands in the folder \""
                + log + "\"";
    }

    /** Says whether a failure is one that was put into words for the maker where it arose. */
    public static boolean isForTheMaker(Throwable thrown) {
        Throwable cause = cause(thrown);
        return cause.getClass().getName().startsWith(OWN) && cause.getMessage() != null;
    }

    private static Throwable cause(Throwable thrown) {
        boolean wraps = thrown instanceof CompletionException
                || thrown instanceof ExecutionException
                || thrown instanceof InvocationTargetException
                || thrown instanceof UncheckedIOException;
        return wraps && thrown.getCause() != null ? cause(thrown.getCause()) : thrown;
    }

    /** Returns why a file could not be read or written, in words. */
    public static String reason(IOException broken) {
        if (broken instanceof AccessDeniedException) {
            return "no permission";
        }
        if (broken instanceof NoSuchFileException missing) {
            return missing.getFile() + " is not there";
        }
        String said = broken instanceof FileSystemException file && file.getReason() != null
                ? file.getReason()
                : String.valueOf(broken.getMessage());
        return said.toLowerCase(Locale.ROOT).contains("no space left") ? "the disk is full" : said;
    }
}
