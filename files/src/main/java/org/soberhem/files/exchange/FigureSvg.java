package org.soberhem.files.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.soberhem.core.figure.FigurePlate;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Cubic;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;

/** Writes a figure as SVG, one unit a millimetre of the wearer: a drawing to read, not a pattern. */
public final class FigureSvg {

    private static final double MARGIN = 60;

    private FigureSvg() {}

    /** Returns the drawing with its parts as groups named after what they are, and the period's outline above them. */
    public static String write(FigurePlate plate, List<Path> bands) {
        List<Point> places = new ArrayList<>();
        plate.parts().forEach(part -> part.shapes().forEach(shape -> places.addAll(shape.flattened(2))));
        bands.forEach(band -> places.addAll(band.flattened(2)));
        Box box = Box.round(places);
        StringBuilder svg = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"%.1f %.1f %.1f %.1f\">%n",
                box.minX() - MARGIN,
                box.minY() - MARGIN,
                box.width() + 2 * MARGIN,
                box.height() + 2 * MARGIN));
        for (FigurePlate.Part part : plate.parts()) {
            String fill = part.kind() == FigurePlate.Kind.BODY ? "#ffffff" : "#e6ebe8";
            svg.append("<g class=\"")
                    .append(part.kind().name().toLowerCase(Locale.ROOT))
                    .append("\" stroke-linejoin=\"round\">\n");
            part.shapes().forEach(shape -> shape(svg, shape, "fill=\"none\" stroke=\"#16202e\" stroke-width=\"9\""));
            part.shapes().forEach(shape -> shape(svg, shape, "fill=\"" + fill + "\" stroke=\"none\""));
            svg.append("</g>\n");
        }
        svg.append("<g class=\"outline\" fill=\"#27568a\" fill-opacity=\"0.16\" stroke=\"#27568a\" stroke-width=\"3\" "
                + "stroke-dasharray=\"14 9\">\n");
        bands.forEach(band -> shape(svg, band, ""));
        return svg.append("</g>\n</svg>\n").toString();
    }

    private static void shape(StringBuilder svg, Path path, String style) {
        svg.append("<path d=\"M").append(place(path.start()));
        for (Segment segment : path.segments()) {
            if (segment instanceof Cubic cubic) {
                svg.append(" C")
                        .append(place(cubic.first()))
                        .append(' ')
                        .append(place(cubic.second()))
                        .append(' ')
                        .append(place(cubic.end()));
            } else {
                svg.append(" L").append(place(segment.end()));
            }
        }
        svg.append(" Z\" ").append(style).append("/>\n");
    }

    private static String place(Point at) {
        return String.format(Locale.ROOT, "%.2f %.2f", at.x(), at.y());
    }
}
