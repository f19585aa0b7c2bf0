package org.soberhem.files.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.stream.Stream;

/**
 * The way back to a backup: it is chosen while the workspace is open, and gone when the workspace is opened next.
 * Whatever step a power cut interrupts, the next opening begins again and nothing that was there is lost.
 */
final class Restoring {

    private static final String CHOSEN = "restore-next";
    private static final String LOG = "-wal";

    private Restoring() {}

    /**
     * Chooses the backup that the next opening goes back to.
     *
     * @throws StoreException if it is not a backup of this application
     */
    static void choose(Path folder, Path backup) throws IOException {
        if (!Files.isRegularFile(backup) || Database.schema(backup) == 0) {
            throw new StoreException("The backup " + backup + " is not there any more: choose another one");
        }
        Durable.write(
                folder.resolve(CHOSEN),
                part -> Files.writeString(part, backup.getFileName().toString()));
    }

    /** Returns the backups of a workspace, the newest first, then what was put aside. */
    static List<Path> backups(Path folder) throws IOException {
        Path backups = folder.resolve("backups");
        if (!Files.isDirectory(backups)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(backups)) {
            return files.filter(file -> file.getFileName().toString().endsWith(".db"))
                    .sorted((one, other) -> other.compareTo(one))
                    .toList();
        }
    }

    /** Goes back if that was chosen; what was there is put aside and never lost. */
    static void ifChosen(Path folder) throws IOException {
        Path chosen = folder.resolve(CHOSEN);
        if (!Files.exists(chosen)) {
            return;
        }
        Path backups = folder.resolve("backups");
        Path backup = backups.resolve(Path.of(Files.readString(chosen).strip()).getFileName());
        Path database = folder.resolve(Database.NAME);
        if (!Files.isRegularFile(backup)) {
            Files.delete(chosen);
            throw new StoreException("The chosen backup " + backup
                    + " is not there any more: nothing was changed. Start again to go on with what is there");
        }
        Path aside = aside(backups);
        copy(database, LOG, aside);
        copy(database, "", aside);
        Path coming = folder.resolve("restored.db");
        // What was put aside after a crash has its log beside it.
        copy(backup, LOG, coming);
        copy(backup, "", coming);
        Files.deleteIfExists(beside(database, LOG));
        Files.deleteIfExists(beside(database, "-shm"));
        if (Files.exists(beside(coming, LOG))) {
            Files.move(beside(coming, LOG), beside(database, LOG), StandardCopyOption.ATOMIC_MOVE);
        }
        Files.move(coming, database, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        Durable.forceFolder(folder.toAbsolutePath());
        new Attachments(backups.resolve("attachments")).copyTo(folder.resolve("attachments"));
        Files.delete(chosen);
    }

    private static Path beside(Path file, String ending) {
        return file.resolveSibling(file.getFileName() + ending);
    }

    private static void copy(Path from, String ending, Path to) throws IOException {
        if (Files.exists(beside(from, ending))) {
            Durable.write(beside(to, ending), part -> Files.copy(beside(from, ending), part));
        }
    }

    private static Path aside(Path backups) {
        for (int i = 1; ; i++) {
            Path aside = backups.resolve("put-aside-" + i + ".db");
            if (!Files.exists(aside)) {
                return aside;
            }
        }
    }
}
