package org.soberhem.files.print;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.soberhem.core.cloth.Lay;
import org.soberhem.core.cloth.LayPiece;
import org.soberhem.core.cloth.PlacedPiece;
import org.soberhem.core.garment.Sketch;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.judging.ClothSupply;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.SpreadPiece;

/** Lays and their cut lists on paper: a page for each cloth, to pin above the table. */
public final class LayPdf {

    private static final double HEAD = 6;
    private static final double WORDS = 3.6;
    private static final double TALL = 120;

    private LayPdf() {}

    /**
     * Returns the PDF.
     *
     * @param title of costume and garment
     * @param supplies what is laid; each has its lay
     */
    public static byte[] write(String title, List<ClothSupply> supplies, LengthFormat format, LocalDate date) {
        try (Flow flow = new Flow(PaperSize.A4)) {
            for (ClothSupply supply : supplies) {
                write(flow, title, supply, format, date);
                flow.space(8);
            }
            return flow.finished();
        }
    }

    private static void write(Flow flow, String title, ClothSupply supply, LengthFormat format, LocalDate date) {
        Lay lay = new Lay(
                supply.pieces().pieces(),
                supply.use().lay().orElseThrow().rules(),
                supply.use().lay().orElseThrow().placed());
        flow.need(TALL);
        flow.text(title + ": " + supply.use().use(), HEAD);
        flow.text(
                supply.cloth().orElseThrow().title() + ", "
                        + format.format(lay.rules().width())
                        + " to be laid across, " + (lay.rules().folded() ? "folded lengthwise" : "single")
                        + (lay.rules().oneWay() ? ", all pieces one way up" : "") + ". "
                        + format.format(lay.length()) + " laid, "
                        + format.format(supply.needed().orElseThrow())
                        + " needed with ends and shrinkage. " + date,
                WORDS);
        flow.space(2);
        flow.sketch(sketch(lay, format), TALL, format);
        flow.space(3);
        List<Double> from = List.of(0.0, flow.width() * 0.2, flow.width() * 0.42, flow.width() * 0.6);
        List<Double> widths =
                List.of(flow.width() * 0.19, flow.width() * 0.21, flow.width() * 0.17, flow.width() * 0.4);
        flow.row(List.of("piece", "cut", "grain", "marks to transfer"), from, widths, WORDS);
        flow.rule();
        for (int i = 0; i < lay.pieces().size(); i++) {
            LayPiece piece = lay.pieces().get(i);
            SpreadPiece spread = supply.pieces().spreads().get(i);
            flow.row(
                    List.of(
                            piece.name() + (piece.held() ? " (later)" : ""),
                            cut(piece),
                            grain(spread),
                            marks(spread.piece())),
                    from,
                    widths,
                    WORDS);
        }
        supply.use().other().forEach(name -> flow.text(name + ": from another cloth", WORDS));
    }

    private static String cut(LayPiece piece) {
        String pairs = piece.kind() == CutShape.PAIR && piece.count() > 2 ? " (" + piece.count() / 2 + " pairs)" : "";
        return piece.kind().words(String.valueOf(piece.count())) + pairs;
    }

    private static String grain(SpreadPiece spread) {
        Piece piece = spread.piece();
        Point grain = piece.grainTo().minus(piece.grainFrom());
        double degrees = Math.toDegrees(Math.atan2(Math.abs(grain.x()), Math.abs(grain.y())));
        return degrees < 1
                ? "straight"
                : Math.abs(degrees - 45) < 1 ? "on the bias" : Math.round(degrees) + "° to the drawing";
    }

    private static String marks(Piece piece) {
        List<String> marks = new ArrayList<>();
        if (!piece.notches().isEmpty()) {
            marks.add(piece.notches().size() + (piece.notches().size() == 1 ? " notch" : " notches"));
        }
        piece.darts().forEach(dart -> marks.add("dart " + dart.name()));
        if (!piece.levels().isEmpty()) {
            marks.add("levels " + String.join(", ", piece.levels().keySet()));
        }
        if (!piece.lines().isEmpty()) {
            marks.add(piece.lines().stream().map(MarkLine::name).collect(Collectors.joining(", ")));
        }
        return String.join("; ", marks);
    }

    /** The cloth's length runs to the right, as it lies on the table. */
    private static Sketch sketch(Lay lay, LengthFormat format) {
        List<Sketch.Line> lines = new ArrayList<>();
        List<Sketch.Words> words = new ArrayList<>();
        double folded = lay.singleFrom().orElse(lay.length());
        rectangle(lines, 0, folded, lay.rules().lying());
        if (folded < lay.length()) {
            rectangle(lines, folded, lay.length(), lay.rules().width());
        }
        if (lay.rules().folded()) {
            lines.add(new Sketch.Line(Sketch.Ink.FOLD, List.of(new Point(0, 0), new Point(folded, 0))));
        }
        List<Outline> outlines = lay.outlines();
        for (int i = 0; i < outlines.size(); i++) {
            List<Point> corners = new ArrayList<>();
            outlines.get(i).corners().forEach(corner -> corners.add(new Point(corner.y(), corner.x())));
            corners.add(corners.get(0));
            lines.add(new Sketch.Line(Sketch.Ink.SEAM, corners));
            Box box = outlines.get(i).box();
            PlacedPiece cut = lay.placed().get(i);
            words.add(new Sketch.Words(
                    new Point((box.minY() + box.maxY()) / 2, (box.minX() + box.maxX()) / 2),
                    Sketch.Lean.MIDDLE,
                    Sentence.of("{}", cut.name() + (cut.turned() ? " ←" : ""))));
        }
        words.add(new Sketch.Words(
                new Point(lay.length(), -30), Sketch.Lean.LEFT, Sentence.of("{}", format.format(lay.length()))));
        return new Sketch(lines, words);
    }

    private static void rectangle(List<Sketch.Line> lines, double from, double to, double width) {
        lines.add(new Sketch.Line(
                Sketch.Ink.CLOTH,
                List.of(
                        new Point(from, 0),
                        new Point(to, 0),
                        new Point(to, width),
                        new Point(from, width),
                        new Point(from, 0))));
    }
}
