package org.soberhem.files.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** Files that are there whole after a power cut, or not at all: written beside, brought to the disk, then renamed. */
final class Durable {

    private Durable() {}

    /** What writes a file. */
    @FunctionalInterface
    interface Writing {
        void to(Path part) throws IOException;
    }

    /** Writes a file, in the place of an older one; nothing is left behind if that fails. */
    static void write(Path file, Writing writing) throws IOException {
        Path part = file.resolveSibling(file.getFileName() + ".part");
        try {
            Files.deleteIfExists(part);
            writing.to(part);
            force(part, StandardOpenOption.WRITE);
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException | RuntimeException broken) {
            Files.deleteIfExists(part);
            throw broken;
        }
        forceFolder(file.toAbsolutePath().getParent());
    }

    private static void force(Path file, StandardOpenOption how) throws IOException {
        try (FileChannel channel = FileChannel.open(file, how)) {
            channel.force(true);
        }
    }

    /** Brings what was renamed in a folder to the disk, where the system can open folders. */
    static void forceFolder(Path folder) throws IOException {
        if (!System.getProperty("os.name").startsWith("Windows")) {
            force(folder, StandardOpenOption.READ);
        }
    }
}
