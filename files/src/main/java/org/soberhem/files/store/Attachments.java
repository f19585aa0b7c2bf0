package org.soberhem.files.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;

/** Pictures beside the database, each in a file named by the hash of its content: the same picture is kept once. */
public final class Attachments {

    private static final String HASH = "[0-9a-f]{64}";

    private final Path folder;

    Attachments(Path folder) {
        this.folder = folder;
    }

    private static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("Every Java has SHA-256", impossible);
        }
    }

    /** Returns the name under which a content is kept. */
    public static String hash(byte[] content) {
        return HexFormat.of().formatHex(digest().digest(content));
    }

    /** Returns the name under which the content of a file is kept, however large it is. */
    static String hash(Path file) throws IOException {
        MessageDigest digest = digest();
        try (InputStream in = new DigestInputStream(Files.newInputStream(file), digest)) {
            in.transferTo(OutputStream.nullOutputStream());
        }
        return HexFormat.of().formatHex(digest.digest());
    }

    /** Keeps a content and returns its hash; it is durable when this returns. */
    String keep(byte[] content) throws IOException {
        String hash = hash(content);
        Path file = folder.resolve(hash);
        if (!Files.exists(file) || Files.size(file) != content.length) {
            Files.createDirectories(folder);
            Durable.write(file, part -> Files.write(part, content));
        }
        return hash;
    }

    /** Finds the file of a hash. */
    Optional<Path> find(String hash) {
        Path file = folder.resolve(hash);
        return hash.matches(HASH) && Files.isRegularFile(file) ? Optional.of(file) : Optional.empty();
    }

    /** Returns every hash that is kept. */
    List<String> all() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (var files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString())
                    .filter(name -> name.matches(HASH))
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
            Path from = folder.resolve(hash);
            Path copy = other.resolve(hash);
            if (!Files.exists(copy) || Files.size(copy) != Files.size(from)) {
                Durable.write(copy, part -> Files.copy(from, part));
            }
        }
    }
}
