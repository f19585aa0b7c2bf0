package org.soberhem.files.exchange;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.plate.LineWeight;
import org.soberhem.core.plate.Plate;
import org.soberhem.files.print.PlateInk;

/** Writes a plate as SVG, one unit a millimetre of the wearer: a drawing to read, not a pattern. */
public final class PlateSvg {

    private static final double MARGIN = 60;
    private static final double LABELS = 300;
    private static final int TEXT = 32;

    private PlateSvg() {}

    /**
     * Returns the drawing, its areas and lines in groups named after what they are, the period's outline above them.
     *
     * @param levels heights that are written beside it, by name, millimetres; in their order
     */
    public static String write(Plate plate, List<Path> bands, Map<String, Double> levels, LengthFormat format) {
        Box box = PlateInk.box(plate, bands);
        StringBuilder svg = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"%.1f %.1f %.1f %.1f\">%n",
                box.minX() - MARGIN - LABELS,
                box.minY() - MARGIN,
                box.width() + 2 * MARGIN + LABELS,
                box.height() + 2 * MARGIN));
        levels(svg, box, levels, format);
        for (Plate.Wash wash : plate.washes()) {
            StringBuilder path = new StringBuilder();
            wash.borders().forEach(border -> path.append(line(border)).append('Z'));
            svg.append(String.format(
                    Locale.ROOT,
                    "<path class=\"%s tone-%d\" fill-rule=\"evenodd\" fill=\"%s\" fill-opacity=\"%.2f\" d=\"%s\"/>%n",
                    wash.material().name().toLowerCase(Locale.ROOT),
                    wash.tone(),
                    hex(PlateInk.fill(wash)),
                    PlateInk.fill(wash).getAlpha() / 255.0,
                    path));
        }
        for (LineWeight weight : LineWeight.values()) {
            svg.append(String.format(
                    Locale.ROOT,
                    "<g class=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\"%.1f\" stroke-linecap=\"round\" "
                            + "stroke-linejoin=\"round\">%n",
                    weight.name().toLowerCase(Locale.ROOT),
                    hex(PlateInk.colour(weight)),
                    PlateInk.width(weight)));
            plate.strokes().stream()
                    .filter(stroke -> stroke.weight() == weight)
                    .forEach(stroke -> svg.append("<path d=\"")
                            .append(line(stroke.points()))
                            .append("\"/>\n"));
            svg.append("</g>\n");
        }
        svg.append("<g class=\"outline\" fill=\"#27568a\" fill-opacity=\"0.16\" stroke=\"#27568a\" stroke-width=\"3\" "
                + "stroke-dasharray=\"14 9\">\n");
        bands.forEach(band ->
                svg.append("<path d=\"").append(line(band.flattened(0.5))).append("Z\"/>\n"));
        return svg.append("</g>\n</svg>\n").toString();
    }

    /** Each level a dashed line behind the figure, its name and height at the left. */
    private static void levels(StringBuilder svg, Box box, Map<String, Double> levels, LengthFormat format) {
        svg.append("<g class=\"levels\" stroke=\"#b3a791\" stroke-width=\"1.2\" stroke-dasharray=\"6 8\" font-size=\"")
                .append(TEXT)
                .append("\" font-family=\"sans-serif\">\n");
        double left = box.minX() - LABELS;
        double taken = Double.NEGATIVE_INFINITY;
        for (Map.Entry<String, Double> level : levels.entrySet()) {
            double y = -level.getValue();
            taken = Math.max(y, taken + TEXT * 1.2);
            svg.append(String.format(
                    Locale.ROOT,
                    "<path fill=\"none\" d=\"M%.1f %.1fH%.1f\"/><text stroke=\"none\" fill=\"#6a5f4e\" x=\"%.1f\" y=\"%.1f\">%s</text>%n",
                    box.minX() - MARGIN / 2,
                    y,
                    box.maxX() + MARGIN / 2,
                    left,
                    taken + TEXT * 0.35,
                    level.getKey() + " " + format.format(level.getValue())));
        }
        svg.append("</g>\n");
    }

    private static String hex(java.awt.Color colour) {
        return String.format("#%06x", colour.getRGB() & 0xffffff);
    }

    private static String line(List<Point> points) {
        StringBuilder line = new StringBuilder();
        for (Point point : points) {
            line.append(String.format(Locale.ROOT, "%s%.1f %.1f", line.isEmpty() ? "M" : "L", point.x(), point.y()));
        }
        return line.toString();
    }
}
