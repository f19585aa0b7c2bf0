package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Redrawing;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Moves a named corner; the edges that meet there are redrawn to it.
 *
 * @param point piece and point
 * @param out how far it moves away from the base line, in millimetres
 * @param down how far it moves down
 * @param sides which worn pieces
 */
public record MovePoint(EdgeRef point, double out, double down, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Move point {} of the {}: {} {}, {} {}{}",
                point.edge(),
                point.piece(),
                Math.abs(out),
                out < 0 ? "in" : "out",
                Math.abs(down),
                down < 0 ? "up" : "down",
                WornPieces.where(sides));
    }

    @Override
    public MovePoint on(Sides others) {
        return new MovePoint(point, out, down, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return WornPieces.piece(
                pattern,
                point.piece(),
                sides,
                piece -> moved(piece, piece.points().get(point.edge())));
    }

    private Piece moved(Piece piece, Point at) {
        if (at == null
                || piece.edges().stream()
                        .noneMatch(edge -> edge.path().start().distanceTo(at) < PieceEditor.SAME_PLACE)) {
            throw new AlterationRefusal("The {} has no corner {}: choose another point", piece.name(), point.edge());
        }
        Point by = new Point(out, down);
        return Redrawing.withPaths(
                piece,
                piece.edges().stream()
                        .map(edge -> edge.path()
                                .withEndsMoved(
                                        edge.path().start().distanceTo(at) < PieceEditor.SAME_PLACE ? by : Point.ORIGIN,
                                        edge.path().end().distanceTo(at) < PieceEditor.SAME_PLACE ? by : Point.ORIGIN))
                        .toList());
    }
}
