package org.soberhem.files.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import org.soberhem.library.input.FormatException;

/** Reads PNG and JPEG pictures upright: by the orientation that a telephone notes in a JPEG. */
public final class Pictures {

    /** A photograph of a telephone has less, in bytes. */
    public static final int MOST_BYTES = 60_000_000;

    private static final long MOST_POINTS = 60_000_000;

    /**
     * So many points are held in memory at most; of a larger picture every second or third row and column is left out.
     */
    private static final double MOST_HELD = 24_000_000;

    private Pictures() {}

    /**
     * Reads a whole picture, upright.
     *
     * @throws FormatException if it is no picture, too large, or cut short; the message says what to do
     */
    public static BufferedImage read(byte[] content) {
        return read(content, Integer.MAX_VALUE);
    }

    /**
     * Reads a picture made small, upright.
     *
     * @param longest of its sides, in points
     * @throws FormatException as {@link #read}
     */
    public static BufferedImage small(byte[] content, int longest) {
        BufferedImage near = read(content, longest);
        int side = Math.max(near.getWidth(), near.getHeight());
        try {
            return side <= longest
                    ? near
                    : Thumbnails.of(near)
                            .size(longest, longest)
                            .imageType(BufferedImage.TYPE_INT_RGB)
                            .asBufferedImage();
        } catch (IOException impossible) {
            throw new IllegalStateException("Memory can be read", impossible);
        }
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

    /**
     * Reads a picture upright, leaving out rows and columns while it stays at least twice as large as is wanted: a
     * telephone's photograph has twelve million points, a list shows thirty thousand.
     */
    private static BufferedImage read(byte[] content, int longest) {
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
                reader.setInput(in);
                return upright(read(reader, longest), held(content));
            } finally {
                reader.dispose();
            }
        } catch (IOException | IndexOutOfBoundsException | NegativeArraySizeException broken) {
            throw new FormatException("The picture is cut short or damaged: take it or copy it again");
        }
    }

    /** The size is read from the head, so that nothing huge is unpacked. */
    private static BufferedImage read(ImageReader reader, int longest) throws IOException {
        long wide = reader.getWidth(0);
        long high = reader.getHeight(0);
        if (wide * high > MOST_POINTS) {
            throw new FormatException("The picture has " + wide + " by " + high + " points, at most "
                    + MOST_POINTS / 1_000_000 + " million can be read: make it smaller first");
        }
        ImageReadParam every = reader.getDefaultReadParam();
        int held = (int) Math.ceil(Math.sqrt(wide * high / MOST_HELD));
        int step = (int) Math.max(held, Math.max(wide, high) / (2L * longest));
        every.setSourceSubsampling(step, step, 0, 0);
        return reader.read(0, every);
    }

    /** Returns how the telephone was held, as it noted it; level where nothing is noted. */
    private static Orientation held(byte[] content) throws IOException {
        try {
            ExifIFD0Directory noted = ImageMetadataReader.readMetadata(new ByteArrayInputStream(content))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer held = noted == null ? null : noted.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
            return held == null || held < 1 || held > 8 ? Orientation.TOP_LEFT : Orientation.typeOf(held);
        } catch (ImageProcessingException none) {
            return Orientation.TOP_LEFT;
        }
    }

    private static BufferedImage upright(BufferedImage picture, Orientation held) {
        BufferedImage turned = ExifFilterUtils.getFilterForOrientation(held).apply(picture);
        BufferedImage plain = new BufferedImage(turned.getWidth(), turned.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = plain.createGraphics();
        pen.drawImage(turned, 0, 0, Color.WHITE, null);
        pen.dispose();
        return plain;
    }
}
