package org.soberhem.files.device;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import org.soberhem.library.input.FormatException;

/**
 * The outline of someone standing before a plain wall, read off a picture: row by row what differs from the wall at the
 * picture's two edges.
 */
public final class PictureOutline {

    /** So much a colour must differ from the wall, in levels of 255 summed over the three colours. */
    private static final int DIFFERS = 60;

    private static final int EDGE = 6;
    private static final int LEAST_ROWS = 60;
    private static final int MOST_PIXELS = 40_000_000;

    private PictureOutline() {}

    /**
     * How far the outline reaches at one height.
     *
     * @param height above the floor, as a share of the height of what is seen
     * @param left to the left of the middle of the feet, in the same shares
     * @param right to the right
     */
    public record Row(double height, double left, double right) {}

    /**
     * Reads the outline, from above.
     *
     * @throws FormatException if nobody can be told from the wall
     */
    public static List<Row> read(BufferedImage picture) {
        if ((long) picture.getWidth() * picture.getHeight() > MOST_PIXELS) {
            throw new FormatException(
                    "The picture has more than " + MOST_PIXELS / 1_000_000 + " million points: make it smaller first");
        }
        int wide = picture.getWidth();
        int[][] found = new int[picture.getHeight()][];
        int top = -1;
        int bottom = -1;
        for (int y = 0; y < picture.getHeight(); y++) {
            int left = -1;
            int right = -1;
            int wallLeft = wall(picture, 0, y);
            int wallRight = wall(picture, wide - EDGE, y);
            for (int x = EDGE; x < wide - EDGE; x++) {
                if (isFigure(picture, x, y, wallLeft, wallRight)) {
                    left = left < 0 ? x : left;
                    right = x;
                }
            }
            // What goes from edge to edge is a floor or a shelf, nobody.
            boolean through = left <= EDGE + 1 || right >= wide - EDGE - 2;
            if (left >= 0 && right - left > 2 && !through) {
                found[y] = new int[] {left, right};
                top = top < 0 ? y : top;
                bottom = y;
            }
        }
        if (top < 0 || bottom - top < LEAST_ROWS) {
            throw new FormatException("Nobody can be told from the wall: stand before a plain wall of another colour");
        }
        return rows(found, top, bottom);
    }

    private static List<Row> rows(int[][] found, int top, int bottom) {
        double tall = bottom - top;
        double sum = 0;
        int count = 0;
        for (int y = bottom - (int) (tall * 0.25); y <= bottom; y++) {
            if (found[y] != null) {
                sum += (found[y][0] + found[y][1]) / 2.0;
                count++;
            }
        }
        double middle = sum / count;
        List<Row> rows = new ArrayList<>();
        for (int y = top; y <= bottom; y++) {
            if (found[y] != null) {
                rows.add(new Row((bottom - y) / tall, (middle - found[y][0]) / tall, (found[y][1] - middle) / tall));
            }
        }
        return rows;
    }

    /** A place belongs to the figure if its neighbours differ from the wall too: noise does not. */
    private static boolean isFigure(BufferedImage picture, int x, int y, int wallLeft, int wallRight) {
        for (int i = 0; i < 3; i++) {
            int at = picture.getRGB(Math.min(x + i, picture.getWidth() - 1), y);
            if (Math.min(differs(at, wallLeft), differs(at, wallRight)) < DIFFERS) {
                return false;
            }
        }
        return true;
    }

    private static int wall(BufferedImage picture, int from, int y) {
        int red = 0;
        int green = 0;
        int blue = 0;
        for (int x = from; x < from + EDGE; x++) {
            int at = picture.getRGB(x, y);
            red += at >> 16 & 255;
            green += at >> 8 & 255;
            blue += at & 255;
        }
        return red / EDGE << 16 | green / EDGE << 8 | blue / EDGE;
    }

    private static int differs(int one, int other) {
        return Math.abs((one >> 16 & 255) - (other >> 16 & 255))
                + Math.abs((one >> 8 & 255) - (other >> 8 & 255))
                + Math.abs((one & 255) - (other & 255));
    }
}
