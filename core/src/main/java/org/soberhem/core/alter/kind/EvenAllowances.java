package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;

/**
 * Gives every sewn edge the same allowance, whatever the source mixed; hems keep theirs.
 *
 * @param amount the allowance, in millimetres, at least 0
 * @param sides which worn pieces
 */
public record EvenAllowances(double amount, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of("Even allowance of {} on every edge but hems{}", amount, WornPieces.where(sides));
    }

    @Override
    public EvenAllowances on(Sides others) {
        return new EvenAllowances(amount, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        if (amount < 0) {
            throw new AlterationRefusal("An allowance cannot be less than nothing");
        }
        return WornPieces.each(pattern, sides, piece -> true, this::evened);
    }

    private Piece evened(Piece piece) {
        PieceEditor making = new PieceEditor(piece);
        making.edges.replaceAll(edge ->
                edge.role() == Role.HEM || piece.isFold(edge) ? edge : edge.withAllowance(amount, edge.corner()));
        return making.piece();
    }
}
