package org.soberhem.files.print;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.geometry.Box;

/**
 * How a drawing is cut into pages that overlap and are glued together.
 *
 * @param paper the sheets
 * @param columns pages across
 * @param rows pages down
 * @param left x of the drawing at the left edge of the first page's field
 * @param top y of the drawing at the upper edge of the first page's field
 */
public record Tiling(PaperSize paper, int columns, int rows, double left, double top) {

    /** White rim that a printer cannot reach, in millimetres. */
    public static final double MARGIN = 10;

    /** What neighbouring pages share, in millimetres. */
    public static final double OVERLAP = 10;

    /** One page: its place from 0, and the part of the drawing that its field shows. */
    public record Tile(int column, int row, Box field) {

        /** Returns the page's name: a letter for the row and a number for the column. */
        public String name() {
            return (char) ('A' + row) + String.valueOf(column + 1);
        }
    }

    /** Covers a box with as few pages as can be, the drawing in their middle. */
    public static Tiling of(Box box, PaperSize given) {
        PaperSize paper = given.cutFor(box.height() + 2 * MARGIN);
        double width = paper.width() - 2 * MARGIN;
        double height = paper.height() - 2 * MARGIN;
        int columns = count(box.width(), width);
        int rows = count(box.height(), height);
        double left = (box.minX() + box.maxX() - covered(columns, width)) / 2;
        double top = (box.minY() + box.maxY() - covered(rows, height)) / 2;
        return new Tiling(paper, columns, rows, left, top);
    }

    private static int count(double drawing, double field) {
        return Math.max(1, (int) Math.ceil((drawing - OVERLAP) / (field - OVERLAP) - 1e-9));
    }

    private static double covered(int pages, double field) {
        return pages * (field - OVERLAP) + OVERLAP;
    }

    public int pages() {
        return columns * rows;
    }

    /** Returns every page, row by row. */
    public List<Tile> tiles() {
        double width = paper.width() - 2 * MARGIN;
        double height = paper.height() - 2 * MARGIN;
        List<Tile> tiles = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                double x = left + column * (width - OVERLAP);
                double y = top + row * (height - OVERLAP);
                tiles.add(new Tile(column, row, new Box(x, y, x + width, y + height)));
            }
        }
        return tiles;
    }
}
