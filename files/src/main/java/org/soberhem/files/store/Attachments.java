package org.soberhem.files.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;

/** Pictures beside the database, each in a file named by the hash of its content: the same picture is kept once. */
public final class Attachments {

    private final Path folder;

    Attachments(Path folder) {
        this.folder = folder;
    }

    /** Returns the name under which a content is kept. */
    public static String hash(byte[] content) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("Every Java has SHA-256", impossible);
        }
    }

    /** Keeps a content and returns its hash; it is durable when this returns. */
    String keep(byte[] content) throws IOException {
        String hash = hash(content);
        Path file = folder.resolve(hash);
        if (!Files.exists(file)) {
            Files.createDirectories(folder);
            Path part = folder.resolve(hash + ".part");
            Files.write(
                    part,
                    content,
                    StandardOpenOption.CREATE,
                    StandardOpenOption.TRUNCATE_EXISTING,
                    StandardOpenOption.WRITE,
                    StandardOpenOption.DSYNC);
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
        }
        return hash;
    }

    /** Finds the file of a hash. */
    Optional<Path> find(String hash) {
        Path file = folder.resolve(hash);
        return hash.matches("[0-9a-f]{64}") && Files.isRegularFile(file) ? Optional.of(file) : Optional.empty();
    }

    /** Returns every hash that is kept. */
    List<String> all() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (var files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString())
                    .filter(name -> name.matches("[0-9a-f]{64}"))
                    .sorted()
                    .toList();
        }
    }

    void drop(String hash) throws IOException {
        Files.deleteIfExists(folder.resolve(hash));
    }

    /** Copies what another folder lacks. */
    void copyTo(Path other) throws IOException {
        Files.createDirectories(other);
        for (String hash : all()) {
            Path copy = other.resolve(hash);
            if (!Files.exists(copy)) {
                Files.copy(folder.resolve(hash), copy);
            }
        }
    }
}
