package org.soberhem.core.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;

/**
 * A piece measured along and out from a base line: draped cloth laid flat, or a garment measured flat.
 *
 * @param name name of the piece
 * @param rows from the top of the base line round the piece and back
 * @param folded whether the base line is a fold: the piece is cut on it, or mirrored to a pair
 */
public record Offsets(String name, List<Row> rows, boolean folded) {

    /**
     * One place.
     *
     * @param along how far down the base line, in millimetres
     * @param left how far out from it on the wearer's left, in millimetres; not a number where it was not measured
     * @param right the same on the wearer's right
     * @param corner whether the outline may turn there
     * @param edge name of the edge that begins there
     */
    public record Row(double along, double left, double right, boolean corner, String edge) {}

    /** Which side is taken where both were measured. */
    public enum Take {
        LEFT,
        RIGHT,
        MEAN
    }

    public Offsets {
        rows = List.copyOf(rows);
    }

    /**
     * Returns the piece trued: one side for both, what lies on the base line exactly on it.
     *
     * @param take which side is taken
     * @param near what is nearer to the base line lies on it, in millimetres
     * @throws IllegalArgumentException if a place was not measured on the side that is taken
     */
    public TracedPiece trued(Take take, double near) {
        List<Knot> knots = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            double out = out(row, take);
            if (Double.isNaN(out)) {
                throw new IllegalArgumentException("Place " + (i + 1) + " of \"" + name
                        + "\" was not measured on the side that is taken: measure it, or take the other side");
            }
            Point at = new Point(folded && Math.abs(out) < near ? 0 : out, row.along());
            knots.add(row.corner() ? Knot.corner(at, row.edge()) : Knot.curve(at));
        }
        TracedPiece piece = TracedPiece.begun(name)
                .cut(folded ? CutShape.FOLD : CutShape.PAIR, folded ? 1 : 2, 0)
                .with(knots);
        return folded ? piece.centred(Optional.of(Point.ORIGIN)) : piece;
    }

    private static double out(Row row, Take take) {
        return switch (take) {
            case LEFT -> row.left();
            case RIGHT -> row.right();
            case MEAN ->
                Double.isNaN(row.left())
                        ? row.right()
                        : Double.isNaN(row.right()) ? row.left() : (row.left() + row.right()) / 2;
        };
    }

    /** Returns how far the two sides differ at most, in millimetres; 0 where only one was measured. */
    public double uneven() {
        return rows.stream()
                .mapToDouble(row -> Math.abs(row.left() - row.right()))
                .filter(apart -> !Double.isNaN(apart))
                .max()
                .orElse(0);
    }
}
