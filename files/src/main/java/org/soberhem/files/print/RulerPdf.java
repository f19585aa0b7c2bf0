package org.soberhem.files.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.soberhem.core.geometry.Point;

/** Prints the paper ruler of a proportional draft at true size, in strips that are joined end to end. */
public final class RulerPdf {

    private static final double STRIP = 24;
    private static final double STEP = 34;
    private static final double HEAD = 40;
    private static final double SIDE = 15;

    /** Units longer than this, in millimetres, are divided further. */
    private static final double HANDY = 80;

    private RulerPdf() {}

    /**
     * Returns the PDF of a ruler that reaches over a draft. A scale whose unit does not go on the paper, such as half
     * the breast, is ruled in as many equal parts as make them handy, and says so.
     *
     * @param title what the ruler is for
     * @param unit length of one unit, in millimetres, greater than 0
     * @param reach how far it must reach, in millimetres
     * @param paper the sheets
     */
    public static byte[] ofScale(String title, double unit, double reach, PaperSize paper) {
        int parts = 1;
        while (unit / parts > HANDY) {
            parts *= 2;
        }
        String words = parts == 1 ? title : title + "; its numbers are " + parts + "ths of the scale";
        return write(words, unit / parts, (int) Math.ceil(reach * parts / unit), paper);
    }

    /**
     * Returns the PDF.
     *
     * @param title what the ruler is for, such as "bust ÷ 36 at 38½ in"
     * @param unit length of one unit, in millimetres, greater than 0
     * @param units how many whole units the ruler is long
     * @param paper the sheets
     */
    public static byte[] write(String title, double unit, int units, PaperSize paper) {
        double along = paper.width() - 2 * SIDE;
        int perStrip = (int) Math.floor(along / unit);
        if (perStrip < 1) {
            throw new IllegalArgumentException(
                    "One unit must fit on the paper: " + unit + " mm on " + paper.words() + ", " + along + " mm");
        }
        int perPage = (int) Math.floor((paper.height() - HEAD - Tiling.MARGIN) / STEP);
        try (PDDocument document = new PDDocument()) {
            PDFont font = Pen.font(document);
            int strips = (units + perStrip - 1) / perStrip;
            for (int first = 0; first < strips; first += perPage) {
                try (Pen pen = Pen.onNewPage(document, paper.width(), paper.height(), font)) {
                    pen.text("Ruler: " + title, SIDE, 20, 6);
                    pen.text(
                            "1 unit = " + Math.round(unit * 100) / 100.0
                                    + " mm. Cut the strips out and join each to the next on its bold line.",
                            SIDE,
                            28,
                            4);
                    for (int i = first; i < Math.min(strips, first + perPage); i++) {
                        int from = i * perStrip;
                        strip(pen, HEAD + (i - first) * STEP, unit, from, Math.min(units, from + perStrip));
                    }
                }
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot write the PDF", broken);
        }
    }

    private static void strip(Pen pen, double top, double unit, int from, int to) {
        double end = SIDE + (to - from) * unit;
        pen.line(0.2);
        pen.line(new Point(SIDE, top), new Point(end, top));
        pen.line(new Point(SIDE, top + STRIP), new Point(end, top + STRIP));
        for (int eighth = 0; eighth <= (to - from) * 8; eighth++) {
            double x = SIDE + eighth * unit / 8;
            boolean whole = eighth % 8 == 0;
            double length = whole ? 12 : eighth % 4 == 0 ? 9 : eighth % 2 == 0 ? 6.5 : 4;
            boolean joint = eighth == 0 || eighth == (to - from) * 8;
            pen.line(joint ? 0.7 : whole ? 0.35 : 0.2);
            pen.line(new Point(x, top), new Point(x, top + (joint ? STRIP : length)));
            if (whole) {
                pen.text(String.valueOf(from + eighth / 8), x + 1, top + 17, 4.5);
            }
        }
    }
}
