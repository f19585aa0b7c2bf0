package org.soberhem.files.store;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Comparator;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** A whole workspace in one file, to carry to another computer: a zip with the database and every picture. */
final class WholeCopy {

    private static final String DATABASE = "workspace.db";
    private static final String PICTURES = "attachments/";
    private static final Pattern NAME = Pattern.compile("workspace\\.db|attachments/[0-9a-f]{64}");

    /** No workspace is larger, in bytes. */
    private static final long MOST = 64L << 30;

    private static final int MOST_FILES = 200_000;
    private static final int CHUNK = 1 << 16;

    private WholeCopy() {}

    /** Packs a copy of a database and the pictures of a workspace; the file appears only when it is whole. */
    static void pack(Path database, Attachments pictures, Path zip) throws IOException {
        Path part = zip.resolveSibling(zip.getFileName() + ".part");
        try (ZipOutputStream out = new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(part)))) {
            add(out, DATABASE, database);
            for (String hash : pictures.all()) {
                add(out, PICTURES + hash, pictures.find(hash).orElseThrow());
            }
        }
        Files.move(part, zip, StandardCopyOption.REPLACE_EXISTING);
    }

    private static void add(ZipOutputStream out, String name, Path file) throws IOException {
        out.putNextEntry(new ZipEntry(name));
        Files.copy(file, out);
        out.closeEntry();
    }

    /**
     * Unpacks a workspace into a folder that is not there yet or empty; whole or not at all.
     *
     * @throws StoreException if the file is not a workspace, or the folder is not empty
     */
    static void unpack(Path zip, Path folder) throws IOException {
        if (Files.isDirectory(folder)) {
            try (Stream<Path> inside = Files.list(folder)) {
                if (inside.findAny().isPresent()) {
                    throw new StoreException(
                            "The folder " + folder + " is not empty: nothing was changed. Choose a new folder");
                }
            }
        }
        Path parent = folder.toAbsolutePath().getParent();
        Files.createDirectories(parent);
        Path part = Files.createTempDirectory(parent, "workspace-part");
        try {
            read(zip, part);
            Files.deleteIfExists(folder);
            Files.move(part, folder);
        } finally {
            if (Files.exists(part)) {
                drop(part);
            }
        }
    }

    private static void read(Path zip, Path into) throws IOException {
        long left = MOST;
        int files = 0;
        try (ZipInputStream in = new ZipInputStream(new BufferedInputStream(Files.newInputStream(zip)))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                if (!NAME.matcher(entry.getName()).matches() || ++files > MOST_FILES) {
                    throw no(zip, "it holds \"" + entry.getName() + "\"");
                }
                Path file = into.resolve(entry.getName());
                Files.createDirectories(file.getParent());
                left -= copy(in, file, left);
                if (left < 0) {
                    throw no(zip, "it is too large");
                }
                if (entry.getName().startsWith(PICTURES)
                        && !Attachments.hash(Files.readAllBytes(file))
                                .equals(file.getFileName().toString())) {
                    throw no(zip, "the picture " + file.getFileName() + " is damaged");
                }
            }
        } catch (ZipException broken) {
            throw no(zip, broken.getMessage());
        }
        if (!Files.exists(into.resolve(DATABASE))) {
            throw no(zip, "it has no workspace.db");
        }
    }

    private static StoreException no(Path zip, String why) {
        return new StoreException(zip + " is not the copy of a workspace (" + why + "): nothing was changed");
    }

    private static long copy(InputStream in, Path file, long most) throws IOException {
        long copied = 0;
        byte[] chunk = new byte[CHUNK];
        try (OutputStream out = Files.newOutputStream(file)) {
            for (int read = in.read(chunk); read >= 0 && copied <= most; read = in.read(chunk)) {
                out.write(chunk, 0, read);
                copied += read;
            }
        }
        return copied;
    }

    private static void drop(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(each);
            }
        }
    }
}
