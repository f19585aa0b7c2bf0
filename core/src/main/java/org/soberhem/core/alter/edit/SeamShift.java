package org.soberhem.core.alter.edit;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Derived;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Side;

/** Moves the two sides of a seam inward or outward, each by amounts that change smoothly from its top to its bottom. */
public final class SeamShift {

    /** Cloth taken at the top, half way, and at the bottom, in millimetres; negative adds. */
    public record Amounts(double top, double middle, double bottom) {

        public static Amounts tapering(double top, double bottom) {
            return new Amounts(top, (top + bottom) / 2, bottom);
        }

        public Amounts times(double factor) {
            return new Amounts(top * factor, middle * factor, bottom * factor);
        }

        /** Returns the amount at a share of the way down: a parabola through the three. */
        public double at(double share) {
            double bend = 2 * (top + bottom - 2 * middle);
            return top + (bottom - top - bend) * share + bend * share * share;
        }
    }

    private final Pattern pattern;
    private final Sides sides;

    private SeamShift(Pattern pattern, Sides sides) {
        this.pattern = pattern;
        this.sides = sides;
    }

    /**
     * Moves both sides of the seam that an edge belongs to.
     *
     * @param mine taken from the edge and what was split from it
     * @param other taken from the edge that it is sewn to
     * @throws AlterationRefusal if no seam joins it to one other edge
     */
    public static Pattern of(Pattern pattern, EdgeRef edge, Sides sides, Amounts mine, Amounts other) {
        for (Seam seam : pattern.seams()) {
            boolean first = seam.first().contains(edge);
            if ((first || seam.second().contains(edge)) && isOneLine(seam.first()) && isOneLine(seam.second())) {
                SeamShift shift = new SeamShift(pattern, sides);
                Pattern moved = shift.run(pattern, seam.first(), first ? mine : other);
                boolean ownHalf = seam.first().equals(seam.second());
                return ownHalf ? moved : shift.run(moved, seam.second(), first ? other : mine);
            }
        }
        throw new AlterationRefusal(
                "No seam joins {} to one other edge any more: choose another seam", edge.toString());
    }

    /** Says whether the edges of a run were one edge before it was split. */
    public static boolean isOneLine(List<EdgeRef> run) {
        return run.stream().map(ref -> Derived.parent(ref.edge())).distinct().count() == 1;
    }

    private Pattern run(Pattern start, List<EdgeRef> run, Amounts amounts) {
        List<Double> lengths = new ArrayList<>();
        for (EdgeRef ref : run) {
            lengths.add(pattern.length(ref, sides == Sides.RIGHT ? Side.RIGHT : Side.LEFT));
        }
        double total = lengths.stream().mapToDouble(Double::doubleValue).sum();
        boolean down = run.size() == 1 || height(run.get(0)) <= height(run.get(run.size() - 1));
        Pattern moved = start;
        double done = 0;
        for (int i = 0; i < run.size(); i++) {
            double from = done / total;
            done += lengths.get(i);
            double to = done / total;
            double upper = down ? from : 1 - to;
            double lower = down ? to : 1 - from;
            EdgeRef ref = run.get(i);
            Amounts part = new Amounts(amounts.at(upper), amounts.at((upper + lower) / 2), amounts.at(lower));
            moved = WornPieces.piece(moved, ref.piece(), sides, piece -> inward(piece, ref.edge(), part));
        }
        return moved;
    }

    private double height(EdgeRef ref) {
        return pattern.edges(ref, Side.LEFT).get(0).path().atShare(0.5).y();
    }

    /**
     * Moves one edge into its piece, square to the middle of where it was and where it comes to lie, so that the
     * opposite undoes it.
     */
    public static Piece inward(Piece piece, String name, Amounts amounts) {
        int place = place(piece, name);
        Edge edge = piece.edges().get(place);
        Path path = edge.path();
        if (piece.isFold(edge)) {
            throw new AlterationRefusal(
                    "The {} of the {} lies on the fold: make a seam at the centre first", name, piece.name());
        }
        boolean downward = path.start().y() <= path.end().y();
        double atStart = downward ? amounts.top() : amounts.bottom();
        double atEnd = downward ? amounts.bottom() : amounts.top();
        Point chord = path.end().minus(path.start());
        double lean = (atStart - atEnd) / (2 * chord.norm());
        if (Math.abs(lean) >= 1) {
            throw new AlterationRefusal(
                    "The {} of the {} is too short for such a taper: use a smaller amount", name, piece.name());
        }
        Point inward = chord.unit()
                .outward()
                .times(-Math.sqrt(1 - lean * lean))
                .plus(chord.unit().times(lean));
        return Redrawing.withEdge(piece, place, path.shifted(inward, atStart, amounts.middle(), atEnd));
    }

    public static int place(Piece piece, String name) {
        return new PieceEditor(piece).place(name);
    }
}
