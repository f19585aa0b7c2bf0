package org.soberhem.files.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import org.soberhem.files.exchange.FormatException;

/** Reads PNG and JPEG pictures upright: by the orientation that a telephone notes in a JPEG. */
public final class Pictures {

    /** A photograph of a telephone has less, in bytes. */
    public static final int MOST_BYTES = 60_000_000;

    private static final long MOST_POINTS = 60_000_000;

    private Pictures() {}

    /**
     * Reads a whole picture, upright.
     *
     * @throws FormatException if it is no picture, too large, or cut short; the message says what to do
     */
    public static BufferedImage read(byte[] content) {
        check(content);
        return sized(content, 1);
    }

    /**
     * Reads a picture made small, upright.
     *
     * @param longest of its sides, in points
     * @throws FormatException as {@link #read}
     */
    public static BufferedImage small(byte[] content, int longest) {
        long side = check(content);
        return sized(content, Math.min(1, (double) longest / side));
    }

    /** Writes a picture as a PNG. */
    public static byte[] png(BufferedImage picture) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "png", bytes);
        } catch (IOException impossible) {
            throw new IllegalStateException("Memory can be written", impossible);
        }
        return bytes.toByteArray();
    }

    private static BufferedImage sized(byte[] content, double scale) {
        try {
            return Thumbnails.of(new ByteArrayInputStream(content))
                    .scale(scale)
                    .imageType(BufferedImage.TYPE_INT_RGB)
                    .asBufferedImage();
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
            throw new FormatException("The picture is cut short or damaged: take it or copy it again");
        }
    }

    /** Reads the size from the head only, so that nothing huge is unpacked, and returns the longer side. */
    private static long check(byte[] content) {
        if (content.length > MOST_BYTES) {
            throw new FormatException("The picture has " + content.length / 1_000_000 + " megabytes, at most "
                    + MOST_BYTES / 1_000_000 + " can be read: make it smaller first");
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new FormatException("It is not a picture that can be read: take a PNG or JPEG");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                long wide = reader.getWidth(0);
                long high = reader.getHeight(0);
                if (wide * high > MOST_POINTS) {
                    throw new FormatException("The picture has " + wide + " by " + high + " points, at most "
                            + MOST_POINTS / 1_000_000 + " million can be read: make it smaller first");
                }
                return Math.max(wide, high);
            } finally {
                reader.dispose();
            }
        } catch (IOException | IndexOutOfBoundsException broken) {
            throw new FormatException("The picture is cut short or damaged: take it or copy it again");
        }
    }
}
