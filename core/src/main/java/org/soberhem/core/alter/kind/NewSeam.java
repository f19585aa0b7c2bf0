package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.PieceCutting;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.SeamShift;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Profile;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Cuts a piece in two by a seam, and takes width out there if wanted.
 *
 * @param from edge at which the seam begins
 * @param atFrom where on it, as a share of its length
 * @param to edge of the same piece at which it ends
 * @param atTo where on it
 * @param takenAbove cloth taken at the new seam's upper end, in millimetres
 * @param takenBelow cloth taken at its lower end
 * @param sides must be both
 */
public record NewSeam(
        EdgeRef from, double atFrom, String to, double atTo, double takenAbove, double takenBelow, Sides sides)
        implements Alteration {

    @Override
    public Sentence sentence() {
        Sentence taken = takenAbove == 0 && takenBelow == 0
                ? Sentence.of("")
                : Sentence.of(
                        ", {} at its top, {} at its bottom",
                        Sentence.either(takenAbove, "{} taken", "{} given"),
                        Sentence.either(takenBelow, "{} taken", "{} given"));
        return Sentence.of("New seam in the {} from its {} to its {}{}", from.piece(), from.edge(), to, taken);
    }

    @Override
    public NewSeam on(Sides others) {
        return new NewSeam(from, atFrom, to, atTo, takenAbove, takenBelow, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        Piece whole = PieceEdits.any(pattern, from.piece());
        String child = PieceEdits.freeName(pattern, from.piece() + "/2");
        String seam = PieceEdits.freeEdge(whole, PieceCutting.SEAM);
        Pattern cut = new PieceCutting(
                        from.piece(),
                        child,
                        new PieceCutting.At(from.edge(), atFrom),
                        new PieceCutting.At(to, atTo),
                        PieceCutting.awayFromCentre(whole),
                        PieceCutting::straight,
                        seam)
                .made(pattern);
        if (takenAbove == 0 && takenBelow == 0) {
            return cut;
        }
        return SeamShift.taken(cut, new EdgeRef(child, seam), sides, Profile.tapering(takenAbove, takenBelow));
    }
}
