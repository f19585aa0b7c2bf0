package org.soberhem.core.alter.kind;

import java.util.List;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Redrawing;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.Strap;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Lengthens or shortens a strap at its upper end, along its own direction; its breadth there stays.
 *
 * @param edge the strap's upper end
 * @param amount by how much, in millimetres; negative shortens
 * @param sides which worn pieces
 */
public record LengthenStrap(EdgeRef edge, double amount, Sides sides) implements Alteration {

    /** What is left of a shortened strap, in millimetres. */
    private static final double LEAST = 6;

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "{} the strap at the {} by {}{}",
                amount < 0 ? "Shorten" : "Lengthen",
                edge.words(),
                Math.abs(amount),
                WornPieces.where(sides));
    }

    @Override
    public LengthenStrap on(Sides others) {
        return new LengthenStrap(edge, amount, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return WornPieces.piece(pattern, edge.piece(), sides, this::lengthened);
    }

    private Piece lengthened(Piece piece) {
        Strap strap = Strap.below(piece, edge.edge());
        List<Path> paths = Redrawing.paths(piece);
        int count = paths.size();
        int place = new PieceEditor(piece).place(edge.edge());
        int before = Math.floorMod(place - 1, count);
        int after = (place + 1) % count;
        double shorter = Math.min(paths.get(before).length(), paths.get(after).length());
        if (-amount > Math.min(shorter, strap.length()) - LEAST) {
            throw new AlterationRefusal("The strap is only {} long: use a smaller amount", strap.length());
        }
        Point along = strap.end().minus(strap.root()).unit().times(amount);
        Point start = paths.get(place).start().plus(along);
        Point end = paths.get(place).end().plus(along);
        paths.set(place, paths.get(place).mapped(at -> at.plus(along)));
        Path comes = paths.get(before).longer(amount);
        Path leaves = paths.get(after).reversed().longer(amount).reversed();
        paths.set(before, comes.redrawn(Point.ORIGIN, start.minus(comes.end())));
        paths.set(after, leaves.redrawn(end.minus(leaves.start()), Point.ORIGIN));
        return Redrawing.withPaths(piece, paths);
    }
}
