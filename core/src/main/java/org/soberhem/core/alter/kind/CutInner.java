package org.soberhem.core.alter.kind;

import java.util.Locale;
import org.soberhem.core.alter.edit.CutAfter;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.CutFrom;
import org.soberhem.core.pattern.Pattern;

/**
 * Cuts a lining, interlining or interfacing after a piece. It follows when the piece is altered.
 *
 * @param piece which piece
 * @param part what is cut
 * @param smaller how far it stays within the seam line all round, in millimetres; negative reaches beyond, as ease
 * @param longer how much longer it is at its lower edge, in millimetres
 * @param until the level at which it ends; empty for the whole piece
 * @param sides must be both
 */
public record CutInner(String piece, Part part, double smaller, double longer, String until, Sides sides)
        implements Alteration {

    /** What lies within a garment. */
    public enum Part {
        LINING,
        INTERLINING,
        INTERFACING;

        String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    @Override
    public Sentence sentence() {
        String until = this.until.isEmpty() ? "" : ", down to the " + this.until;
        return Sentence.of(
                longer == 0 ? "Cut {} for the {}, {} {} all round{}" : "Cut {} for the {}, {} {} all round{}, {} below",
                part.word(),
                piece,
                Math.abs(smaller),
                smaller < 0 ? "larger" : "smaller",
                until,
                Sentence.either(longer, "{} longer", "{} shorter"));
    }

    @Override
    public CutInner on(Sides others) {
        return new CutInner(piece, part, smaller, longer, until, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        String name = PieceEdits.freeName(pattern, piece + "-" + part.word());
        CutFrom from = new CutFrom(piece, "", CutFrom.Way.COPY, 0, smaller, longer, until);
        return CutAfter.with(pattern, name, part.word(), from);
    }
}
