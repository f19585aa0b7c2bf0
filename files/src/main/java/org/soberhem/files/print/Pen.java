package org.soberhem.files.print;

import java.awt.Color;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Cubic;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;

/** Draws in millimetres, y down, on one page of a PDF. */
final class Pen implements AutoCloseable {

    private static final double POINTS = 72 / 25.4;

    private final PDPageContentStream stream;
    private final double pageHeight;
    private final PDFont font;
    private double shiftX;
    private double shiftY;
    private double factor = 1;

    private Pen(PDPageContentStream stream, double pageHeight, PDFont font) {
        this.stream = stream;
        this.pageHeight = pageHeight;
        this.font = font;
    }

    /** Loads the font that has real fractions. */
    static PDFont font(PDDocument document) {
        try (InputStream in = Pen.class.getResourceAsStream("/fonts/IBMPlexSans_400Regular.ttf")) {
            return PDType0Font.load(document, in);
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot load the font for printing", broken);
        }
    }

    /** Adds a page and takes the pen to it. */
    static Pen onNewPage(PDDocument document, double width, double height, PDFont font) {
        PDPage page = new PDPage(new PDRectangle((float) (width * POINTS), (float) (height * POINTS)));
        document.addPage(page);
        try {
            return new Pen(new PDPageContentStream(document, page), height, font);
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot begin a page", broken);
        }
    }

    private interface Stroke {
        void draw() throws IOException;
    }

    private static void run(Stroke stroke) {
        try {
            stroke.draw();
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot draw on the page", broken);
        }
    }

    /** From here on shows only what lies in a box of the page; places are multiplied by a factor, then moved. */
    void within(Box page, double moveX, double moveY, double magnified) {
        run(() -> {
            stream.saveGraphicsState();
            stream.addRect(
                    x(page.minX()), y(page.maxY()), (float) (page.width() * POINTS), (float) (page.height() * POINTS));
            stream.clip();
        });
        shiftX = moveX;
        shiftY = moveY;
        factor = magnified;
    }

    /** Ends {@link #within}. */
    void everywhere() {
        shiftX = 0;
        shiftY = 0;
        factor = 1;
        run(stream::restoreGraphicsState);
    }

    /**
     * Chooses a line.
     *
     * @param width in millimetres
     * @param dashes lengths drawn and left out, in millimetres; none for an unbroken line
     */
    Pen line(double width, double... dashes) {
        run(() -> {
            stream.setLineWidth((float) (width * POINTS));
            float[] pattern = new float[dashes.length];
            for (int i = 0; i < dashes.length; i++) {
                pattern[i] = (float) (dashes[i] * POINTS);
            }
            stream.setLineDashPattern(pattern, 0);
        });
        return this;
    }

    void stroke(Path path) {
        run(() -> {
            move(path.start());
            for (Segment segment : path.segments()) {
                if (segment instanceof Cubic cubic) {
                    stream.curveTo(
                            sx(cubic.first()),
                            sy(cubic.first()),
                            sx(cubic.second()),
                            sy(cubic.second()),
                            sx(cubic.end()),
                            sy(cubic.end()));
                } else {
                    stream.lineTo(sx(segment.end()), sy(segment.end()));
                }
            }
            stream.stroke();
        });
    }

    void polygon(List<Point> corners, boolean filled) {
        run(() -> {
            trace(corners);
            if (filled) {
                stream.fill();
            } else {
                stream.closeAndStroke();
            }
        });
    }

    /** Fills what lies within an odd number of borders; a colour that is not opaque lets through what lies beneath. */
    void wash(List<List<Point>> borders, Color colour) {
        run(() -> {
            stream.saveGraphicsState();
            PDExtendedGraphicsState clear = new PDExtendedGraphicsState();
            clear.setNonStrokingAlphaConstant(colour.getAlpha() / 255f);
            stream.setGraphicsStateParameters(clear);
            stream.setNonStrokingColor(colour);
            for (List<Point> border : borders) {
                trace(border);
                stream.closePath();
            }
            stream.fillEvenOdd();
            stream.restoreGraphicsState();
        });
    }

    /** Chooses an unbroken line of a colour; width in millimetres. */
    void ink(double width, Color colour) {
        line(width);
        run(() -> stream.setStrokingColor(colour));
    }

    void polyline(List<Point> points) {
        run(() -> {
            trace(points);
            stream.stroke();
        });
    }

    private void trace(List<Point> points) throws IOException {
        move(points.get(0));
        for (Point point : points.subList(1, points.size())) {
            stream.lineTo(sx(point), sy(point));
        }
    }

    void line(Point from, Point to) {
        run(() -> {
            move(from);
            stream.lineTo(sx(to), sy(to));
            stream.stroke();
        });
    }

    void picture(PDImageXObject picture, double x, double y, double width, double height) {
        run(() -> stream.drawImage(picture, x(x), y(y + height), (float) (width * POINTS), (float) (height * POINTS)));
    }

    /** Writes from a place to the right; {@code size} is the height of the letters' body, in millimetres. */
    void text(String words, double x, double y, double size) {
        run(() -> {
            stream.beginText();
            stream.setFont(font, (float) (size * POINTS));
            stream.newLineAtOffset(sx(new Point(x, y)), sy(new Point(x, y)));
            stream.showText(printable(words));
            stream.endText();
        });
    }

    /** Returns how wide a text is, in millimetres. */
    double width(String words, double size) {
        try {
            return font.getStringWidth(printable(words)) / 1000 * size;
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot measure a text", broken);
        }
    }

    /** Replaces letters that the font lacks, so that one odd name does not stop the printing. */
    private String printable(String words) {
        StringBuilder kept = new StringBuilder();
        words.codePoints().forEach(letter -> {
            String one = new String(Character.toChars(letter));
            try {
                font.encode(one);
                kept.append(one);
            } catch (IOException | IllegalArgumentException missing) {
                kept.append('?');
            }
        });
        return kept.toString();
    }

    private void move(Point to) throws IOException {
        stream.moveTo(sx(to), sy(to));
    }

    private float sx(Point at) {
        return x(at.x() * factor + shiftX);
    }

    private float sy(Point at) {
        return y(at.y() * factor + shiftY);
    }

    private float x(double millimetres) {
        return (float) (millimetres * POINTS);
    }

    private float y(double millimetres) {
        return (float) ((pageHeight - millimetres) * POINTS);
    }

    @Override
    public void close() {
        run(stream::close);
    }
}
