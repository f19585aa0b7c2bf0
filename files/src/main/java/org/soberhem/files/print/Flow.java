package org.soberhem.files.print;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.soberhem.core.garment.Sketch;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.plate.Plate;

/** Writes from the top of a page to its foot, then on the next. Millimetres throughout. */
final class Flow implements AutoCloseable {

    private static final double MARGIN = 16;
    private static final double LEADING = 1.3;

    /** Between pictures. */
    private static final double GUTTER = 4;

    /** Size of the words of a sketch. */
    private static final double WORDS = 3;

    private final PDDocument document;
    private final PDFont font;
    private final PaperSize paper;
    private Pen pen;
    private double y;

    Flow(PaperSize paper) {
        this(new PDDocument(), null, paper);
    }

    /** Adds pages to a document that is being written; it stays open when the flow is {@link #ended}. */
    Flow(PDDocument document, PDFont known, PaperSize paper) {
        this.document = document;
        this.paper = paper;
        font = known == null ? Pen.font(document) : known;
        turn();
    }

    /** Ends the last page. */
    void ended() {
        pen.close();
        pen = null;
    }

    private void turn() {
        if (pen != null) {
            pen.close();
        }
        pen = Pen.onNewPage(document, paper.width(), paper.height(), font);
        y = MARGIN;
    }

    double width() {
        return paper.width() - 2 * MARGIN;
    }

    /** Turns the page unless so much room is left. */
    void need(double height) {
        if (y + height > paper.height() - MARGIN) {
            turn();
        }
    }

    void space(double height) {
        y += height;
    }

    /** Writes words over the whole width, in as many lines as they take. */
    void text(String words, double size) {
        text(words, 0, width(), size);
    }

    void text(String words, double from, double width, double size) {
        for (String line : broken(words, width, size)) {
            need(size * LEADING);
            pen.text(line, MARGIN + from, y + size, size);
            y += size * LEADING;
        }
    }

    /** Writes one line in the present row, without going on to the next. */
    void cell(String words, double from, double size) {
        pen.text(words, MARGIN + from, y + size, size);
    }

    /** Draws an empty box in the present row. */
    void box(double from, double width, double height) {
        pen.line(0.25);
        pen.polygon(
                List.of(
                        new Point(MARGIN + from, y),
                        new Point(MARGIN + from + width, y),
                        new Point(MARGIN + from + width, y + height),
                        new Point(MARGIN + from, y + height)),
                false);
    }

    /** Writes the cells of a row, each in its column in as many lines as it takes. */
    void row(List<String> cells, List<Double> from, List<Double> widths, double size) {
        double high = 0;
        for (int i = 0; i < cells.size(); i++) {
            high = Math.max(high, height(cells.get(i), widths.get(i), size));
        }
        need(high);
        for (int i = 0; i < cells.size(); i++) {
            double line = y + size;
            for (String words : broken(cells.get(i), widths.get(i), size)) {
                pen.text(words, MARGIN + from.get(i), line, size);
                line += size * LEADING;
            }
        }
        y += high + size * 0.25;
    }

    /** Draws a sketch over the width, no higher than is said. */
    void sketch(Sketch sketch, double height, LengthFormat format) {
        need(height);
        Box box = sketch.box();
        double margin = 6;
        double scale = Math.min(
                (width() - 2 * margin) / Math.max(1, box.width()), (height - 2 * margin) / Math.max(1, box.height()));
        double left = MARGIN + (width() - box.width() * scale) / 2;
        double top = y + margin;
        for (Sketch.Line line : sketch.lines()) {
            ink(line.ink());
            List<Point> points = line.points().stream()
                    .map(at -> new Point(left + (at.x() - box.minX()) * scale, top + (at.y() - box.minY()) * scale))
                    .toList();
            for (int i = 1; i < points.size(); i++) {
                pen.line(points.get(i - 1), points.get(i));
            }
            if (line.ink() == Sketch.Ink.ARROW) {
                head(points.get(points.size() - 2), points.get(points.size() - 1));
            }
        }
        for (Sketch.Words words : sketch.words()) {
            String text = words.text().in(format);
            double wide = pen.width(text, WORDS);
            double x = left + (words.at().x() - box.minX()) * scale;
            double shift = switch (words.lean()) {
                case LEFT -> -wide - 1;
                case MIDDLE -> -wide / 2;
                case RIGHT -> 1;
            };
            double within = Math.max(MARGIN, Math.min(MARGIN + width() - wide, x + shift));
            pen.text(text, within, top + (words.at().y() - box.minY()) * scale + WORDS / 3, WORDS);
        }
        y += 2 * margin + box.height() * scale;
    }

    /**
     * Draws figures side by side, standing on one line, to one scale.
     *
     * @param height in millimetres
     */
    void figures(List<CostumeSheetPdf.Drawn> figures, double height) {
        need(height);
        double tall = 0;
        double broad = 0;
        List<Box> boxes = new ArrayList<>();
        for (CostumeSheetPdf.Drawn each : figures) {
            Box box = each.box();
            boxes.add(box);
            tall = Math.max(tall, box.height());
            broad += box.width();
        }
        double words = WORDS + 4;
        double scale = Math.min((height - words) / tall, width() * 0.9 / broad);
        double gap = (width() - broad * scale) / (figures.size() + 1);
        double floor = y + tall * scale;
        double left = MARGIN + gap;
        for (int i = 0; i < figures.size(); i++) {
            double from = left - boxes.get(i).minX() * scale;
            figure(figures.get(i), from, floor, scale);
            String name = figures.get(i).words();
            pen.text(
                    name, left + (boxes.get(i).width() * scale - pen.width(name, WORDS)) / 2, floor + words - 1, WORDS);
            left += boxes.get(i).width() * scale + gap;
        }
        pen.line(0.2);
        pen.line(new Point(MARGIN, floor), new Point(MARGIN + width(), floor));
        y = floor + words;
    }

    private void figure(CostumeSheetPdf.Drawn drawn, double x, double floor, double scale) {
        for (Plate.Wash wash : drawn.plate().washes()) {
            List<List<Point>> borders = wash.borders().stream()
                    .map(border -> placed(border, x, floor, scale))
                    .toList();
            pen.wash(borders, PlateInk.fill(wash));
        }
        for (Plate.Stroke stroke : drawn.plate().strokes()) {
            pen.ink(PlateInk.width(stroke.weight()) * scale, PlateInk.colour(stroke.weight()));
            pen.polyline(placed(stroke.points(), x, floor, scale));
        }
        pen.ink(0.2, Color.BLACK);
        pen.line(0.2, 1.2, 0.8);
        drawn.bands().forEach(band -> pen.polygon(placed(band.flattened(1), x, floor, scale), false));
    }

    private static List<Point> placed(List<Point> points, double x, double floor, double scale) {
        return points.stream()
                .map(at -> new Point(x + at.x() * scale, floor + at.y() * scale))
                .toList();
    }

    private void ink(Sketch.Ink ink) {
        switch (ink) {
            case CLOTH -> pen.line(0.5);
            case FOLD -> pen.line(0.35, 4, 1.2);
            case SEAM -> pen.line(0.35, 1.5, 1);
            case HELP -> pen.line(0.15);
            case BODY -> pen.line(0.5, 0.5, 0.8);
            case ARROW -> pen.line(0.3);
        }
    }

    private void head(Point from, Point to) {
        if (from.equals(to)) {
            return;
        }
        Point along = to.minus(from).unit();
        Point side = along.outward().times(0.8);
        Point back = to.minus(along.times(2.2));
        pen.polygon(List.of(to, back.plus(side), back.minus(side)), true);
    }

    /** Draws pictures side by side, all of one height in millimetres, as many in a row as there is room for. */
    void pictures(List<BufferedImage> pictures, double height) {
        double x = 0;
        for (BufferedImage picture : pictures) {
            double wide = Math.min(width(), height * picture.getWidth() / picture.getHeight());
            double high = wide * picture.getHeight() / picture.getWidth();
            if (x > 0 && x + wide > width()) {
                y += height + GUTTER;
                x = 0;
            }
            need(height);
            try {
                pen.picture(JPEGFactory.createFromImage(document, picture), MARGIN + x, y, wide, high);
            } catch (IOException broken) {
                throw new UncheckedIOException("A picture cannot be printed", broken);
            }
            x += wide + GUTTER;
        }
        y += pictures.isEmpty() ? 0 : height + GUTTER;
    }

    void rule() {
        pen.line(0.2);
        pen.line(new Point(MARGIN, y), new Point(MARGIN + width(), y));
        y += 1.5;
    }

    /** Returns how high words become. */
    double height(String words, double width, double size) {
        return broken(words, width, size).size() * size * LEADING;
    }

    private List<String> broken(String words, double width, double size) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words.split(" ")) {
            String longer = line.length() == 0 ? word : line + " " + word;
            if (line.length() > 0 && pen.width(longer, size) > width) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    /** Returns the finished PDF. */
    byte[] finished() {
        ended();
        try {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot write the PDF", broken);
        }
    }

    @Override
    public void close() {
        if (pen != null) {
            pen.close();
        }
        try {
            document.close();
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot close the PDF", broken);
        }
    }
}
