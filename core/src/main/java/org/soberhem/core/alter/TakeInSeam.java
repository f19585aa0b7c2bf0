package org.soberhem.core.alter;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;

/**
 * Takes in or lets out a seam of two edges, evenly or tapering.
 *
 * <p>The amount is cloth taken at the seam: each of its two edges moves by half of it, square to a line from end to end.
 *
 * @param edge one of the two edges; the other is found from the pattern's seams
 * @param atTop cloth taken at the upper end, in millimetres; negative lets out
 * @param atBottom cloth taken at the lower end
 * @param sides which worn pieces
 */
public record TakeInSeam(EdgeRef edge, double atTop, double atBottom, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        boolean letOut = atTop + atBottom < 0;
        double sign = letOut ? -1 : 1;
        String verb = letOut ? "Let out" : "Take in";
        String seam = edge.piece() + " " + edge.edge();
        String where = sides == Sides.BOTH ? "each" : "the " + sides.words();
        if (atTop == atBottom) {
            return Sentence.of("{} {} {} seam by {}", verb, where, seam, sign * atTop);
        }
        return Sentence.of(
                "{} {} {} seam: {} at its top, {} at its bottom", verb, where, seam, sign * atTop, sign * atBottom);
    }

    @Override
    public Outcome apply(Pattern pattern) {
        Optional<EdgeRef> partner = partner(pattern);
        if (partner.isEmpty()) {
            return Outcome.refused(
                    pattern, "No seam joins {} to one other edge any more: choose another seam", edge.toString());
        }
        List<Piece> changed = new ArrayList<>();
        for (Piece piece : pattern.pieces()) {
            Piece moved = piece;
            for (EdgeRef ref : List.of(edge, partner.get())) {
                if (ref.piece().equals(piece.name()) && sides.include(piece.side())) {
                    moved = moved(moved, ref.edge());
                }
            }
            changed.add(moved);
        }
        return Outcome.unlessSpoiled(pattern, pattern.withPieces(changed));
    }

    private Optional<EdgeRef> partner(Pattern pattern) {
        for (Seam seam : pattern.seams()) {
            if (seam.first().size() == 1 && seam.second().size() == 1) {
                EdgeRef first = seam.first().get(0);
                EdgeRef second = seam.second().get(0);
                if (first.equals(edge)) {
                    return Optional.of(second);
                }
                if (second.equals(edge)) {
                    return Optional.of(first);
                }
            }
        }
        return Optional.empty();
    }

    private Piece moved(Piece piece, String name) {
        for (int place = 0; place < piece.edges().size(); place++) {
            Edge old = piece.edges().get(place);
            if (old.name().equals(name)) {
                Path path = old.path();
                Point inward = path.end().minus(path.start()).unit().outward().times(-0.5);
                boolean downward = path.start().y() <= path.end().y();
                Point startBy = inward.times(downward ? atTop : atBottom);
                Point endBy = inward.times(downward ? atBottom : atTop);
                return Redrawing.withEdge(piece, place, path.withEndsMoved(startBy, endBy));
            }
        }
        return piece;
    }
}
