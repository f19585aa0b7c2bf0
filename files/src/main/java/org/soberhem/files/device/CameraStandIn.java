package org.soberhem.files.device;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.Random;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.plate.Solid;
import org.soberhem.files.print.PlateInk;

/**
 * A camera that is not there: it photographs a dressed figure before a plain wall, with pose, lens and light as wanted,
 * so that pictures can be shown, compared and tested without one. The same shot gives the same picture.
 */
public final class CameraStandIn {

    private static final int WIDE = 900;
    private static final int HIGH = 1200;

    /** The figure fills so much of the height. */
    public static final double FILLS = 0.84;

    /** The floor lies at so much of the height, from above. */
    public static final double FLOOR = 0.93;

    private static final Color SKIN = new Color(214, 178, 152);
    private static final Color UNDER = new Color(232, 228, 218);
    private static final Color SKIRT = new Color(88, 96, 118);
    private static final Color SHADE = new Color(20, 16, 12, 26);
    private static final Color UPPER = new Color(150, 62, 60);

    /**
     * How a picture is taken.
     *
     * @param lean how far the wearer leans to the right of the picture, in degrees
     * @param turn how much narrower the wearer is seen for having turned a little, in degrees
     * @param distortion how much the lens bends straight lines outward, as a share of the picture at its corner
     * @param closeness how much larger the head is than the feet for a camera held high and near, as a share
     * @param light from where it comes, in degrees: -90 from the left, 0 from the front, 90 from the right
     * @param brightness 1 for a well-lit picture
     * @param grain noise of the sensor, in levels of 255
     * @param seed of the noise
     */
    public record Shot(
            double lean,
            double turn,
            double distortion,
            double closeness,
            double light,
            double brightness,
            double grain,
            long seed) {

        /** Straight on, evenly lit, without noise. */
        public static final Shot PLAIN = new Shot(0, 0, 0, 0, -30, 1, 0, 1);

        /** As a friend takes it in a hurry. */
        public static final Shot CASUAL = new Shot(1.2, 12, 0.012, 0.015, -50, 0.92, 5, 7);
    }

    private CameraStandIn() {}

    /**
     * Takes a picture.
     *
     * @param plate the figure
     * @param height of the wearer, in millimetres
     */
    public static BufferedImage photograph(Plate plate, double height, Shot shot) {
        BufferedImage scene = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = scene.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        wall(pen);
        double scale = HIGH * FILLS / height;
        AffineTransform place = new AffineTransform();
        place.translate(WIDE / 2.0, HIGH * FLOOR);
        place.rotate(Math.toRadians(shot.lean()));
        place.scale(scale * StrictMath.cos(Math.toRadians(shot.turn())), scale);
        shadow(pen, plate, place, shot);
        for (Plate.Wash wash : plate.washes()) {
            Shape area = place.createTransformedShape(PlateInk.area(wash));
            if (wash.tone() == 0) {
                paint(pen, area, wash.material(), shot);
            } else {
                pen.setPaint(SHADE);
                pen.fill(area);
            }
        }
        pen.dispose();
        return developed(scene, shot);
    }

    private static void wall(Graphics2D pen) {
        pen.setPaint(new GradientPaint(0, 0, new Color(205, 208, 205), 0, HIGH, new Color(186, 188, 182)));
        pen.fill(new Rectangle2D.Double(0, 0, WIDE, HIGH));
        pen.setPaint(new Color(158, 150, 138));
        pen.fill(new Rectangle2D.Double(0, HIGH * FLOOR, WIDE, HIGH * (1 - FLOOR)));
    }

    /** A soft shadow on the floor, away from the light. */
    private static void shadow(Graphics2D pen, Plate plate, AffineTransform place, Shot shot) {
        Rectangle2D box = null;
        for (Plate.Wash wash : plate.washes()) {
            Rectangle2D each = place.createTransformedShape(PlateInk.area(wash)).getBounds2D();
            box = box == null ? each : box.createUnion(each);
        }
        double away = -StrictMath.sin(Math.toRadians(shot.light())) * box.getWidth() * 0.2;
        for (int i = 8; i > 0; i--) {
            double wide = box.getWidth() * (0.5 + i * 0.06);
            double deep = 10 + i * 3.0;
            pen.setPaint(new Color(40, 36, 30, 12));
            pen.fill(new Ellipse2D.Double(box.getCenterX() + away - wide / 2, HIGH * FLOOR - deep / 3, wide, deep));
        }
    }

    private static void paint(Graphics2D pen, Shape area, Solid.Material material, Shot shot) {
        Color colour = switch (material) {
            case BODY -> SKIN;
            case UNDER -> UNDER;
            case SKIRT -> SKIRT;
            case TRUNK, SLEEVE -> UPPER;
        };
        Rectangle2D box = area.getBounds2D();
        double side = StrictMath.sin(Math.toRadians(shot.light()));
        // What faces the light is bright, what turns from it dark; from the front both edges fall off alike.
        pen.setPaint(new GradientPaint(
                (float) box.getMinX(),
                0,
                lit(colour, 0.82 - 0.28 * side),
                (float) box.getMaxX(),
                0,
                lit(colour, 0.82 + 0.28 * side)));
        pen.fill(area);
        if (material == Solid.Material.SKIRT) {
            folds(pen, area, box, colour);
        }
        pen.setStroke(new BasicStroke(1.2f));
        pen.setPaint(lit(colour, 0.6));
        pen.draw(area);
    }

    /** Folds of a skirt: soft dark lines from the waist to the hem. */
    private static void folds(Graphics2D pen, Shape area, Rectangle2D box, Color colour) {
        Shape clip = pen.getClip();
        pen.setClip(area);
        pen.setStroke(new BasicStroke(5f));
        Color dark = lit(colour, 0.72);
        pen.setPaint(new Color(dark.getRed(), dark.getGreen(), dark.getBlue(), 90));
        for (int i = -3; i <= 3; i++) {
            double top = box.getCenterX() + i * box.getWidth() * 0.045;
            double hem = box.getCenterX() + i * box.getWidth() * 0.15;
            pen.draw(new Line2D.Double(top, box.getMinY(), hem, box.getMaxY()));
        }
        pen.setClip(clip);
    }

    private static Color lit(Color colour, double by) {
        return new Color(level(colour.getRed() * by), level(colour.getGreen() * by), level(colour.getBlue() * by));
    }

    private static int level(double value) {
        return (int) Math.max(0, Math.min(255, Math.round(value)));
    }

    /** What lens, light and sensor make of the scene. */
    private static BufferedImage developed(BufferedImage scene, Shot shot) {
        BufferedImage picture = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Random noise = new Random(shot.seed());
        double middleX = WIDE / 2.0;
        double middleY = HIGH / 2.0;
        double corner = middleX * middleX + middleY * middleY;
        for (int y = 0; y < HIGH; y++) {
            for (int x = 0; x < WIDE; x++) {
                double dx = x - middleX;
                double dy = y - middleY;
                double bend = 1 + shot.distortion() * (dx * dx + dy * dy) / corner;
                double near = 1 + shot.closeness() * dy / middleY;
                int from = scene.getRGB(clamp(middleX + dx * bend * near, WIDE), clamp(middleY + dy * bend, HIGH));
                double grain = shot.grain() == 0 ? 0 : noise.nextGaussian() * shot.grain();
                int red = level((from >> 16 & 255) * shot.brightness() + grain);
                int green = level((from >> 8 & 255) * shot.brightness() + grain);
                int blue = level((from & 255) * shot.brightness() + grain);
                picture.setRGB(x, y, red << 16 | green << 8 | blue);
            }
        }
        return picture;
    }

    private static int clamp(double at, int size) {
        return (int) Math.max(0, Math.min(size - 1, Math.round(at)));
    }
}
