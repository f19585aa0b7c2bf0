package org.soberhem.bench;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.IntFunction;
import javax.imageio.ImageIO;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.TracedCopy;
import org.soberhem.core.trace.Tracing;
import org.soberhem.desk.widget.Photograph;
import org.soberhem.files.picture.Pictures;
import org.soberhem.library.Library;
import org.soberhem.library.sheet.SheetReader;
import org.soberhem.library.sheet.TracedSheet;

/**
 * Opens a picture of 24 megapixels as it is opened to be traced on, and redrafts a traced plate scaled by landmarks
 * beside the blouse of the library, in one run.
 */
public final class TraceRun {

    private static final int WIDE = 6000;
    private static final int HIGH = 4000;
    private static final int SHOWN = 3200;
    private static final int OPENINGS = 11;
    private static final int WARM = 3_000;
    private static final int OFTEN = 3_000;

    private TraceRun() {}

    public static void main(String[] args) throws IOException {
        BufferedImage picture = picture();
        for (String kind : List.of("jpg", "png")) {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            ImageIO.write(picture, kind, bytes);
            opened(kind, bytes.toByteArray());
        }
        calibrate();
        Library library = Library.shipped();
        CompiledSheet blouse = library.sheet("blouse-1906").orElseThrow();
        redraft("blouse of the library", i -> DraftedGarment.of(blouse, bust(blouse.middle(), i), List.of()));
        Tracing tracing = Tracing.begun(
                        Tracing.About.begun("Plate", Tracing.Kind.GRIDDED, SheetSource.guessed("the shipped plate")),
                        Optional.empty(),
                        Grid.PAPER)
                .with(TracedCopy.of(
                        Drafter.draft(SheetReader.read(library.plate("dressing-jacket-1893")), Inputs.of(Map.of()))
                                .pattern(),
                        TracedCopy.EXACT));
        CompiledSheet traced = SheetReader.read(TracedSheet.write("plate", tracing, library.landmarks()));
        redraft("traced jacket by landmarks", i -> DraftedGarment.of(traced, bust(traced.middle(), i), List.of()));
        redraft("its sheet made anew of the tracing", i -> {
            Tracing stated = tracing.easing("bust", 50 + i % 20);
            return SheetReader.read(TracedSheet.write("plate", stated, library.landmarks()));
        });
    }

    private static Inputs bust(Inputs middle, int i) {
        return middle.with("full-bust", Inputs.Measured.both(900 + i % 200 * 0.5));
    }

    private static BufferedImage picture() {
        BufferedImage picture = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(24);
        Graphics2D pen = picture.createGraphics();
        for (int i = 0; i < 4000; i++) {
            pen.setColor(new Color(random.nextInt(1 << 24)));
            pen.fillRect(random.nextInt(WIDE), random.nextInt(HIGH), random.nextInt(300), random.nextInt(300));
        }
        pen.dispose();
        for (int y = 0; y < HIGH; y++) {
            for (int x = 0; x < WIDE; x++) {
                picture.setRGB(x, y, picture.getRGB(x, y) ^ random.nextInt(8));
            }
        }
        return picture;
    }

    private static void opened(String kind, byte[] content) {
        double[] took = new double[OPENINGS];
        for (int i = -2; i < OPENINGS; i++) {
            long from = System.nanoTime();
            Photograph.of(Pictures.small(content, SHOWN));
            if (i >= 0) {
                took[i] = (System.nanoTime() - from) / 1e6;
            }
        }
        Arrays.sort(took);
        System.out.printf(
                "24 megapixels, %s of %.1f MB, opened off the interface's thread: median %.0f ms, most %.0f ms%n",
                kind, content.length / 1e6, took[OPENINGS / 2], took[OPENINGS - 1]);
    }

    private static void calibrate() {
        double sum = 1;
        for (int round = 0; round < 200; round++) {
            for (int i = 0; i < 10_000; i++) {
                sum = Math.sqrt(sum + i);
            }
        }
        long from = System.nanoTime();
        for (int i = 0; i < 10_000; i++) {
            sum = Math.sqrt(sum + i);
        }
        System.out.printf(
                "calibration: 10 000 dependent square roots %.1f µs (%.0f)%n", (System.nanoTime() - from) / 1e3, sum);
    }

    private static void redraft(String what, IntFunction<Object> work) {
        double[] took = new double[OFTEN];
        for (int i = -WARM; i < OFTEN; i++) {
            long from = System.nanoTime();
            work.apply(Math.floorMod(i, 1000));
            if (i >= 0) {
                took[i] = (System.nanoTime() - from) / 1e6;
            }
        }
        Arrays.sort(took);
        System.out.printf(
                "%s: median %.2f ms, 95th percentile %.2f ms, 99th %.2f ms%n",
                what, took[OFTEN / 2], took[OFTEN * 95 / 100], took[OFTEN * 99 / 100]);
    }
}
