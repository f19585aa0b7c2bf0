package org.soberhem.files.exchange;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.IllegalPathStateException;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.geometry.Cubic;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.Knot;
import org.soberhem.core.trace.TracedCopy;
import org.soberhem.core.trace.TracedPiece;
import org.soberhem.core.trace.Tracing;
import org.soberhem.library.input.FormatException;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

/** Reads the closed outlines of an SVG drawing at their true size. */
public final class SvgOutlines {

    /** More outlines than a garment has pieces, or an outline of more stretches, is no pattern. */
    private static final int MOST_OUTLINES = 200;

    private static final int MOST_STRETCHES = 20_000;

    /** Groups within groups; deeper is a trap. */
    private static final int DEEPEST = 40;

    private static final double NEAR = 1e-6;

    private static final double PER_INCH = 25.4;

    /**
     * One closed outline.
     *
     * @param name its class, its id, or a number
     * @param path in millimetres, y down
     */
    public record Traced(String name, Path path) {}

    private final List<Traced> found = new ArrayList<>();
    private final Set<String> names = new HashSet<>();

    private SvgOutlines() {}

    /**
     * Reads a drawing.
     *
     * @param text the document
     * @param unit how long one unit of the drawing is, in millimetres; empty to take it from the drawing's width
     * @throws FormatException if it is no drawing, its scale is not known, or it has no closed outline
     */
    public static List<Traced> read(String text, OptionalDouble unit) {
        Element root = root(text);
        double scale = unit.isPresent() ? unit.getAsDouble() : scale(root);
        if (!(scale > 0 && scale < 1000)) {
            throw new FormatException("One unit of the drawing must be more than 0 and less than a metre");
        }
        SvgOutlines reader = new SvgOutlines();
        reader.walk(root, AffineTransform.getScaleInstance(scale, scale), 0);
        if (reader.found.isEmpty()) {
            throw new FormatException(
                    "The drawing has no closed outline: close each piece's line, and convert text and symbols to paths");
        }
        return reader.found;
    }

    /** A piece called {@code front-size-12} is the front in size 12. */
    private static final Pattern SIZED = Pattern.compile("(.+)-size-(.+)");

    /**
     * Returns outlines as a tracing, with a corner wherever a line turns sharply.
     *
     * @param title what the tracing is called
     */
    public static Tracing tracing(String title, List<Traced> outlines) {
        List<TracedPiece> pieces = new ArrayList<>();
        for (Traced outline : outlines) {
            Matcher sized = SIZED.matcher(outline.name());
            TracedPiece piece = TracedPiece.begun(sized.matches() ? sized.group(1) : outline.name())
                    .cut(CutShape.PLAIN, 1, 0)
                    .with(knots(outline));
            pieces.add(sized.matches() ? piece.inSize(sized.group(2)) : piece);
        }
        return Tracing.begun(
                        Tracing.About.begun(title, Tracing.Kind.TRACED, SheetSource.guessed("traced from a drawing"))
                                .of("traced"),
                        Optional.empty(),
                        Grid.PAPER)
                .with(pieces);
    }

    private static List<Knot> knots(Traced outline) {
        try {
            return TracedCopy.of(outline.path());
        } catch (ArithmeticException folded) {
            throw new FormatException("The outline \"" + outline.name()
                    + "\" has no length somewhere or turns back onto itself: draw it as one closed line");
        }
    }

    private static Element root(String text) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
            factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
            factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
            factory.setExpandEntityReferences(false);
            var builder = factory.newDocumentBuilder();
            builder.setErrorHandler(null);
            Element root =
                    builder.parse(new InputSource(new StringReader(text))).getDocumentElement();
            if (!root.getTagName().endsWith("svg")) {
                throw new FormatException("This is not an SVG drawing: it begins with <" + root.getTagName() + ">");
            }
            return root;
        } catch (SAXException | IOException wrong) {
            throw new FormatException("This is not an SVG drawing: " + wrong.getMessage());
        } catch (ParserConfigurationException impossible) {
            throw new IllegalStateException("The reader of XML cannot be made safe", impossible);
        }
    }

    /** Millimetres of one unit: the stated width over the width of what is shown. */
    private static double scale(Element root) {
        String width = root.getAttribute("width").strip();
        String[] box = root.getAttribute("viewBox").strip().split("[ ,]+");
        double stated = millimetres(width);
        if (Double.isNaN(stated)) {
            throw new FormatException(
                    "The drawing does not say how large it is: give its width in mm, cm or in, or state how long one unit is");
        }
        double shown = box.length == 4 ? number(box[2]) : Double.NaN;
        return Double.isNaN(shown) ? stated / number(width.replaceAll("[a-z%]+$", "")) : stated / shown;
    }

    private static double millimetres(String length) {
        double number = number(length.replaceAll("[a-z%]+$", ""));
        return switch (length.replaceAll("^[-+0-9.eE]+", "")) {
            case "mm" -> number;
            case "cm" -> number * 10;
            case "in" -> number * PER_INCH;
            case "pt" -> number * PER_INCH / 72;
            default -> Double.NaN;
        };
    }

    private static double number(String text) {
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException none) {
            return Double.NaN;
        }
    }

    private void walk(Element element, AffineTransform placed, int depth) {
        if (depth > DEEPEST) {
            throw new FormatException("The drawing has groups in groups, more than " + DEEPEST + " deep: ungroup it");
        }
        AffineTransform here = new AffineTransform(placed);
        here.concatenate(transform(element));
        String tag = element.getTagName();
        switch (tag) {
            case "path" -> shape(element, element.getAttribute("d"), here);
            case "polygon" -> shape(element, "M" + element.getAttribute("points") + "Z", here);
            case "rect" -> rectangle(element, here);
            case "defs", "symbol", "clipPath", "mask", "pattern", "marker" -> {
                return;
            }
            default -> {
                for (Node child = element.getFirstChild(); child != null; child = child.getNextSibling()) {
                    if (child instanceof Element each) {
                        walk(each, here, depth + 1);
                    }
                }
            }
        }
    }

    private static AffineTransform transform(Element element) {
        String text = element.getAttribute("transform");
        if (text.isBlank()) {
            return new AffineTransform();
        }
        try {
            return AWTTransformProducer.createAffineTransform(text);
        } catch (ParseException wrong) {
            throw new FormatException("A transform of the drawing cannot be read: \"" + text + "\"");
        }
    }

    private void rectangle(Element element, AffineTransform here) {
        double x = Double.isNaN(number(element.getAttribute("x"))) ? 0 : number(element.getAttribute("x"));
        double y = Double.isNaN(number(element.getAttribute("y"))) ? 0 : number(element.getAttribute("y"));
        double width = number(element.getAttribute("width"));
        double height = number(element.getAttribute("height"));
        if (width > 0 && height > 0) {
            shape(element, "M" + x + "," + y + "h" + width + "v" + height + "h" + -width + "Z", here);
        }
    }

    private void shape(Element element, String data, AffineTransform here) {
        Shape shape;
        try {
            shape = AWTPathProducer.createShape(new StringReader(data), PathIterator.WIND_NON_ZERO);
        } catch (IOException | ParseException | IllegalPathStateException | NullPointerException wrong) {
            // The parser stumbles over lines that begin nowhere.
            throw new FormatException(
                    "A line of the drawing cannot be read: \"" + data.substring(0, Math.min(40, data.length())) + "\"");
        }
        List<Segment> segments = new ArrayList<>();
        double[] at = new double[6];
        Point start = Point.ORIGIN;
        Point pen = Point.ORIGIN;
        for (PathIterator steps = shape.getPathIterator(here); !steps.isDone(); steps.next()) {
            switch (steps.currentSegment(at)) {
                case PathIterator.SEG_MOVETO -> {
                    closed(element, segments, start, pen);
                    segments = new ArrayList<>();
                    start = new Point(at[0], at[1]);
                    pen = start;
                }
                case PathIterator.SEG_LINETO -> {
                    Point to = new Point(at[0], at[1]);
                    if (pen.distanceTo(to) > NEAR) {
                        segments.add(new LineSegment(pen, to));
                        pen = to;
                    }
                }
                case PathIterator.SEG_QUADTO -> {
                    Point to = new Point(at[2], at[3]);
                    segments.add(Cubic.towards(pen, new Point(at[0], at[1]), to, 2.0 / 3));
                    pen = to;
                }
                case PathIterator.SEG_CUBICTO -> {
                    Point to = new Point(at[4], at[5]);
                    segments.add(new Cubic(pen, new Point(at[0], at[1]), new Point(at[2], at[3]), to));
                    pen = to;
                }
                default -> {
                    if (pen.distanceTo(start) > NEAR) {
                        segments.add(new LineSegment(pen, start));
                        pen = start;
                    }
                }
            }
        }
        closed(element, segments, start, pen);
    }

    private void closed(Element element, List<Segment> segments, Point start, Point pen) {
        if (segments.size() < 2 || pen.distanceTo(start) > NEAR) {
            return;
        }
        if (found.size() >= MOST_OUTLINES || segments.size() > MOST_STRETCHES) {
            throw new FormatException("The drawing has more than " + MOST_OUTLINES + " outlines or one of more than "
                    + MOST_STRETCHES + " stretches: leave out what is no piece");
        }
        String wanted =
                element.getAttribute("class").isBlank() ? element.getAttribute("id") : element.getAttribute("class");
        String stem =
                wanted.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-+|-+$", "");
        if (stem.isEmpty() || !Character.isLetter(stem.charAt(0))) {
            stem = "piece";
        }
        String name = stem;
        for (int i = 2; !names.add(name); i++) {
            name = stem + "-" + i;
        }
        found.add(new Traced(name, new Path(segments)));
    }
}
