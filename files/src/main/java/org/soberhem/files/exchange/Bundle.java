package org.soberhem.files.exchange;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.cloth.Cloth;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.fitting.Picture;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.report.Redaction;
import org.soberhem.files.picture.Pictures;
import org.soberhem.files.store.Attachments;
import org.soberhem.files.store.stored.Codec;
import org.soberhem.library.input.FormatException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.JsonNode;

/**
 * A costume on its own, for another maker: a zip of JSON and pictures. Described in docs/formats/bundle.md.
 *
 * @param shared costume and wearer, as they may be shown
 * @param stack the maker's own stack that it is worn over, if it is one
 * @param cloths of the stash that it is cut from
 * @param pictures contents by their hashes
 */
public record Bundle(Redaction shared, Optional<LayerStack> stack, List<Cloth> cloths, Map<String, byte[]> pictures) {

    /** Bundles of format 1 hold values of the stored form 1. */
    private static final int FORMAT = 2;

    private static final String MANIFEST = "manifest.json";
    private static final String COSTUME = "costume.json";
    private static final String WEARER = "wearer.json";
    private static final String STACK = "stack.json";
    private static final String CLOTH = "cloth.json";
    private static final String PICTURES = "pictures/";
    private static final Pattern NAME = Pattern.compile(
            "manifest\\.json|costume\\.json|wearer\\.json|stack\\.json|cloth\\.json|pictures/[0-9a-f]{64}");

    /** A bundle is no larger, unpacked, in bytes: all of it is held in memory. */
    private static final int MOST = 96_000_000;

    /** A bundle is no larger as a file, in bytes. */
    public static final int MOST_FILE = MOST;

    /** No text in it is larger, in bytes. */
    private static final int MOST_TEXT = 12_000_000;

    private static final int MOST_FILES = 2000;

    public Bundle {
        cloths = List.copyOf(cloths);
        pictures = Map.copyOf(pictures);
    }

    /** Returns the pictures that a costume names. */
    public static List<String> named(Costume costume) {
        List<String> hashes = new ArrayList<>();
        costume.papers().references().stream().map(Picture::hash).forEach(hashes::add);
        costume.fittings()
                .forEach(fitting ->
                        fitting.pictures().stream().map(Picture::hash).forEach(hashes::add));
        return hashes.stream().distinct().toList();
    }

    /** Gathers a bundle; pictures that cannot be found are left out. */
    public static Bundle of(
            Redaction shared,
            Optional<LayerStack> stack,
            List<Cloth> cloths,
            Function<String, Optional<byte[]>> pictures) {
        Map<String, byte[]> found = new TreeMap<>();
        named(shared.costume()).forEach(hash -> pictures.apply(hash).ifPresent(content -> found.put(hash, content)));
        List<Cloth> bare = cloths.stream().map(cloth -> cloth.withPicture("")).toList();
        return new Bundle(shared, stack, bare, found);
    }

    /** Returns the zip. */
    public byte[] write() {
        Codec codec = Codec.whole();
        Map<String, byte[]> entries = new LinkedHashMap<>();
        entries.put(MANIFEST, utf8("{\"sober-hem-bundle\": " + FORMAT + "}"));
        entries.put(COSTUME, utf8(codec.text(codec.tree(shared.costume()))));
        entries.put(WEARER, utf8(codec.text(codec.tree(shared.wearer()))));
        stack.ifPresent(own -> entries.put(STACK, utf8(codec.text(codec.tree(own)))));
        entries.put(CLOTH, utf8(codec.text(codec.tree(cloths))));
        pictures.forEach((hash, content) -> entries.put(PICTURES + hash, content));
        long size =
                entries.values().stream().mapToLong(content -> content.length).sum();
        if (size > MOST) {
            throw new FormatException("The bundle would have " + size / 1_000_000 + " megabytes, at most "
                    + MOST / 1_000_000 + " can be read again: leave the pictures out");
        }
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

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    /**
     * Reads a bundle.
     *
     * @throws FormatException if it is none, or from a newer application, or damaged; the message says what
     */
    public static Bundle read(byte[] zip) {
        Map<String, byte[]> entries = entries(zip);
        Codec codec = Codec.whole();
        JsonNode manifest = json(codec, entries, MANIFEST);
        int format = manifest.path("sober-hem-bundle").asInt(0);
        if (format < 1 || format > FORMAT) {
            throw new FormatException(
                    format > FORMAT
                            ? "it was written by a newer Sober Hem (bundle " + format + "): use the newer application"
                            : "it is not a costume's bundle");
        }
        Costume costume = value(codec, format, "costume", entries, COSTUME, Costume.class);
        Wearer wearer = value(codec, format, "wearer", entries, WEARER, Wearer.class);
        Optional<LayerStack> stack = entries.containsKey(STACK)
                ? Optional.of(value(codec, format, "stack", entries, STACK, LayerStack.class))
                : Optional.empty();
        Cloth[] cloths = value(codec, format, "cloth", entries, CLOTH, Cloth[].class);
        if (Stream.of(cloths).anyMatch(Objects::isNull)) {
            throw new FormatException(CLOTH + " cannot be read: a cloth in it is empty");
        }
        Map<String, byte[]> pictures = new TreeMap<>();
        entries.forEach((name, content) -> {
            if (name.startsWith(PICTURES)) {
                String hash = name.substring(PICTURES.length());
                if (!Attachments.hash(content).equals(hash)) {
                    throw new FormatException("the picture " + hash + " is damaged");
                }
                pictures.put(hash, content);
            }
        });
        return new Bundle(new Redaction(costume, wearer), stack, List.of(cloths), pictures);
    }

    private static Map<String, byte[]> entries(byte[] content) {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        int left = MOST;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(content))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (!NAME.matcher(entry.getName()).matches() || entries.size() >= MOST_FILES) {
                    throw new FormatException("it holds \"" + entry.getName() + "\", which no bundle does");
                }
                int most = Math.min(left, entry.getName().startsWith(PICTURES) ? Pictures.MOST_BYTES : MOST_TEXT);
                byte[] bytes = zip.readNBytes(most + 1);
                if (bytes.length > most) {
                    throw new FormatException("unpacked it is too large at \"" + entry.getName() + "\": of " + MOST
                            + " bytes in all, no text may have more than " + MOST_TEXT);
                }
                left -= bytes.length;
                if (entries.put(entry.getName(), bytes) != null) {
                    throw new FormatException("it holds \"" + entry.getName() + "\" twice");
                }
            }
        } catch (IOException | IllegalArgumentException broken) {
            throw new FormatException("it is damaged: " + broken.getMessage());
        }
        if (entries.isEmpty()) {
            throw new FormatException("it is not a zip of a costume");
        }
        return entries;
    }

    private static JsonNode json(Codec codec, Map<String, byte[]> entries, String name) {
        byte[] content = entries.get(name);
        if (content == null) {
            throw new FormatException("it has no " + name);
        }
        try {
            return codec.parse(new String(content, StandardCharsets.UTF_8));
        } catch (JacksonException broken) {
            throw FormatException.json(name, broken);
        }
    }

    private static <T> T value(
            Codec codec, int format, String kind, Map<String, byte[]> entries, String name, Class<T> type) {
        try {
            T value = codec.value(codec.brought(format, kind, json(codec, entries, name)), type);
            if (value == null) {
                throw new FormatException(name + " is empty");
            }
            return value;
        } catch (DatabindException broken) {
            String part = broken.getPath().isEmpty()
                    ? kind
                    : String.valueOf(
                            broken.getPath().get(broken.getPath().size() - 1).getPropertyName());
            throw new FormatException(name + " cannot be read: \"" + part + "\" is missing, or not what it should be");
        } catch (RuntimeException broken) {
            throw broken instanceof FormatException told
                    ? told
                    : new FormatException(name + " cannot be read: what it holds is no " + kind);
        }
    }
}
