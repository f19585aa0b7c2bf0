package org.soberhem.core.alter.kind;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.alter.edit.Sewing;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;

/**
 * Says how an edge is sewn: the allowances of both its sides and how they end at the corners follow.
 *
 * @param edge which edge
 * @param sewing how it is sewn
 * @param amount the allowance, in millimetres, at least 0; of a felled seam the wide one, which the named edge has
 * @param sides which worn pieces
 */
public record SetAllowance(EdgeRef edge, Sewing sewing, double amount, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Allowance of the {}: {}, {}{}",
                edge.words(),
                sewing.words(),
                sewing.mine(amount),
                WornPieces.where(sides));
    }

    @Override
    public SetAllowance on(Sides others) {
        return new SetAllowance(edge, sewing, amount, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        if (amount < 0) {
            throw new AlterationRefusal("An allowance cannot be less than nothing");
        }
        Pattern set =
                WornPieces.piece(pattern, edge.piece(), sides, piece -> with(piece, edge.edge(), sewing.mine(amount)));
        if (!sewing.isSeam()) {
            return set;
        }
        Optional<Seam> seam = SeamEdits.of(pattern, edge);
        if (seam.isEmpty()) {
            throw new AlterationRefusal(
                    "The {} is not sewn to another edge: choose a hem, a facing or a binding", edge.words());
        }
        List<EdgeRef> others = seam.get().first().contains(edge)
                ? seam.get().second()
                : seam.get().first();
        for (EdgeRef other : others) {
            if (!other.equals(edge)) {
                set = WornPieces.piece(
                        set, other.piece(), sides, piece -> with(piece, other.edge(), sewing.other(amount)));
            }
        }
        return set;
    }

    private Piece with(Piece piece, String name, double allowance) {
        PieceEditor making = new PieceEditor(piece);
        int place = making.place(name);
        Edge old = making.edges.get(place);
        if (piece.isFold(old)) {
            throw new AlterationRefusal("The {} of the {} lies on the fold and has no allowance", name, piece.name());
        }
        making.edges.set(place, old.withAllowance(allowance, sewing.corner()));
        return making.piece();
    }
}
