package org.soberhem.files.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.stream.Stream;

/** The way back to a backup: it is chosen while the workspace is open, and gone when the workspace is opened next. */
final class Restoring {

    private static final String DATABASE = "workspace.db";
    private static final String CHOSEN = "restore-next";

    private Restoring() {}

    /** Chooses the backup that the next opening goes back to. */
    static void choose(Path folder, Path backup) throws IOException {
        Files.writeString(folder.resolve(CHOSEN), backup.getFileName().toString());
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
        if (Files.isRegularFile(backup)) {
            Path aside = aside(backups);
            for (String ending : List.of("-wal", "-shm", "")) {
                Path now = folder.resolve(DATABASE + ending);
                if (Files.exists(now)) {
                    Files.move(now, aside.resolveSibling(aside.getFileName() + ending));
                }
            }
            // What was put aside after a crash has its log beside it.
            for (String ending : List.of("-wal", "")) {
                Path from = backup.resolveSibling(backup.getFileName() + ending);
                if (Files.exists(from)) {
                    Path part = folder.resolve(DATABASE + ".part");
                    Files.copy(from, part, StandardCopyOption.REPLACE_EXISTING);
                    Files.move(part, folder.resolve(DATABASE + ending), StandardCopyOption.ATOMIC_MOVE);
                }
            }
            new Attachments(backups.resolve("attachments")).copyTo(folder.resolve("attachments"));
        }
        Files.delete(chosen);
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
