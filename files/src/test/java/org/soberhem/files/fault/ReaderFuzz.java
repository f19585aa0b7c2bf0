package org.soberhem.files.fault;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.report.Redaction;
import org.soberhem.files.exchange.Bundle;
import org.soberhem.files.exchange.LayFile;
import org.soberhem.files.exchange.MarksFile;
import org.soberhem.files.exchange.MeasureFile;
import org.soberhem.files.exchange.PatternJson;
import org.soberhem.files.exchange.SvgOutlines;
import org.soberhem.files.picture.Pictures;
import org.soberhem.files.store.Action;
import org.soberhem.files.store.Workspace;
import org.soberhem.library.Library;
import org.soberhem.library.SizeChartCsv;
import org.soberhem.library.input.Failure;
import org.soberhem.library.sheet.SheetReader;
import org.soberhem.library.sheet.TracingFile;

/**
 * Gives every reader spoilt inputs, and counts what is neither read nor refused in words, what lasts, and what is
 * written outside its place. As a program, with a small heap, it is the measurement of docs/performance.md: number of
 * inputs, seed.
 */
public final class ReaderFuzz {

    /** What is read longer counts as hanging, in seconds. */
    private static final double HANGS = 5;

    private static final Library LIBRARY = Library.shipped();

    /** Reads something. */
    @FunctionalInterface
    private interface Reading {
        void of(byte[] input) throws IOException;
    }

    private record Reader(List<byte[]> good, boolean zip, Reading reading) {}

    /**
     * What became of the inputs of a reader.
     *
     * @param refused so many were refused in words
     * @param crashes the first of each kind that were not
     * @param longest time, in seconds
     */
    public record Found(int inputs, int refused, Map<String, String> crashes, double longest) {

        /** Says whether everything was read or refused in words, in time. */
        public boolean isGood() {
            return crashes.isEmpty() && longest < HANGS;
        }
    }

    private final Path place;
    private final Map<String, Reader> readers = new LinkedHashMap<>();

    /** @param place an empty folder of its own */
    public ReaderFuzz(Path place) throws IOException {
        this.place = place;
        text(
                "sheet",
                SheetReader::read,
                LIBRARY.sheetText("blouse-1906").orElseThrow(),
                LIBRARY.sheetText("shirt-1780").orElseThrow());
        text("silhouette", LIBRARY.silhouetteReader()::read, silhouette());
        text(
                "measurements",
                text -> {
                    MeasureFile.read(text, LIBRARY.measures());
                    MeasureFile.readings(text, LIBRARY.measures(), LengthUnit.INCH);
                },
                "measure,value\nfull-bust,38 1/2 in\nwaist@left,27\nwrist,\"16,5 cm\"\n",
                "{\"full-bust\": \"38 1/2 in\", \"waist@left\": [\"27\", \"27 1/8\"]}");
        text(
                "size chart",
                text -> SizeChartCsv.read(text, "chart", LIBRARY.measures(), LengthUnit.INCH),
                "size,bust,waist,hip\n10,34,26,36\n12,36,28,38\n14,38,30,40\n");
        text(
                "svg",
                text -> SvgOutlines.tracing("x", SvgOutlines.read(text, OptionalDouble.empty())),
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"100mm\" height=\"80mm\" viewBox=\"0 0 100 80\">"
                        + "<g transform=\"rotate(10) scale(2,1)\"><path id=\"front\" d=\"M1 1 h20 v30 c5 5 -9 9 -20 3 z\"/>"
                        + "<polygon points=\"1,1 9,1 9,9\"/><rect x=\"1\" y=\"2\" width=\"30\" height=\"20\"/></g></svg>");
        text("lay", LayFile::read, pattern());
        text(
                "tracing",
                TracingFile::read,
                TracingFile.write(SvgOutlines.tracing(
                        "x",
                        SvgOutlines.read(
                                "<svg width=\"100mm\" height=\"80mm\" viewBox=\"0 0 100 80\"><path id=\"f\" d=\"M1 1 h20 v30 h-20 z\"/></svg>",
                                OptionalDouble.empty()))));
        text(
                "marks",
                MarksFile::read,
                "name,use,there-x,there-y,here-x,here-y\neye,holds,0.5,0.1,0.4,0.2\nfoot,compared,0.5,0.9,0.3,0.8\n");
        readers.put("picture", new Reader(List.of(picture("png"), picture("jpg")), false, bytes -> {
            Pictures.read(bytes);
            Pictures.small(bytes, 40);
        }));
        readers.put("bundle", new Reader(List.of(bundle()), true, Bundle::read));
        readers.put("workspace copy", new Reader(List.of(copy()), true, this::unpack));
        readers.put("workspace", new Reader(List.of(database()), false, this::open));
    }

    private interface TextReading {
        void of(String text);
    }

    private void text(String name, TextReading reading, String... good) {
        List<byte[]> bytes = Stream.of(good)
                .map(each -> each.getBytes(StandardCharsets.UTF_8))
                .toList();
        readers.put(name, new Reader(bytes, false, input -> reading.of(new String(input, StandardCharsets.UTF_8))));
    }

    private static String silhouette() throws IOException {
        return Files.readString(Path.of("../library/src/main/resources/library/silhouettes/w-1904-s-line.yaml"));
    }

    private static String pattern() {
        CompiledSheet sheet = LIBRARY.sheet("petticoat-1778").orElseThrow();
        Draft draft = Drafter.draft(sheet, sheet.middle());
        return PatternJson.write(sheet, draft, draft.pattern(), List.of());
    }

    private static byte[] picture(String kind) throws IOException {
        BufferedImage image = new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.RED);
        pen.fillOval(5, 5, 40, 30);
        pen.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, kind, bytes);
        return bytes.toByteArray();
    }

    private static Costume costume() {
        String sheet = LIBRARY.sheetText("petticoat-1778").orElseThrow();
        Garment garment = new Garment("Petticoat", sheet, Map.of("a/b", 3.0), List.of(), List.of());
        return new Costume(
                "c", "C", "", 1778, Optional.empty(), "ada", "", "", List.of(garment), List.of(), "", Map.of());
    }

    private static byte[] bundle() {
        Wearer ada = Wearer.of("ada", "Ada", "", List.of());
        return Bundle.of(new Redaction(costume(), ada), Optional.empty(), List.of(), hash -> Optional.empty())
                .write();
    }

    private byte[] copy() throws IOException {
        Path folder = Files.createDirectory(place.resolve("good"));
        Path zip = place.resolve("good.zip");
        try (Workspace workspace = Workspace.open(folder, Clock.systemUTC())) {
            Costume costume = costume();
            workspace.attach("a picture".getBytes(StandardCharsets.UTF_8));
            for (int i = 0; i < 5; i++) {
                Costume changed = costume.with(costume.garments().get(0).withSetting("a/b", i));
                workspace.keep("costume", "c", changed, Action.of("set", "Set " + i), Costume.class);
            }
            workspace.copyWhole(zip);
        }
        byte[] bytes = Files.readAllBytes(zip);
        Files.delete(zip);
        return bytes;
    }

    private byte[] database() throws IOException {
        return Files.readAllBytes(place.resolve("good/workspace.db"));
    }

    private void unpack(byte[] zip) throws IOException {
        Path file = Files.write(place.resolve("given.zip"), zip);
        Path inside = Files.createDirectory(place.resolve("inside"));
        try {
            Workspace.fromWhole(file, inside.resolve("new"));
        } finally {
            outside(inside);
            drop(inside);
        }
    }

    private void open(byte[] database) throws IOException {
        Path inside = Files.createDirectory(place.resolve("inside"));
        Files.write(inside.resolve("workspace.db"), database);
        try (Workspace workspace = Workspace.open(inside, Clock.systemUTC())) {
            workspace.lines("costume", Costume.class);
            workspace.undo("c", Costume.class);
            workspace.verify();
        } finally {
            drop(inside);
        }
    }

    /** Nothing may lie anywhere but in its own folder. */
    private void outside(Path inside) throws IOException {
        try (Stream<Path> files = Files.list(place)) {
            List<Path> others = files.filter(file -> !List.of("good", "given.zip", "inside")
                            .contains(file.getFileName().toString()))
                    .toList();
            List<Path> within;
            try (Stream<Path> own = Files.list(inside)) {
                within = own.filter(file -> !file.endsWith("new")).toList();
            }
            if (!others.isEmpty() || !within.isEmpty()) {
                throw new IllegalStateException("something was written outside its place: " + others);
            }
        }
    }

    private static void drop(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path each : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(each);
            }
        }
    }

    /** Returns the names of all readers. */
    public List<String> names() {
        return List.copyOf(readers.keySet());
    }

    /** Reads what is not spoilt; it must be read. */
    public void good(String name) throws IOException {
        for (byte[] good : readers.get(name).good()) {
            readers.get(name).reading().of(good);
        }
    }

    /** Gives a reader so many spoilt inputs. */
    public Found run(String name, int inputs, long seed) {
        Reader reader = readers.get(name);
        Spoiler spoiler = new Spoiler(seed);
        Map<String, String> crashes = new LinkedHashMap<>();
        int refused = 0;
        double longest = 0;
        for (int i = 0; i < inputs; i++) {
            byte[] good = reader.good().get(i % reader.good().size());
            byte[] input = reader.zip() ? spoiler.spoiltZip(good) : spoiler.spoilt(good);
            long from = System.nanoTime();
            try {
                reader.reading().of(input);
            } catch (IOException | RuntimeException | Error thrown) {
                if (Failure.isForTheMaker(thrown)) {
                    refused++;
                } else {
                    crashes.putIfAbsent(
                            thrown.getClass().getName() + top(thrown), "seed " + seed + ", input " + i + ": " + thrown);
                }
            }
            longest = Math.max(longest, (System.nanoTime() - from) / 1e9);
        }
        return new Found(inputs, refused, crashes, longest);
    }

    private static String top(Throwable thrown) {
        return thrown.getStackTrace().length == 0 ? "" : " at " + thrown.getStackTrace()[0];
    }

    public static void main(String[] args) throws IOException {
        Path place = Files.createTempDirectory("reader-fuzz");
        ReaderFuzz fuzz = new ReaderFuzz(place);
        List<String> wanted = args.length > 2 && !args[2].isEmpty() ? List.of(args[2].split(",")) : fuzz.names();
        List<String> bad = new ArrayList<>();
        for (String name : wanted) {
            Found found = fuzz.run(name, Integer.parseInt(args[0]), Long.parseLong(args[1]));
            System.out.printf(
                    "%-15s %6d inputs, %6d refused in words, longest %.2f s, %d kinds of crash%n",
                    name,
                    found.inputs(),
                    found.refused(),
                    found.longest(),
                    found.crashes().size());
            found.crashes().forEach((kind, first) -> System.out.println("    " + kind + "\n        " + first));
            if (!found.isGood()) {
                bad.add(name);
            }
        }
        try {
            drop(place);
        } catch (IOException left) {
            throw new UncheckedIOException(left);
        }
        System.exit(bad.isEmpty() ? 0 : 1);
    }
}
