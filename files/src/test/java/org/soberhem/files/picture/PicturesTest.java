package org.soberhem.files.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import javax.imageio.ImageIO;
import net.coobird.thumbnailator.Thumbnails;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.library.input.FormatException;

class PicturesTest {

    private static final int WIDE = 120;
    private static final int HIGH = 80;

    /** A landscape picture whose upper left quarter is red. */
    private static BufferedImage picture() {
        BufferedImage picture = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = picture.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, WIDE, HIGH);
        pen.setColor(Color.RED);
        pen.fillRect(0, 0, WIDE / 2, HIGH / 2);
        pen.dispose();
        return picture;
    }

    private static byte[] written(String format) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(picture(), format, bytes);
        return bytes.toByteArray();
    }

    /** Puts the note that a telephone writes, the orientation of Exif 2.3, before the picture's own data. */
    static byte[] oriented(byte[] jpeg, int orientation) {
        byte[] note = {
            (byte) 0xff,
            (byte) 0xe1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0
        };
        byte[] whole = new byte[jpeg.length + note.length];
        System.arraycopy(jpeg, 0, whole, 0, 2);
        System.arraycopy(note, 0, whole, 2, note.length);
        System.arraycopy(jpeg, 2, whole, 2 + note.length, jpeg.length - 2);
        return whole;
    }

    private static boolean isRed(BufferedImage picture, boolean right, boolean low) {
        int x = picture.getWidth() * (right ? 3 : 1) / 4;
        int y = picture.getHeight() * (low ? 3 : 1) / 4;
        Color colour = new Color(picture.getRGB(x, y));
        return colour.getRed() > 200 && colour.getGreen() < 80;
    }

    /** Where the red quarter comes to lie by the orientation's definition in Exif 2.3, tag 0x0112, from memory. */
    @ParameterizedTest(name = "orientation {0}")
    @CsvSource({
        "1, 120, false, false",
        "2, 120, true, false",
        "3, 120, true, true",
        "4, 120, false, true",
        "5, 80, false, false",
        "6, 80, true, false",
        "7, 80, true, true",
        "8, 80, false, true"
    })
    void telephonePicture_isReadUpright(int orientation, int wide, boolean right, boolean low) throws Exception {
        byte[] content = oriented(written("jpg"), orientation);
        BufferedImage upright = Pictures.read(content);
        assertThat(upright.getWidth()).isEqualTo(wide);
        for (boolean r : new boolean[] {false, true}) {
            for (boolean l : new boolean[] {false, true}) {
                assertThat(isRed(upright, r, l)).as("right %s, low %s", r, l).isEqualTo(r == right && l == low);
            }
        }
        BufferedImage small = Pictures.small(content, 40);
        assertThat(Math.max(small.getWidth(), small.getHeight())).isEqualTo(40);
        assertThat(isRed(small, right, low)).isTrue();
    }

    /** Another library, which reads the note by itself, turns the picture the same way. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void orientation_isReadAsAnotherLibraryReadsIt(int orientation) throws Exception {
        byte[] content = oriented(written("jpg"), orientation);
        BufferedImage theirs =
                Thumbnails.of(new ByteArrayInputStream(content)).scale(1).asBufferedImage();
        BufferedImage ours = Pictures.read(content);
        assertThat(ours.getWidth()).isEqualTo(theirs.getWidth());
        for (boolean right : new boolean[] {false, true}) {
            for (boolean low : new boolean[] {false, true}) {
                assertThat(isRed(ours, right, low)).isEqualTo(isRed(theirs, right, low));
            }
        }
    }

    @Test
    void png_isReadAsItIs_andNeverMadeLarger() throws Exception {
        BufferedImage read = Pictures.read(written("png"));
        assertThat(read.getWidth()).isEqualTo(WIDE);
        assertThat(isRed(read, false, false)).isTrue();
        assertThat(Pictures.small(written("png"), 4000).getWidth()).isEqualTo(WIDE);
        assertThat(Pictures.read(Pictures.png(read)).getHeight()).isEqualTo(HIGH);
    }

    @Test
    void whatIsNoPicture_orCutShort_orTooLarge_isRefusedInWords() throws Exception {
        assertThatThrownBy(() -> Pictures.read("no picture".getBytes()))
                .isInstanceOf(FormatException.class)
                .hasMessage("It is not a picture that can be read: take a PNG or JPEG");
        byte[] png = written("png");
        for (int length : new int[] {9, 20, png.length / 2}) {
            assertThatThrownBy(() -> Pictures.read(Arrays.copyOf(png, length)))
                    .isInstanceOf(FormatException.class)
                    .hasMessageContaining("cut short or damaged");
        }
        assertThatThrownBy(() -> Pictures.read(new byte[Pictures.MOST_BYTES + 1]))
                .hasMessageContaining("make it smaller first");
        // A head that claims a huge picture is refused before anything is unpacked.
        byte[] huge = png.clone();
        huge[16] = 0;
        huge[17] = 0x7f;
        huge[20] = 0;
        huge[21] = 0x7f;
        assertThatThrownBy(() -> Pictures.small(huge, 100)).hasMessageContaining("million can be read");
    }
}
