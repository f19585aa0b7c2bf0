package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.SeamShift;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;

/**
 * Makes a seam where a piece was cut on the fold, and takes width out there: more at the neck for one that gapes,
 * evenly for one that falls off.
 *
 * @param piece a piece on the fold
 * @param atTop cloth taken at the upper end, in millimetres; negative adds
 * @param atBottom cloth taken at the lower end
 * @param sides must be both
 */
public record OpenCentre(String piece, double atTop, double atBottom, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "New seam at the centre of the {}: {} taken at its top, {} at its bottom", piece, atTop, atBottom);
    }

    @Override
    public OpenCentre on(Sides others) {
        return new OpenCentre(piece, atTop, atBottom, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        Piece whole = PieceEdits.any(pattern, piece);
        Edge fold = whole.edges().stream()
                .filter(whole::isFold)
                .findFirst()
                .orElseThrow(() -> new AlterationRefusal(
                        "The {} is not cut on a fold: take its seam in, or make a new seam elsewhere", piece));
        Pattern opened = WornPieces.piece(pattern, piece, sides, each -> {
            PieceEditor making = new PieceEditor(each);
            making.shape = CutShape.PAIR;
            making.cut.replaceAll((use, count) -> 2 * count);
            double allowance = making.usualAllowance();
            making.edges.replaceAll(
                    edge -> edge.name().equals(fold.name()) ? edge.withAllowance(allowance, edge.corner()) : edge);
            making.grainAlong(each.grainTo().minus(each.grainFrom()).unit());
            return making.piece();
        });
        EdgeRef centre = new EdgeRef(piece, fold.name());
        List<Seam> seams = new ArrayList<>(opened.seams());
        seams.add(new Seam(List.of(centre), List.of(centre), Seam.Kind.PLAIN, 0, 0));
        SeamShift.Amounts half = SeamShift.Amounts.tapering(atTop / 2, atBottom / 2);
        return SeamShift.of(opened.with(opened.pieces(), seams), centre, sides, half, half);
    }
}
