package org.soberhem.files.store;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Comparator;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.soberhem.files.picture.Pictures;

/** A whole workspace in one file, to carry to another computer: a zip with the database and every picture. */
final class WholeCopy {

    private static final String DATABASE = Database.NAME;
    private static final String PICTURES = "attachments/";
    private static final Pattern NAME = Pattern.compile("workspace\\.db|attachments/[0-9a-f]{64}");

    /** No database is larger, in bytes. */
    private static final long MOST_DATABASE = 4L << 30;

    /** No picture is larger, in bytes. */
    private static final long MOST_PICTURE = Pictures.MOST_BYTES;

    private static final int MOST_FILES = 200_000;
    private static final int CHUNK = 1 << 16;

    private WholeCopy() {}

    /** Packs a copy of a database and the pictures of a workspace; the file appears only when it is whole. */
    static void pack(Path database, Attachments pictures, Path zip) throws IOException {
        Durable.write(zip, part -> {
            try (ZipOutputStream out = new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(part)))) {
                add(out, DATABASE, database);
                for (String hash : pictures.all()) {
                    add(out, PICTURES + hash, pictures.find(hash).orElseThrow());
                }
            }
        });
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
            try {
                Durable.forceFolder(parent);
            } catch (IOException broken) {
                // It is all there or nothing is: what may be gone after a power cut is not there.
                drop(folder);
                throw broken;
            }
        } finally {
            if (Files.exists(part)) {
                drop(part);
            }
        }
    }

    private static void read(Path zip, Path into) throws IOException {
        int files = 0;
        long room = Files.getFileStore(into).getUsableSpace();
        try (ZipInputStream in = new ZipInputStream(new BufferedInputStream(Files.newInputStream(zip)))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                if (!NAME.matcher(entry.getName()).matches() || ++files > MOST_FILES) {
                    throw no(zip, "it holds \"" + entry.getName() + "\"");
                }
                Path file = into.resolve(entry.getName());
                if (Files.exists(file)) {
                    throw no(zip, "it holds \"" + entry.getName() + "\" twice");
                }
                Files.createDirectories(file.getParent());
                boolean picture = entry.getName().startsWith(PICTURES);
                long most = Math.min(room, picture ? MOST_PICTURE : MOST_DATABASE);
                long copied = copy(in, file, most);
                if (copied > most) {
                    throw no(zip, "\"" + entry.getName() + "\" is too large");
                }
                room -= copied;
                if (picture && !Attachments.hash(file).equals(file.getFileName().toString())) {
                    throw no(zip, "the picture " + file.getFileName() + " is damaged");
                }
            }
        } catch (ZipException | EOFException broken) {
            throw no(zip, broken.getMessage() == null ? "it is cut short" : broken.getMessage());
        } catch (IllegalArgumentException garbled) {
            throw no(zip, "a name in it is garbled");
        }
        if (!Files.exists(into.resolve(DATABASE))) {
            throw no(zip, "it has no workspace.db");
        }
        whole(zip, into);
    }

    /** Looks at the database as the next opening would, so that nothing is taken up that cannot be opened. */
    private static void whole(Path zip, Path into) throws IOException {
        try {
            if (Database.schema(into.resolve(DATABASE)) == 0) {
                throw no(zip, "its workspace.db is empty");
            }
            try (Workspace opened = Workspace.open(into, Clock.systemUTC())) {
                opened.verify();
            }
        } catch (StoreException broken) {
            throw no(zip, broken.getMessage());
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
