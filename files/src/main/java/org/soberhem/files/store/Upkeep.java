package org.soberhem.files.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jdbi.v3.core.Handle;

/** Looks after a workspace: backups, copies, pictures that nothing needs any more, what is damaged. */
final class Upkeep {

    private static final int BACKUPS_KEPT = 7;
    private static final String BACKUP = "workspace-";

    /** So long a picture stays after the last revision that names it. */
    private static final Duration ATTACHMENT_STAYS = Duration.ofDays(30);

    private final Path folder;
    private final Path backups;
    private final Clock clock;
    private final Database database;
    private final ActionLog history;
    private final StoredParts parts;
    private final Attachments attachments;

    Upkeep(Path folder, Clock clock, Database database, ActionLog history, StoredParts parts, Attachments attachments) {
        this.folder = folder;
        this.backups = folder.resolve("backups");
        this.clock = clock;
        this.database = database;
        this.history = history;
        this.parts = parts;
        this.attachments = attachments;
    }

    Path todaysBackup() {
        return backups.resolve(BACKUP + LocalDate.now(clock) + ".db");
    }

    /** Copies the database and the pictures, in the place of a copy of the same day. */
    void backUp() {
        try {
            Files.createDirectories(backups);
            // The pictures first: a copy of the database never names one that is not beside it.
            attachments.copyTo(backups.resolve("attachments"));
            database.copyTo(todaysBackup());
            List<Path> copies = Restoring.backups(folder).stream()
                    .filter(file -> file.getFileName().toString().startsWith(BACKUP))
                    // A clock that was set back does not make the copy of just now the oldest.
                    .filter(file -> !file.equals(todaysBackup()))
                    .toList();
            for (Path old : copies.subList(Math.min(BACKUPS_KEPT - 1, copies.size()), copies.size())) {
                Files.delete(old);
            }
        } catch (IOException broken) {
            throw StoreException.of(
                    "The backup " + todaysBackup() + " cannot be written",
                    broken,
                    "What was kept is safe; make room or look after the disk");
        }
    }

    void copyWhole(Path zip) {
        Path copy = folder.resolve("whole-copy.db");
        try {
            try {
                database.copyTo(copy);
                WholeCopy.pack(copy, attachments, zip);
            } finally {
                Files.deleteIfExists(copy);
            }
        } catch (IOException broken) {
            throw StoreException.of(
                    "The copy " + zip + " cannot be written", broken, "Choose another place or make room");
        }
    }

    /**
     * Lets go of pictures that nothing names and that no revision of the last thirty days named, and of parts unnamed.
     */
    void sweep() {
        try {
            Set<String> unnamed = new HashSet<>(attachments.all());
            unnamed.removeAll(database.asked(history::named));
            Instant gone = Instant.now(clock).minus(ATTACHMENT_STAYS);
            for (String hash : unnamed) {
                if (lastNamed(hash).isBefore(gone)) {
                    attachments.drop(hash);
                }
            }
        } catch (IOException broken) {
            throw lookedThrough(broken);
        }
        database.changed(
                handle -> {
                    parts.dropAllBut(handle, history.everNamed(handle));
                    return null;
                },
                () -> {},
                () -> {});
    }

    private Instant lastNamed(String hash) throws IOException {
        Path file = attachments.find(hash).orElseThrow();
        Instant begun = Files.getLastModifiedTime(file).toInstant();
        return database.asked(handle -> ActionLog.lastNamed(handle, hash)).orElse(begun);
    }

    private StoreException lookedThrough(IOException broken) {
        return StoreException.of(
                "The pictures in " + folder + " could not be looked through", broken, "Look after the disk");
    }

    /** Notes, in the transaction that erases what named them, which pictures have to go. */
    static void leaving(Handle handle, Set<String> pictures) {
        pictures.forEach(hash -> handle.execute("INSERT OR IGNORE INTO leaving (hash) VALUES (?)", hash));
    }

    /** Says whether something was erased and not yet everywhere. */
    boolean isLeaving() {
        return database.asked(handle -> handle.createQuery("SELECT count(*) FROM leaving")
                        .mapTo(Integer.class)
                        .one()
                > 0);
    }

    /** Drops the pictures of what was erased, and writes anew what still holds it between the lines. */
    void finishErasing() {
        Set<String> named = database.asked(history::everNamed);
        List<String> pictures = database.asked(handle -> handle.createQuery("SELECT hash FROM leaving")
                .mapTo(String.class)
                .list());
        try {
            for (String hash : pictures) {
                if (!named.contains(hash)) {
                    attachments.drop(hash);
                }
            }
        } catch (IOException broken) {
            throw lookedThrough(broken);
        }
        // What was deleted still stands in free pages and in the log until both are written anew.
        database.asked(handle -> handle.execute("VACUUM"));
        database.changed(handle -> handle.execute("DELETE FROM leaving"), () -> {}, () -> {});
        database.asked(handle ->
                handle.createQuery("PRAGMA wal_checkpoint(TRUNCATE)").mapToMap().list());
    }

    /** Returns the backups that still hold what was erased, and their folder of pictures if it does. */
    List<Path> holding(Set<String> pictures) {
        try {
            List<Path> holding = new ArrayList<>(Restoring.backups(folder));
            Path copies = backups.resolve("attachments");
            if (pictures.stream().anyMatch(hash -> Files.exists(copies.resolve(hash)))) {
                holding.add(copies);
            }
            return holding;
        } catch (IOException broken) {
            throw StoreException.of("The backups in " + folder + " cannot be read", broken, "Look after the disk");
        }
    }

    /** Checks the whole database, that it has every picture and part that it names, and every picture. */
    void verify() {
        if (!database.isWhole()) {
            throw StoreException.damaged(folder, null);
        }
        Set<String> there = new HashSet<>(database.asked(handle ->
                handle.createQuery("SELECT hash FROM part").mapTo(String.class).list()));
        for (String part : database.asked(ActionLog::partsNamed)) {
            if (!there.contains(part)) {
                throw StoreException.damaged(folder, null);
            }
        }
        try {
            for (String hash : attachments.all()) {
                if (!Attachments.hash(attachments.find(hash).orElseThrow()).equals(hash)) {
                    throw new StoreException("The picture " + hash + " in " + folder
                            + " is damaged: put the one of its folder \"backups/attachments\" in its place");
                }
            }
        } catch (IOException broken) {
            throw lookedThrough(broken);
        }
    }
}
