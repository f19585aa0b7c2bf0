package org.soberhem.files.store;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/**
 * The database of a workspace. One connection at a time works on it; whatever goes wrong is told as a {@link
 * StoreException}, and after it the connection is a new one.
 */
final class Database implements AutoCloseable {

    static final String NAME = "workspace.db";

    private static final byte[] MAGIC = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);
    private static final int USER_VERSION_AT = 60;
    private static final int HEADER = 100;
    private static final int WAIT_MILLIS = 2000;

    private final Path folder;
    private final boolean readOnly;
    private final Jdbi jdbi;
    private final Object identity;
    private Handle handle;

    /** Opens the database of a folder; a writer makes it if there is none and brings an older one up. */
    Database(Path folder, boolean readOnly) throws IOException {
        this.folder = folder;
        this.readOnly = readOnly;
        Path file = folder.resolve(NAME);
        int stored = schema(file);
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(readOnly);
        if (!readOnly) {
            config.setJournalMode(SQLiteConfig.JournalMode.WAL);
        }
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.enforceForeignKeys(true);
        config.setBusyTimeout(WAIT_MILLIS);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + file);
        this.jdbi = Jdbi.create(source);
        if (stored < Schema.CURRENT) {
            bring(source, stored);
        }
        // One connection stays open: SQLite forgets its settings with the last one.
        this.handle = jdbi.open();
        try {
            this.identity = identity();
        } catch (IOException gone) {
            handle.close();
            throw gone;
        }
    }

    private void bring(SQLiteDataSource source, int stored) throws IOException {
        if (readOnly) {
            throw new StoreException(
                    "The workspace " + folder
                            + " was made by an older Sober Hem and is open in another window or may not be written. Close the other window and start again");
        }
        if (stored > 0) {
            Path before = folder.resolve("backups").resolve("before-format-" + Schema.CURRENT + ".db");
            Files.createDirectories(before.getParent());
            copyTo(before);
        }
        Schema.bring(source, stored);
    }

    /**
     * Reads the schema number from the file's header, without opening or touching it; 0 if there is no file.
     *
     * @throws StoreException if it is no database, or from a newer application
     */
    static int schema(Path database) throws IOException {
        if (!Files.exists(database) || Files.size(database) == 0) {
            return 0;
        }
        byte[] magic = new byte[MAGIC.length];
        int version;
        try (RandomAccessFile file = new RandomAccessFile(database.toFile(), "r")) {
            if (file.length() < HEADER) {
                throw StoreException.damaged(database.getParent(), null);
            }
            file.readFully(magic);
            file.seek(USER_VERSION_AT);
            version = file.readInt();
        }
        if (!Arrays.equals(magic, MAGIC)) {
            throw StoreException.damaged(database.getParent(), null);
        }
        if (version > Schema.CURRENT) {
            throw new StoreException("The workspace " + database.getParent() + " was made by a newer Sober Hem (format "
                    + version + ", this one knows " + Schema.CURRENT
                    + "): it was not touched. Use the newer application");
        }
        return version;
    }

    /** What tells the file from another that took its place; null where the system does not say. */
    private Object identity() throws IOException {
        return Files.readAttributes(folder.resolve(NAME), BasicFileAttributes.class)
                .fileKey();
    }

    /** Returns the connection; one that failed is replaced. */
    Handle handle() {
        if (handle == null) {
            handle = jdbi.open();
        }
        return handle;
    }

    /** Asks something that changes nothing. */
    synchronized <R> R asked(Function<Handle, R> question) {
        try {
            return question.apply(handle());
        } catch (RuntimeException broken) {
            throw StoreException.of(broken, folder);
        }
    }

    /**
     * Changes something, whole or not at all.
     *
     * @param after runs when the change is durable
     * @param undone runs when it was undone
     */
    synchronized <R> R changed(Function<Handle, R> change, Runnable after, Runnable undone) {
        if (readOnly) {
            throw StoreException.cannotKeep(folder);
        }
        stillThere();
        boolean done = false;
        try {
            R result = handle().inTransaction(change::apply);
            done = true;
            after.run();
            return result;
        } catch (RuntimeException broken) {
            throw StoreException.of(broken, folder);
        } finally {
            if (!done) {
                undone.run();
                drop();
            }
        }
    }

    /**
     * Whoever moves or replaces the folder of an open workspace has two of them: nothing more goes into the wrong one.
     */
    void stillThere() {
        try {
            if (Objects.equals(identity, identity())) {
                return;
            }
        } catch (IOException gone) {
            throw moved(gone);
        }
        throw moved(null);
    }

    private StoreException moved(IOException cause) {
        return new StoreException(
                "The folder " + folder
                        + " was moved or replaced while it was open: nothing more is kept in it. Put it back, or close the application and open the folder where it is now",
                cause);
    }

    /** A connection that failed may be in any state: the next question opens another one. */
    private void drop() {
        Handle failed = handle;
        handle = null;
        try {
            if (failed != null) {
                failed.close();
            }
        } catch (RuntimeException broken) {
            // It is of no use any more, whatever it says.
            return;
        }
    }

    /** Copies the whole database into another file; others may write meanwhile. */
    void copyTo(Path copy) throws IOException {
        try {
            Durable.write(copy, part -> {
                try (Handle own = jdbi.open()) {
                    own.execute("VACUUM INTO ?", part.toString());
                }
            });
        } catch (RuntimeException broken) {
            throw StoreException.of(broken, folder);
        }
    }

    /** Says whether the database is whole; others may write meanwhile. */
    boolean isWhole() {
        try (Handle own = jdbi.open()) {
            return own.createQuery("PRAGMA integrity_check")
                    .mapTo(String.class)
                    .list()
                    .equals(List.of("ok"));
        } catch (RuntimeException broken) {
            throw StoreException.of(broken, folder);
        }
    }

    @Override
    public synchronized void close() {
        if (handle != null) {
            handle.close();
        }
    }
}
