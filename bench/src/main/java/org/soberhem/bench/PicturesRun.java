package org.soberhem.bench;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Random;
import javax.imageio.ImageIO;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Picture;
import org.soberhem.files.picture.Pictures;
import org.soberhem.files.store.Action;
import org.soberhem.files.store.HistoryLine;
import org.soberhem.files.store.Workspace;
import org.soberhem.library.Library;
import org.soberhem.studio.Keeper;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Demo;

/**
 * Opens a workspace and a costume without photographs and with five hundred of twelve megapixels, in one run, and times
 * how long one of them takes to be made small, which happens off the interface thread.
 */
public final class PicturesRun {

    private static final int PICTURES = 500;
    private static final int WIDE = 4000;
    private static final int HIGH = 3000;
    private static final int OPENINGS = 41;
    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);

    private PicturesRun() {}

    public static void main(String[] args) throws IOException {
        Path without = Files.createTempDirectory("pictures-run");
        Path with = Files.createTempDirectory("pictures-run");
        fill(without, 0);
        fill(with, PICTURES);
        double[] plain = new double[OPENINGS];
        double[] full = new double[OPENINGS];
        double[] plainStart = new double[OPENINGS];
        double[] fullStart = new double[OPENINGS];
        for (int i = 0; i < OPENINGS; i++) {
            open(without, i, plainStart, plain);
            open(with, i, fullStart, full);
        }
        System.out.printf(
                "workspace read: without %.1f ms, with %d photographs %.1f ms%n",
                median(plainStart), PICTURES, median(fullStart));
        System.out.printf(
                "costume opened: without %.1f ms, with %d photographs %.1f ms%n",
                median(plain), PICTURES, median(full));
        small(with);
    }

    private static void fill(Path folder, int pictures) throws IOException {
        byte[] photograph = photograph();
        try (Workspace workspace = Workspace.open(folder, Clock.systemUTC())) {
            Demo.fill(workspace, Library.shipped(), DAY);
            Costume costume = workspace.lines("costume", Costume.class).stream()
                    .map(HistoryLine::value)
                    .filter(each -> each.id().equals("secretary-1906"))
                    .findFirst()
                    .orElseThrow();
            Fitting fitting = costume.latestFitting().orElseThrow();
            for (int i = 0; i < pictures; i++) {
                // What follows the end of a JPEG is not read, but makes it another file.
                byte[] other = Arrays.copyOf(photograph, photograph.length + 4);
                other[photograph.length] = (byte) i;
                other[photograph.length + 1] = (byte) (i >> 8);
                fitting = fitting.with(new Picture(workspace.attach(other), "photograph " + i, ""));
            }
            workspace.keep(
                    "costume", costume.id(), costume.with(fitting), Action.of("pictures", "Pictures"), Costume.class);
        }
    }

    private static byte[] photograph() throws IOException {
        BufferedImage picture = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(1);
        for (int y = 0; y < HIGH; y++) {
            for (int x = 0; x < WIDE; x++) {
                int level = 60 + x * 120 / WIDE + random.nextInt(24);
                picture.setRGB(x, y, level << 16 | level << 8 | 90 + y * 80 / HIGH);
            }
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, "jpg", bytes);
        return bytes.toByteArray();
    }

    private static void open(Path folder, int i, double[] start, double[] opened) {
        long from = System.nanoTime();
        try (Keeper keeper = Keeper.atOnce(Workspace.open(folder, Clock.systemUTC()))) {
            Studio studio = new Studio(Library.shipped(), keeper, Clock.systemUTC());
            long read = System.nanoTime();
            studio.open("secretary-1906");
            opened[i] = (System.nanoTime() - read) / 1e6;
            start[i] = (read - from) / 1e6;
        }
    }

    private static void small(Path folder) throws IOException {
        double[] took = new double[20];
        long bytes = 0;
        try (var files = Files.list(folder.resolve("attachments"))) {
            int i = 0;
            for (Path file : files.filter(each -> each.toFile().length() > 1_000_000)
                    .limit(took.length)
                    .toList()) {
                byte[] content = Files.readAllBytes(file);
                bytes = content.length;
                long from = System.nanoTime();
                Pictures.small(content, 240);
                took[i++] = (System.nanoTime() - from) / 1e6;
            }
        }
        System.out.printf("one of %.1f MB made small: %.0f ms%n", bytes / 1e6, median(took));
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }
}
