package org.soberhem.core.cloth;

import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;

/**
 * Where one cut of a piece lies: its outline mirrored, then turned by half, then leaning, then moved.
 *
 * @param name of the piece
 * @param copy from 1
 * @param x added across the cloth, in millimetres
 * @param y added along it
 * @param turned whether it lies upside down
 * @param mirrored whether it lies mirrored
 * @param lean by how much its grain leans clockwise as seen, in degrees
 * @param single whether it is cut from single cloth after the folded part
 */
public record PlacedPiece(
        String name, int copy, double x, double y, boolean turned, boolean mirrored, double lean, boolean single) {

    /** Returns the piece's outline where it lies. */
    Outline of(Outline outline) {
        return Shapes.moved(Shapes.leaning(Shapes.turned(outline, turned, mirrored), lean), x, y);
    }

    /** Returns where a place of the piece lies. */
    Point of(Point at) {
        double across = turned ^ mirrored ? -at.x() : at.x();
        Point leaning = Shapes.leaning(new Point(across, turned ? -at.y() : at.y()), lean);
        return new Point(leaning.x() + x, leaning.y() + y);
    }

    /** Returns it moved. */
    public PlacedPiece moved(double dx, double dy) {
        return new PlacedPiece(name, copy, x + dx, y + dy, turned, mirrored, lean, single);
    }

    /** Returns it on single cloth after the folded part. */
    PlacedPiece onSingle() {
        return new PlacedPiece(name, copy, x, y, turned, mirrored, lean, true);
    }
}
