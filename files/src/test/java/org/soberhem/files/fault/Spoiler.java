package org.soberhem.files.fault;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** Spoils inputs: bytes turned, cut out, doubled, put in, cut short; in a zip also within its entries. */
public final class Spoiler {

    private static final List<String> BITS = List.of(
            "",
            "0",
            "-1",
            "1e999",
            "99999999999999999999",
            "NaN",
            "null",
            "true",
            "\"",
            "{",
            "}",
            "[",
            "]",
            "[[[[[[[[",
            ":",
            ",",
            "\n",
            "\0",
            "é",
            "\uFEFF",
            "\t",
            "/",
            "~",
            "&a",
            "*a",
            "1/0",
            "<",
            ">",
            "&lt;",
            "<!DOCTYPE a [",
            "..",
            "../../x",
            " in",
            "{\"part\": \"0\"}",
            "-0.0",
            "2026-02-30");

    private final Random random;

    public Spoiler(long seed) {
        random = new Random(seed);
    }

    public byte[] spoilt(byte[] good) {
        byte[] bytes = good;
        for (int i = random.nextInt(3); i >= 0; i--) {
            bytes = once(bytes);
        }
        return bytes;
    }

    private byte[] once(byte[] bytes) {
        if (bytes.length == 0) {
            return bit();
        }
        int at = random.nextInt(bytes.length);
        int to = Math.min(bytes.length, at + 1 + random.nextInt(random.nextInt(8) == 0 ? 400 : 6));
        return switch (random.nextInt(7)) {
            case 0 -> joined(Arrays.copyOf(bytes, at), Arrays.copyOfRange(bytes, to, bytes.length));
            case 1 -> joined(Arrays.copyOf(bytes, at), bit(), Arrays.copyOfRange(bytes, at, bytes.length));
            case 2 -> joined(Arrays.copyOf(bytes, at), bit(), Arrays.copyOfRange(bytes, to, bytes.length));
            case 3 -> joined(Arrays.copyOf(bytes, to), Arrays.copyOfRange(bytes, at, bytes.length));
            case 4 -> random.nextInt(4) == 0 ? Arrays.copyOf(bytes, at) : turned(bytes, at);
            case 5 -> {
                int other = random.nextInt(bytes.length);
                byte[] part = Arrays.copyOfRange(bytes, at, to);
                yield joined(Arrays.copyOf(bytes, other), part, Arrays.copyOfRange(bytes, other, bytes.length));
            }
            default -> turned(bytes, at);
        };
    }

    private byte[] bit() {
        return BITS.get(random.nextInt(BITS.size())).getBytes(StandardCharsets.UTF_8);
    }

    private byte[] turned(byte[] bytes, int at) {
        byte[] copy = bytes.clone();
        copy[at] = (byte) (random.nextBoolean() ? copy[at] ^ 1 << random.nextInt(8) : random.nextInt(256));
        return copy;
    }

    private static byte[] joined(byte[]... parts) {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        for (byte[] part : parts) {
            all.writeBytes(part);
        }
        return all.toByteArray();
    }

    /** Spoils a zip as such, or one of its entries, or an entry's name. */
    byte[] spoiltZip(byte[] good) {
        if (random.nextInt(3) == 0) {
            return spoilt(good);
        }
        Map<String, byte[]> entries = entries(good);
        List<String> names = List.copyOf(entries.keySet());
        String name = names.get(random.nextInt(names.size()));
        byte[] content = entries.remove(name);
        switch (random.nextInt(8)) {
            case 0 ->
                entries.put(
                        new String(spoilt(name.getBytes(StandardCharsets.UTF_8)), StandardCharsets.ISO_8859_1),
                        content);
            case 1 -> entries.put(name + "/../../outside", content);
            case 2 -> {
                // It is gone.
            }
            default -> entries.put(name, spoilt(content));
        }
        return zip(entries);
    }

    static byte[] zip(Map<String, byte[]> entries) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
                zip.closeEntry();
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return bytes.toByteArray();
    }

    private static Map<String, byte[]> entries(byte[] zip) {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                entries.put(entry.getName(), in.readAllBytes());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return entries;
    }
}
