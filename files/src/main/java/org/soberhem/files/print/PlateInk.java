package org.soberhem.files.print;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.plate.LineWeight;
import org.soberhem.core.plate.Plate;

/** Colours and widths of a plate on paper, in millimetres of the wearer, and the plate as a picture. */
public final class PlateInk {

    private static final double MARGIN = 60;
    private static final Color PAPER = new Color(0xfcf9f2);

    private PlateInk() {}

    /** Returns the colour of an area; shades lie over the ground. */
    public static Color fill(Plate.Wash wash) {
        if (wash.tone() > 0) {
            return new Color(84, 66, 40, 22);
        }
        return switch (wash.material()) {
            case BODY -> new Color(0xf6efe3);
            case UNDER -> new Color(0xf1efe8);
            case SKIRT -> new Color(0xdfe4e2);
            case TRUNK, SLEEVE -> new Color(0xe8e0d6);
        };
    }

    public static Color colour(LineWeight weight) {
        return switch (weight) {
            case OUTLINE -> new Color(0x241f18);
            case SEAM -> new Color(0x6a5f4e);
            case LEVEL -> new Color(0xb3a791);
            case HATCH -> new Color(0x9d917d);
            case TAPE -> new Color(0xa4372f);
            case PULL -> new Color(0xb5482a);
        };
    }

    /** Returns the width of a line, millimetres of the wearer. */
    public static double width(LineWeight weight) {
        return switch (weight) {
            case OUTLINE -> 3.4;
            case SEAM -> 2;
            case LEVEL -> 1.2;
            case HATCH -> 1.1;
            case TAPE -> 4.2;
            case PULL -> 1.6;
        };
    }

    /** Returns the least box round a plate and what is laid over it. */
    public static Box box(Plate plate, List<Path> bands) {
        List<Point> places = new ArrayList<>();
        plate.washes().forEach(wash -> wash.borders().forEach(places::addAll));
        bands.forEach(band -> places.addAll(band.flattened(4)));
        return Box.round(places);
    }

    /** Returns plates side by side on one floor, so many dots a millimetre. */
    public static BufferedImage picture(List<Plate> plates, double dots) {
        List<Box> boxes = plates.stream().map(plate -> box(plate, List.of())).toList();
        double width =
                boxes.stream().mapToDouble(box -> box.width() + 2 * MARGIN).sum();
        double above = boxes.stream().mapToDouble(box -> -box.minY()).max().orElseThrow() + MARGIN;
        double below = boxes.stream()
                        .mapToDouble(box -> box.minY() + box.height())
                        .max()
                        .orElseThrow()
                + MARGIN;
        BufferedImage picture = new BufferedImage(
                (int) Math.ceil(width * dots), (int) Math.ceil((above + below) * dots), BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = picture.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        pen.setColor(PAPER);
        pen.fillRect(0, 0, picture.getWidth(), picture.getHeight());
        pen.scale(dots, dots);
        double left = 0;
        for (int i = 0; i < plates.size(); i++) {
            Graphics2D own = (Graphics2D) pen.create();
            own.translate(left + MARGIN - boxes.get(i).minX(), above);
            draw(own, plates.get(i));
            own.dispose();
            left += boxes.get(i).width() + 2 * MARGIN;
        }
        pen.dispose();
        return picture;
    }

    private static void draw(Graphics2D pen, Plate plate) {
        for (Plate.Wash wash : plate.washes()) {
            pen.setColor(fill(wash));
            pen.fill(area(wash));
        }
        for (Plate.Stroke stroke : plate.strokes()) {
            pen.setColor(colour(stroke.weight()));
            pen.setStroke(
                    new BasicStroke((float) width(stroke.weight()), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            Path2D line = new Path2D.Double();
            append(line, stroke.points());
            pen.draw(line);
        }
    }

    /** Returns an area as a shape, its holes left out. */
    public static Path2D area(Plate.Wash wash) {
        Path2D area = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        for (List<Point> border : wash.borders()) {
            append(area, border);
            area.closePath();
        }
        return area;
    }

    private static void append(Path2D path, List<Point> points) {
        path.moveTo(points.get(0).x(), points.get(0).y());
        points.stream().skip(1).forEach(point -> path.lineTo(point.x(), point.y()));
    }
}
