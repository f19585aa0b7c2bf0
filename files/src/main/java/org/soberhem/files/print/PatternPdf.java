package org.soberhem.files.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.SpreadPiece;

/** Prints a pattern at true size, piece by piece, tiled over pages; the first page has the test squares and the map. */
public final class PatternPdf {

    /** Length of the first page on a roll, in millimetres. */
    private static final double FIRST = 297;

    private static final double JOIN = 3;
    private static final double INCH = 25.4;

    private PatternPdf() {}

    /**
     * The pages of one piece.
     *
     * @param spread the piece
     * @param tiling how it is cut into pages
     * @param tiles pages that have something of it on them, row by row
     */
    public record Pages(SpreadPiece spread, Tiling tiling, List<Tiling.Tile> tiles) {}

    /** Returns how the pieces that are printed fall on pages; pages with nothing on them are left out. */
    public static List<Pages> pages(PrintJob job, PaperSize paper) {
        List<Pages> pages = new ArrayList<>();
        double factor = job.options().factor();
        for (SpreadPiece spread : SpreadPiece.of(job.pattern())) {
            if (job.options().includes(spread.name())) {
                Outline cut = spread.piece().cuttingLine();
                Tiling tiling = Tiling.of(scaled(grown(cut.box(), 1), factor), paper);
                pages.add(new Pages(
                        spread,
                        tiling,
                        tiling.tiles().stream()
                                .filter(tile -> cut.touches(scaled(tile.field(), 1 / factor)))
                                .toList()));
            }
        }
        return pages;
    }

    private static Box scaled(Box box, double by) {
        return new Box(box.minX() * by, box.minY() * by, box.maxX() * by, box.maxY() * by);
    }

    private static Box grown(Box box, double by) {
        return new Box(box.minX() - by, box.minY() - by, box.maxX() + by, box.maxY() + by);
    }

    /** Returns the PDF. */
    public static byte[] write(PrintJob job, PaperSize paper) {
        try (PDDocument document = new PDDocument()) {
            PDFont font = Pen.font(document);
            List<Pages> all = pages(job, paper);
            PaperSize first = paper.cutFor(FIRST);
            cover(document, font, job, first, all);
            CutList.write(document, font, job, first, all);
            for (Pages pages : all) {
                for (Tiling.Tile tile : pages.tiles()) {
                    page(document, font, job, pages, tile);
                }
            }
            document.getDocumentInformation().setTitle(job.costume() + ", " + job.garment() + ", " + job.version());
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot write the PDF", broken);
        }
    }

    private static void cover(PDDocument document, PDFont font, PrintJob job, PaperSize paper, List<Pages> all) {
        try (Pen pen = Pen.onNewPage(document, paper.width(), paper.height(), font)) {
            double x = Tiling.MARGIN + 4;
            pen.text(job.costume(), x, 22, 8);
            pen.text(job.garment() + ", " + job.version() + ", " + job.date(), x, 31, 5);
            pen.text("Print at 100 %, without fitting to the page, and measure both squares before you cut.", x, 40, 4);
            double factor = job.options().factor();
            square(pen, x, 46, PrintOptions.SQUARE * factor, "10 cm");
            square(pen, x, 152, 4 * INCH * factor, "4 in");
            if (factor != 1) {
                pen.text(
                        "Corrected: the square measured "
                                + Math.round(job.options().measured() * 10) / 10.0 + " mm before.",
                        x,
                        44.5,
                        3);
            }
            List<String> lines = new ArrayList<>();
            for (Pages each : all) {
                Tiling tiling = each.tiling();
                lines.add(each.spread().name() + ": " + each.tiles().size()
                        + (each.tiles().size() == 1 ? " page, " : " pages, ") + tiling.columns() + " across, "
                        + tiling.rows() + " down");
            }
            for (int i = 0; i < lines.size(); i++) {
                pen.text(lines.get(i), x + 106, 80 + i * 6, 4);
            }
            map(pen, x + 110, 152, paper, all, factor);
        }
    }

    private static void square(Pen pen, double x, double y, double side, String words) {
        pen.line(0.2)
                .polygon(
                        List.of(
                                new Point(x, y),
                                new Point(x + side, y),
                                new Point(x + side, y + side),
                                new Point(x, y + side)),
                        false);
        pen.text(words, x + side / 2 - pen.width(words, 5) / 2, y + side / 2 + 2, 5);
    }

    /** Draws every piece small over the pages it is printed on. */
    private static void map(Pen pen, double left, double top, PaperSize paper, List<Pages> all, double factor) {
        double scale = 0.045;
        double x = 0;
        double y = 0;
        double tallest = 0;
        double room = (paper.width() - Tiling.MARGIN - left) / scale;
        for (Pages pages : all) {
            Box whole = pages.tiling().tiles().stream()
                    .map(Tiling.Tile::field)
                    .reduce(Box::union)
                    .orElseThrow();
            if (x > 0 && x + whole.width() > room) {
                x = 0;
                y += tallest + 60;
                tallest = 0;
            }
            double dx = x - whole.minX();
            double dy = y - whole.minY();
            pen.line(0.1);
            for (Tiling.Tile tile : pages.tiles()) {
                Box f = tile.field();
                pen.text(tile.name(), left + (f.minX() + dx) * scale + 0.5, top + (f.minY() + dy) * scale + 2, 1.8);
                pen.polygon(
                        small(
                                List.of(
                                        new Point(f.minX(), f.minY()),
                                        new Point(f.maxX(), f.minY()),
                                        new Point(f.maxX(), f.maxY()),
                                        new Point(f.minX(), f.maxY())),
                                dx,
                                dy,
                                left,
                                top,
                                scale),
                        false);
            }
            pen.line(0.25)
                    .polygon(
                            small(
                                    pages.spread().piece().cuttingLine().corners().stream()
                                            .map(corner -> corner.times(factor))
                                            .toList(),
                                    dx,
                                    dy,
                                    left,
                                    top,
                                    scale),
                            false);
            x += whole.width() + 60;
            tallest = Math.max(tallest, whole.height());
        }
    }

    private static List<Point> small(List<Point> points, double dx, double dy, double left, double top, double scale) {
        return points.stream()
                .map(p -> new Point(left + (p.x() + dx) * scale, top + (p.y() + dy) * scale))
                .toList();
    }

    private static void page(PDDocument document, PDFont font, PrintJob job, Pages pages, Tiling.Tile tile) {
        PaperSize paper = pages.tiling().paper();
        double margin = Tiling.MARGIN;
        Box field = new Box(margin, margin, paper.width() - margin, paper.height() - margin);
        try (Pen pen = Pen.onNewPage(document, paper.width(), paper.height(), font)) {
            pen.within(
                    field,
                    margin - tile.field().minX(),
                    margin - tile.field().minY(),
                    job.options().factor());
            new PieceMarks(job, pages.spread()).draw(pen);
            pen.everywhere();
            joins(pen, pages.tiling(), tile, field);
            pen.text(
                    job.costume() + " · " + job.garment() + " · "
                            + pages.spread().name() + " · page " + tile.name()
                            + " of " + pages.tiling().columns() + " × "
                            + pages.tiling().rows() + " · " + job.version() + " · " + job.date(),
                    margin,
                    paper.height() - margin / 2 + 1,
                    3.2);
        }
    }

    /** Draws the line to which a neighbour is glued, with diamonds that must meet their fellows. */
    private static void joins(Pen pen, Tiling tiling, Tiling.Tile tile, Box field) {
        pen.line(0.15, 1, 1);
        double half = Tiling.OVERLAP / 2;
        List<double[]> upright = new ArrayList<>();
        if (tile.column() > 0) {
            upright.add(new double[] {field.minX() + half, tile.column()});
        }
        if (tile.column() < tiling.columns() - 1) {
            upright.add(new double[] {field.maxX() - half, tile.column() + 1});
        }
        for (double[] join : upright) {
            pen.line(new Point(join[0], field.minY()), new Point(join[0], field.maxY()));
            diamond(pen, join[0], (field.minY() + field.maxY()) / 2, name(tile.row(), (int) join[1], true));
        }
        List<double[]> level = new ArrayList<>();
        if (tile.row() > 0) {
            level.add(new double[] {field.minY() + half, tile.row()});
        }
        if (tile.row() < tiling.rows() - 1) {
            level.add(new double[] {field.maxY() - half, tile.row() + 1});
        }
        for (double[] join : level) {
            pen.line(new Point(field.minX(), join[0]), new Point(field.maxX(), join[0]));
            diamond(pen, (field.minX() + field.maxX()) / 2, join[0], name((int) join[1], tile.column(), false));
        }
    }

    private static String name(int row, int column, boolean upright) {
        char letter = (char) ('A' + row);
        return upright
                ? letter + String.valueOf(column) + "|" + letter + (column + 1)
                : (char) (letter - 1) + String.valueOf(column + 1) + "/" + letter + (column + 1);
    }

    private static void diamond(Pen pen, double x, double y, String words) {
        pen.line(0.3)
                .polygon(
                        List.of(
                                new Point(x, y - JOIN),
                                new Point(x + JOIN, y),
                                new Point(x, y + JOIN),
                                new Point(x - JOIN, y)),
                        false);
        pen.text(words, x + JOIN + 1, y - 1, 3);
        pen.line(0.15, 1, 1);
    }
}
