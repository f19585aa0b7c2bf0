package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.AmountsAlong;
import org.soberhem.core.alter.edit.SeamShift;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;

/**
 * Shapes a seam, an edge that opens, or a centre on the fold by amounts at places that the maker names.
 *
 * @param edge one of the two edges of a seam, or the edge that opens; a fold becomes a seam first
 * @param amounts cloth taken at each place, in millimetres; negative lets out
 * @param sides which worn pieces
 */
public record ShapeLine(EdgeRef edge, AmountsAlong amounts, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of("Shape the {}: cloth taken {}{}", edge.words(), amounts.sentence(), WornPieces.where(sides));
    }

    @Override
    public ShapeLine on(Sides others) {
        return new ShapeLine(edge, amounts, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return SeamShift.taken(OpenCentre.opened(pattern, edge, sides), edge, sides, amounts);
    }
}
