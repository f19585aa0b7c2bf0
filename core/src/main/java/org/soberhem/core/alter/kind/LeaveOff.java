package org.soberhem.core.alter.kind;

import java.util.List;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Seam;

/**
 * Leaves a piece off on purpose: no collar, no cuff. The edges that it was sewn to are open edges then.
 *
 * @param piece which piece
 * @param sides must be both
 */
public record LeaveOff(String piece, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of("Leave the {} off", piece);
    }

    @Override
    public LeaveOff on(Sides others) {
        return new LeaveOff(piece, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        PieceEdits.any(pattern, piece);
        return without(pattern, piece);
    }

    /** Returns a pattern without a piece; of a seam that it shared with others the rest stays. */
    static Pattern without(Pattern pattern, String name) {
        List<Seam> seams = pattern.seams().stream()
                .map(seam -> new Seam(
                        rest(seam.first(), name), rest(seam.second(), name), seam.kind(), seam.least(), seam.most()))
                .filter(seam -> !seam.first().isEmpty() && !seam.second().isEmpty())
                .toList();
        return pattern.with(
                pattern.pieces().stream()
                        .filter(each -> !each.name().equals(name))
                        .toList(),
                seams);
    }

    private static List<EdgeRef> rest(List<EdgeRef> run, String name) {
        return run.stream().filter(ref -> !ref.piece().equals(name)).toList();
    }
}
