package org.soberhem.core.alter.kind;

import java.util.List;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.alter.edit.SetIn;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;

/**
 * Lets a triangle into the lower end of a seam: it adds its width at the bottom and nothing at its tip.
 *
 * @param edge one of the two edges of the seam
 * @param width at its base, in millimetres, more than 0
 * @param height from its base to its tip, more than 0
 * @param sides must be both
 */
public record InsertGore(EdgeRef edge, double width, double height, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of("Gore in the {} seam: {} wide at its base, {} high", edge.words(), width, height);
    }

    @Override
    public InsertGore on(Sides others) {
        return new InsertGore(edge, width, height, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        if (width <= 0 || height <= 0) {
            throw new AlterationRefusal("A gore must have a width and a height: type both");
        }
        Seam seam = SeamEdits.pair(pattern, edge);
        EdgeRef other = SeamEdits.other(seam, edge);
        Piece piece = PieceEdits.any(pattern, edge.piece());
        String name = PieceEdits.freeName(pattern, edge.piece() + "-gore");
        double slant = Math.hypot(height, width / 2);
        SetIn set = new SetIn(pattern, seam).open(edge, slant, false);
        if (!other.equals(edge)) {
            set.open(other, slant, false);
        }
        double allowance = new PieceEditor(piece).usualAllowance();
        List<Edge> edges = SetIn.straight(
                allowance,
                List.of("first", "base", "second"),
                List.of(new Point(0, 0), new Point(width / 2, height), new Point(-width / 2, height)));
        return set.sewing(name, edges, List.of("first", "second"), piece);
    }
}
