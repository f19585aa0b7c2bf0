package org.soberhem.core.alter.kind;

import java.util.List;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceCutting;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Cuts a piece straight across at a depth below its top: a yoke, or a strap that is cut apart and has its own grain.
 *
 * @param piece which piece
 * @param depth below the highest place of the piece, in millimetres, more than 0
 * @param grain by how much the upper part's grain is turned, in degrees, clockwise as seen
 * @param sides must be both
 */
public record AddYoke(String piece, double depth, double grain, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return grain == 0
                ? Sentence.of("Cut the {} across {} below its top: the part above is a yoke", piece, depth)
                : Sentence.of(
                        "Cut the {} across {} below its top: the part above has its grain turned by {}",
                        piece,
                        depth,
                        Sentence.degrees(grain));
    }

    @Override
    public AddYoke on(Sides others) {
        return new AddYoke(piece, depth, grain, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        Piece whole = PieceEdits.any(pattern, piece);
        double y = whole.seamLine(PieceEditor.COARSE).box().minY() + depth;
        List<PieceCutting.At> places = PieceCutting.crossings(whole, at -> at.y() - y);
        if (places.size() != 2) {
            throw new AlterationRefusal(
                    "A straight cut {} below the top of the {} meets {} edges, not two: choose another depth",
                    depth,
                    piece,
                    places.size());
        }
        String child = PieceEdits.freeName(pattern, piece + "/yoke");
        Pattern cut = new PieceCutting(
                        piece,
                        child,
                        places.get(0),
                        places.get(1),
                        PieceCutting.where(at -> y - at.y()),
                        PieceCutting::straight,
                        PieceEdits.freeEdge(whole, PieceCutting.SEAM))
                .made(pattern);
        return grain == 0 ? cut : new ChangeGrain(child, grain, Sides.BOTH).made(cut);
    }
}
