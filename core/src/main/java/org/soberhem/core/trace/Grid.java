package org.soberhem.core.trace;

import java.util.List;
import org.soberhem.core.geometry.Alignment;
import org.soberhem.core.geometry.Point;

/**
 * How places on a picture become places on paper.
 *
 * @param way by which marks
 * @param marks on the picture, in shares of its width: four corners clockwise from the one above at the left, or two
 *     ends of a line that runs across
 * @param across how many squares lie between the marks from left to right
 * @param down how many from above to below; 0 for two points
 * @param square what the side of a square is worth on the finished pattern, in millimetres
 */
public record Grid(Way way, List<Point> marks, int across, int down, double square) {

    /** No picture: places are millimetres on paper already. */
    public static final Grid PAPER = new Grid(Way.PAPER, List.of(), 0, 0, 0);

    /** Three corners nearer to one line than this, as the sine of their angle, do not hold a perspective. */
    private static final double FLAT = 0.05;

    /** Marks nearer to each other, in shares of the picture's width, are on one spot. */
    private static final double SPOT = 0.005;

    private static final int MOST_SQUARES = 1000;

    /** How a picture is brought to scale. */
    public enum Way {
        PAPER,
        TWO_POINTS,
        FOUR_CORNERS;

        /** Returns how many marks it needs. */
        public int marks() {
            return switch (this) {
                case PAPER -> 0;
                case TWO_POINTS -> 2;
                case FOUR_CORNERS -> 4;
            };
        }
    }

    public Grid {
        marks = List.copyOf(marks);
    }

    /** Returns the grid with other marks. */
    public Grid marked(List<Point> others) {
        return new Grid(way, others, across, down, square);
    }

    /**
     * Returns what lays the picture on paper, in millimetres, with the first mark at 0, 0.
     *
     * @throws IllegalArgumentException if the marks do not determine it; the message says what is wrong and what to do
     */
    public Alignment paper() {
        if (way == Way.PAPER) {
            List<Point> unit = List.of(Point.ORIGIN, new Point(1, 0));
            return Alignment.similar(unit, unit);
        }
        if (marks.size() < way.marks()) {
            throw new IllegalArgumentException(
                    "The grid needs " + way.marks() + " marks: " + marks.size() + " are set. Tap "
                            + (way == Way.TWO_POINTS ? "the two ends of a line across" : "its four corners"));
        }
        if (!(square > 0.1 && square < 10_000)) {
            throw new IllegalArgumentException(
                    "Say what one square is worth, such as 1 in: it must be more than 0.1 mm and less than 10 m");
        }
        require(across, "across");
        apart();
        if (way == Way.TWO_POINTS) {
            return Alignment.similar(marks.subList(0, 2), List.of(Point.ORIGIN, new Point(across * square, 0)));
        }
        require(down, "down");
        inTurn();
        double wide = across * square;
        double high = down * square;
        return Alignment.perspective(
                marks.subList(0, 4),
                List.of(Point.ORIGIN, new Point(wide, 0), new Point(wide, high), new Point(0, high)));
    }

    private static void require(int squares, String way) {
        if (squares < 1 || squares > MOST_SQUARES) {
            throw new IllegalArgumentException(
                    "Between the marks there must be 1 to " + MOST_SQUARES + " squares " + way + ": " + squares);
        }
    }

    private void apart() {
        for (int i = 0; i < way.marks(); i++) {
            for (int j = 0; j < i; j++) {
                if (marks.get(i).distanceTo(marks.get(j)) < SPOT) {
                    throw new IllegalArgumentException(
                            "Marks " + (j + 1) + " and " + (i + 1) + " lie on one spot: move one of them far away");
                }
            }
        }
    }

    /** The corners must go round clockwise, with an angle at each. */
    private void inTurn() {
        int left = 0;
        for (int i = 0; i < 4; i++) {
            Point in = marks.get((i + 1) % 4).minus(marks.get(i)).unit();
            Point out = marks.get((i + 2) % 4).minus(marks.get((i + 1) % 4)).unit();
            double turn = in.cross(out);
            if (Math.abs(turn) < FLAT) {
                throw new IllegalArgumentException("Corners " + (i + 1) + ", " + ((i + 1) % 4 + 1) + " and "
                        + ((i + 2) % 4 + 1) + " lie nearly in one line: mark the four corners of a part of the grid");
            }
            left += turn < 0 ? 1 : 0;
        }
        if (left == 4) {
            throw new IllegalArgumentException(
                    "The corners go round the wrong way: mark left above, right above, right below, left below");
        }
        if (left != 0) {
            throw new IllegalArgumentException(
                    "The lines between the four corners cross or fold back: mark them in turn,"
                            + " left above, right above, right below, left below");
        }
    }
}
