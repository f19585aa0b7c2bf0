package org.soberhem.core.alter.kind;

import java.util.List;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Redrawing;
import org.soberhem.core.alter.edit.SeamShift;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Turn;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Turns a strap about its lower end, so that its upper end leans towards the neck or away from it.
 *
 * @param edge the strap's upper end
 * @param degrees by how much; positive leans towards the centre
 * @param sides which worn pieces
 */
public record TurnStrap(EdgeRef edge, double degrees, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Turn the strap at the {} by {}°, {} the neck{}",
                edge.words(),
                Math.abs(degrees),
                degrees < 0 ? "away from" : "towards",
                WornPieces.where(sides));
    }

    @Override
    public TurnStrap on(Sides others) {
        return new TurnStrap(edge, degrees, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return WornPieces.piece(pattern, edge.piece(), sides, this::turned);
    }

    private Piece turned(Piece piece) {
        int place = SeamShift.place(piece, edge.edge());
        List<Path> paths = Redrawing.paths(piece);
        int count = paths.size();
        int before = Math.floorMod(place - 1, count);
        int after = (place + 1) % count;
        if (count < 4) {
            throw new AlterationRefusal("The {} is not the end of a strap: choose another edge", edge.words());
        }
        Point pivot = paths.get(before).start().towards(paths.get(after).end(), 0.5);
        double centre =
                piece.centreX().orElse(piece.seamLine(PieceEditor.COARSE).box().minX());
        Point end = paths.get(place).atShare(0.5);
        // Clockwise turns an upper end away from a centre on its left.
        double sense = (end.x() >= centre ? -1 : 1) * (end.y() < pivot.y() ? 1 : -1);
        Turn turn = Turn.about(pivot, sense * StrictMath.toRadians(degrees));
        paths.set(place, paths.get(place).mapped(turn));
        paths.set(before, paths.get(before).withEndTurned(turn));
        paths.set(after, paths.get(after).reversed().withEndTurned(turn).reversed());
        return Redrawing.withPaths(piece, paths);
    }
}
