package org.soberhem.files.device;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.soberhem.core.geometry.Alignment;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;

/**
 * A page with a gridded plate on it and a camera that photographs it askew: neither is there. What lies where on the
 * picture is known, so that tracing it can be shown and tested.
 */
public final class PlateCamera {

    private static final double FLATNESS = 0.05;
    private static final int GAP = 2;
    private static final Color TABLE = new Color(122, 104, 84);
    private static final Color PAGE = new Color(240, 233, 214);
    private static final Color GRID = new Color(168, 172, 166);
    private static final Color INK = new Color(40, 34, 32);

    private PlateCamera() {}

    /**
     * A plate: pieces on a grid, at the size of the finished pattern.
     *
     * @param pieces where each lies
     * @param across squares from left to right
     * @param down squares from above to below
     * @param square side of a square, in millimetres
     */
    public record Plate(List<Placed> pieces, int across, int down, double square) {

        public double wide() {
            return across * square;
        }

        public double high() {
            return down * square;
        }
    }

    /** A piece and how far it lies from where its sheet has it. */
    public record Placed(Piece piece, Point shift) {}

    /**
     * How the page is seen.
     *
     * @param back how far its upper edge leans away, in degrees
     * @param aside how far its right edge leans away, in degrees
     * @param turn how far it is turned clockwise, in degrees
     * @param grain noise of the sensor, in levels of 255
     * @param seed of the noise
     */
    public record Tilt(double back, double aside, double turn, double grain, long seed) {

        public static final Tilt NONE = new Tilt(0, 0, 0, 0, 1);
    }

    /** Lays the pieces of a pattern, as worn on the left, side by side on whole squares. */
    public static Plate plate(Pattern pattern, double square) {
        List<Placed> pieces = new ArrayList<>();
        int across = GAP;
        int down = 0;
        for (String name : pattern.names()) {
            Piece piece = pattern.piece(name, Side.LEFT).orElseThrow();
            Box box = piece.seamLine().box();
            pieces.add(
                    new Placed(piece, new Point(across * square - box.minX(), GAP * square - square / 2 - box.minY())));
            across += (int) Math.ceil(box.width() / square) + GAP;
            down = Math.max(down, (int) Math.ceil(box.height() / square));
        }
        return new Plate(pieces, across, down + 2 * GAP, square);
    }

    /**
     * Returns where a place of the plate, in millimetres from its corner above at the left, lies on the picture, in
     * pixels.
     */
    public static Alignment seen(Plate plate, Tilt tilt, int pixels) {
        List<Point> corners = List.of(
                Point.ORIGIN,
                new Point(plate.wide(), 0),
                new Point(plate.wide(), plate.high()),
                new Point(0, plate.high()));
        double far = 2.2 * Math.max(plate.wide(), plate.high());
        List<Point> thrown = corners.stream()
                .map(at -> thrown(at.minus(new Point(plate.wide() / 2, plate.high() / 2)), tilt, far))
                .toList();
        Box box = Box.round(thrown);
        double scale = Math.min(0.94 * pixels / box.width(), 0.94 * high(pixels) / box.height());
        Point middle = box.middle();
        Point frame = new Point(pixels / 2.0, high(pixels) / 2.0);
        return Alignment.perspective(
                corners,
                thrown.stream()
                        .map(at -> at.minus(middle).times(scale).plus(frame))
                        .toList());
    }

    /** A picture is three quarters as high as it is wide. */
    private static int high(int pixels) {
        return pixels * 3 / 4;
    }

    /** A camera with a small hole, straight before the middle of the page. */
    private static Point thrown(Point at, Tilt tilt, double far) {
        double turn = Math.toRadians(tilt.turn());
        double x = at.x() * StrictMath.cos(turn) - at.y() * StrictMath.sin(turn);
        double y = at.x() * StrictMath.sin(turn) + at.y() * StrictMath.cos(turn);
        double back = Math.toRadians(tilt.back());
        double aside = Math.toRadians(tilt.aside());
        double depth = far - y * StrictMath.sin(back) + x * StrictMath.sin(aside);
        return new Point(x * StrictMath.cos(aside) * far / depth, y * StrictMath.cos(back) * far / depth);
    }

    /**
     * Takes the picture.
     *
     * @param pixels width of the picture
     */
    public static BufferedImage photograph(Plate plate, Tilt tilt, int pixels) {
        Alignment seen = seen(plate, tilt, pixels);
        BufferedImage picture = new BufferedImage(pixels, high(pixels), BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = picture.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        pen.setColor(TABLE);
        pen.fillRect(0, 0, pixels, high(pixels));
        pen.setColor(PAGE);
        double edge = plate.square() * 0.6;
        pen.fill(drawn(
                List.of(
                        new Point(-edge, -edge),
                        new Point(plate.wide() + edge, -edge),
                        new Point(plate.wide() + edge, plate.high() + edge),
                        new Point(-edge, plate.high() + edge)),
                seen));
        grid(pen, plate, seen, pixels);
        pen.setColor(INK);
        pen.setStroke(new BasicStroke(pixels / 900f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        for (Placed placed : plate.pieces()) {
            for (Edge each : placed.piece().edges()) {
                List<Point> line = each.path().flattened(FLATNESS).stream()
                        .map(at -> at.plus(placed.shift()))
                        .toList();
                for (int i = 1; i < line.size(); i++) {
                    pen.draw(line(line.get(i - 1), line.get(i), seen));
                }
            }
            Box box = placed.piece().seamLine().box();
            Point middle = seen.of(new Point(box.middle().x(), box.minY() + 0.75 * box.height()).plus(placed.shift()));
            pen.setFont(new Font(Font.SERIF, Font.ITALIC, pixels / 60));
            pen.drawString(placed.piece().name(), (float) middle.x() - pixels / 50f, (float) middle.y());
        }
        pen.dispose();
        grain(picture, tilt);
        return picture;
    }

    private static void grid(Graphics2D pen, Plate plate, Alignment seen, int pixels) {
        pen.setColor(GRID);
        for (int i = 0; i <= plate.across(); i++) {
            pen.setStroke(new BasicStroke((i % 5 == 0 ? 1.6f : 0.9f) * pixels / 1600));
            double x = i * plate.square();
            pen.draw(line(new Point(x, 0), new Point(x, plate.high()), seen));
        }
        for (int i = 0; i <= plate.down(); i++) {
            pen.setStroke(new BasicStroke((i % 5 == 0 ? 1.6f : 0.9f) * pixels / 1600));
            double y = i * plate.square();
            pen.draw(line(new Point(0, y), new Point(plate.wide(), y), seen));
        }
    }

    private static Line2D line(Point from, Point to, Alignment seen) {
        Point a = seen.of(from);
        Point b = seen.of(to);
        return new Line2D.Double(a.x(), a.y(), b.x(), b.y());
    }

    private static Path2D drawn(List<Point> corners, Alignment seen) {
        Path2D path = new Path2D.Double();
        Point first = seen.of(corners.get(0));
        path.moveTo(first.x(), first.y());
        for (Point corner : corners.subList(1, corners.size())) {
            Point at = seen.of(corner);
            path.lineTo(at.x(), at.y());
        }
        path.closePath();
        return path;
    }

    /** Light falls off towards one corner, and the sensor is not quiet. */
    private static void grain(BufferedImage picture, Tilt tilt) {
        Random noise = new Random(tilt.seed());
        int wide = picture.getWidth();
        int high = picture.getHeight();
        for (int y = 0; y < high; y++) {
            for (int x = 0; x < wide; x++) {
                double light = 1.02 - 0.16 * x / wide - 0.1 * y / high;
                double more = tilt.grain() == 0 ? 0 : noise.nextGaussian() * tilt.grain();
                int rgb = picture.getRGB(x, y);
                picture.setRGB(
                        x,
                        y,
                        level((rgb >> 16 & 255) * light + more) << 16
                                | level((rgb >> 8 & 255) * light + more) << 8
                                | level((rgb & 255) * light + more));
            }
        }
    }

    private static int level(double value) {
        return (int) Math.max(0, Math.min(255, Math.round(value)));
    }
}
