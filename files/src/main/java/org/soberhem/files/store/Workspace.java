package org.soberhem.files.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jdbi.v3.core.Handle;
import org.soberhem.core.report.Overview;
import org.soberhem.files.fault.FaultLog;

/**
 * The maker's workspace: one folder, open in one process for writing. Calls block; keep those that change something off
 * the interface thread. Reading is safe from any thread.
 */
public final class Workspace implements AutoCloseable {

    private final Path folder;
    private final WorkspaceLock lock;
    private final boolean readOnly;
    private final Database database;
    private final Attachments attachments;
    private final ActionLog history;
    private final Upkeep upkeep;
    private final FaultLog log;

    private Workspace(Path folder, Clock clock, WorkspaceLock lock) throws IOException {
        this.folder = folder;
        this.lock = lock;
        this.log = new FaultLog(folder.resolve("log"));
        if (lock.isHeld()) {
            Restoring.ifChosen(folder);
        }
        Path file = folder.resolve(Database.NAME);
        this.readOnly = !lock.isHeld() || Files.exists(file) && !Files.isWritable(file);
        this.attachments = new Attachments(folder.resolve("attachments"));
        this.database = new Database(folder, readOnly);
        StoredParts parts = new StoredParts(database::handle);
        this.history = new ActionLog(parts, clock);
        this.upkeep = new Upkeep(folder, clock, database, history, parts, attachments);
    }

    /**
     * Opens the workspace in a folder, or makes a new one.
     *
     * @throws StoreException if it cannot be used; the message says why and what to do, and nothing is held
     */
    public static Workspace open(Path folder, Clock clock) {
        try {
            Files.createDirectories(folder);
            WorkspaceLock lock = WorkspaceLock.tried(folder);
            try {
                return new Workspace(folder, clock, lock);
            } catch (IOException | RuntimeException | Error broken) {
                lock.close();
                throw broken;
            }
        } catch (IOException broken) {
            throw StoreException.of(
                    "The workspace " + folder + " cannot be written",
                    broken,
                    "Choose another folder, change its rights or make room");
        } catch (RuntimeException broken) {
            throw StoreException.of(broken, folder);
        }
    }

    /** Says whether another process has the workspace open, or it may not be written. */
    public boolean isReadOnly() {
        return readOnly;
    }

    public Path folder() {
        return folder;
    }

    private void mustWrite() {
        if (readOnly) {
            throw StoreException.cannotKeep(folder);
        }
    }

    private <R> R changed(Function<Handle, R> change) {
        return database.changed(change, history::committed, history::rolledBack);
    }

    /** Returns every line of a kind, by id. */
    public <T> List<HistoryLine<T>> lines(String kind, Class<T> type) {
        return database.asked(handle -> history.ids(handle, kind).stream()
                .map(id -> history.line(handle, id, type))
                .toList());
    }

    /** Returns a line as it stands. */
    public <T> HistoryLine<T> line(String id, Class<T> type) {
        return database.asked(handle -> history.line(handle, id, type));
    }

    /** Returns the overview of every line of a kind as it was last kept, by id; an empty one where none was. */
    public Map<String, Optional<Overview>> overviews(String kind) {
        return database.asked(handle -> history.overviews(handle, kind));
    }

    /** Keeps the overview of a line that stays as it is. */
    public void note(String id, Overview overview) {
        if (!readOnly) {
            changed(handle -> {
                history.note(handle, id, overview);
                return null;
            });
        }
    }

    /**
     * Keeps a new value of a line; the line begins with its first one. What could be redone is forgotten.
     *
     * @param kind kind of the line: costume, wearer, maker, stash, clock
     * @return the line as it stands, durable on disk
     */
    public <T> HistoryLine<T> keep(String kind, String id, T value, Action action, Class<T> type) {
        return changed(handle -> history.keep(handle, kind, id, value, action, type));
    }

    /** Takes back the last action of a line; does nothing where there is none. */
    public <T> HistoryLine<T> undo(String id, Class<T> type) {
        return changed(handle -> history.step(handle, id, type, true));
    }

    /** Does the action again that was taken back last; does nothing where there is none. */
    public <T> HistoryLine<T> redo(String id, Class<T> type) {
        return changed(handle -> history.step(handle, id, type, false));
    }

    /**
     * Keeps a picture beside the database.
     *
     * @return the hash of its content, by which values name it; it is durable on disk
     */
    public String attach(byte[] content) {
        mustWrite();
        database.stillThere();
        try {
            return attachments.keep(content);
        } catch (IOException broken) {
            throw StoreException.of(
                    "The picture could not be kept in " + folder, broken, "Make room and take it again");
        }
    }

    /** Finds the file of a picture that a value names. */
    public Optional<Path> attachment(String hash) {
        return attachments.find(hash);
    }

    /** Lets go of pictures that no value names and that no revision of the last thirty days named. */
    public void sweep() {
        if (!readOnly) {
            upkeep.sweep();
        }
    }

    /** Ends what an erasing that was cut off left behind. */
    public void finishErasing() {
        if (!readOnly && upkeep.isLeaving()) {
            upkeep.finishErasing();
        }
    }

    /**
     * Copies the database to the folder "backups" once a day with the pictures that it lacks, and keeps the newest
     * seven.
     */
    public void backUp() {
        if (needsBackup()) {
            upkeep.backUp();
        }
    }

    /** Says whether today has no backup yet. */
    public boolean needsBackup() {
        return !readOnly && !Files.exists(upkeep.todaysBackup());
    }

    /** Copies the database and the pictures to the folder "backups", in the place of a copy of the same day. */
    public void backUpNow() {
        mustWrite();
        upkeep.backUp();
    }

    /** Returns the backups, the newest first. */
    public List<Path> backups() {
        try {
            return Restoring.backups(folder);
        } catch (IOException broken) {
            throw StoreException.of("The backups in " + folder + " cannot be read", broken, "Look after the disk");
        }
    }

    /** Chooses a backup that the next opening of the workspace goes back to; what is there then is put aside. */
    public void restoreNext(Path backup) {
        mustWrite();
        try {
            Restoring.choose(folder, backup);
        } catch (IOException broken) {
            throw StoreException.of("The backup cannot be chosen", broken, "Make room and choose it again");
        }
    }

    /** Writes everything into one file, to carry to another computer. */
    public void copyWhole(Path zip) {
        upkeep.copyWhole(zip);
    }

    /**
     * Unpacks what {@link #copyWhole} wrote into a new folder.
     *
     * @throws StoreException if it is not a copy of a workspace, or the folder is not empty; nothing was changed then
     */
    public static void fromWhole(Path zip, Path folder) {
        try {
            WholeCopy.unpack(zip, folder);
        } catch (IOException broken) {
            throw StoreException.of(
                    "The copy " + zip + " cannot be read", broken, "Nothing was changed: copy it again or make room");
        }
    }

    /**
     * Erases lines for good, with their whole history, and lets others begin anew, without theirs; pictures that only
     * they named are gone at once.
     *
     * @param lines ids of those that are erased
     * @param anew what is left of others, by id, all of one type
     * @return backups that still hold what was erased, and their folder of pictures if it does; they are the maker's to
     *     delete
     */
    public <T> List<Path> erase(Set<String> lines, Map<String, T> anew) {
        Set<String> named = new HashSet<>();
        changed(handle -> {
            lines.forEach(id -> named.addAll(history.everNamedBy(handle, id)));
            anew.keySet().forEach(id -> named.addAll(history.everNamedBy(handle, id)));
            Upkeep.leaving(handle, named);
            history.erase(handle, lines, anew);
            return null;
        });
        try {
            upkeep.finishErasing();
        } catch (StoreException broken) {
            throw new StoreException(
                    "It is erased, but its traces in free room of the file are not yet overwritten: that is ended at the next start. "
                            + "Make room and start again",
                    broken);
        }
        return upkeep.holding(named);
    }

    /** Checks the whole database and every picture; the message of what is thrown says what to do. */
    public void verify() {
        upkeep.verify();
    }

    /** For tests: lets the database grow to so many pages and no further, as a full disk would. */
    void limitPages(int pages) {
        database.asked(handle -> handle.execute("PRAGMA max_page_count = " + pages));
    }

    /**
     * Writes down that something failed.
     *
     * @param at what was being done, without names and figures
     */
    public void log(String at, Throwable thrown) {
        if (!readOnly) {
            log.write(at, thrown);
        }
    }

    @Override
    public void close() {
        log.close();
        try {
            database.close();
        } finally {
            try {
                lock.close();
            } catch (IOException broken) {
                throw StoreException.of(
                        "The workspace " + folder + " could not be closed", broken, "Everything is kept");
            }
        }
    }
}
