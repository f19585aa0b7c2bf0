package org.soberhem.files.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.soberhem.core.geometry.Point;

/** Writes from the top of a page to its foot, then on the next. Millimetres throughout. */
final class Flow implements AutoCloseable {

    private static final double MARGIN = 16;
    private static final double LEADING = 1.3;

    private final PDDocument document = new PDDocument();
    private final PDFont font = Pen.font(document);
    private final PaperSize paper;
    private Pen pen;
    private double y;

    Flow(PaperSize paper) {
        this.paper = paper;
        turn();
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
        pen.close();
        pen = null;
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
