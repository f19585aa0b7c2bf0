package org.soberhem.core.cloth;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;

/**
 * A piece as it is laid: its cutting line and how often it is cut.
 *
 * @param name unique in its lay
 * @param count how many are cut; of a pair, half of them mirrored
 * @param kind how it is cut; of a fold the outline is the half whose fold is x = 0
 * @param outline cutting line, grain along y
 * @param held whether it is cut later and lies where the other pieces leave room
 * @param match a place of the piece at which stripe or check must be the same as at the other pieces' places
 */
public record LayPiece(String name, int count, CutShape kind, Outline outline, boolean held, Optional<Point> match) {

    /** Further outside its outline no piece is planned, in millimetres. */
    private static final double THINNED = 0.5;

    /** A grain line that leans less is straight, in radians. */
    private static final double STRAIGHT = 1e-4;

    public LayPiece {
        if (count < 1) {
            throw new IllegalArgumentException("A piece must be cut at least once: \"" + name + "\", " + count);
        }
    }

    /** A piece that is cut with the others, wherever the stripes lie. */
    public LayPiece(String name, int count, CutShape kind, Outline outline) {
        this(name, count, kind, outline, false, Optional.empty());
    }

    /** Returns the piece with fewer corners for planning, nowhere more than half a millimetre wider. */
    LayPiece forPlanning() {
        Outline thin = outline.thinned(THINNED);
        if (kind == CutShape.FOLD) {
            thin = thin.mapped(corner -> corner.x() < THINNED ? new Point(0, corner.y()) : corner);
        }
        return new LayPiece(name, count, kind, thin, held, match);
    }

    /**
     * Returns what turns a piece so that its grain runs along the cloth.
     *
     * @param grain along its grain line
     */
    public static UnaryOperator<Point> upright(Point grain) {
        Point unit = grain.unit();
        if (Math.abs(unit.x()) < STRAIGHT && unit.y() > 0) {
            return UnaryOperator.identity();
        }
        return at -> new Point(at.x() * unit.y() - at.y() * unit.x(), at.x() * unit.x() + at.y() * unit.y());
    }

    /** Returns the piece opened out: of a fold both halves, of others the outline. */
    public Outline opened() {
        return kind == CutShape.FOLD ? Shapes.opened(outline) : outline;
    }

    /** Returns whether the piece, opened out, is a rectangle along the cloth, to a square millimetre. */
    public boolean isRectangle() {
        Outline whole = opened();
        Box box = whole.box();
        return Math.abs(Math.abs(whole.signedArea()) - box.width() * box.height()) < 1;
    }
}
