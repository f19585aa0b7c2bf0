package org.soberhem.core.alter.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Profile;
import org.soberhem.core.pattern.Derived;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Side;

/** Moves the two sides of a seam inward or outward, each by amounts that change smoothly from its top to its bottom. */
public final class SeamShift {

    private final Pattern pattern;
    private final Sides sides;

    /** Whether edges move across the piece, so that its width at a level changes by just the amount there. */
    private final boolean across;

    private SeamShift(Pattern pattern, Sides sides, boolean across) {
        this.pattern = pattern;
        this.sides = sides;
        this.across = across;
    }

    /**
     * Takes cloth out of a seam, half of it at each of its two edges, or at an edge that opens: half of it at the
     * wearer's left and half at the right, all of it where only one side is altered.
     *
     * @param cloth taken from its top to its bottom, in millimetres; negative adds
     * @throws AlterationRefusal if the edge is sewn to more than one other
     */
    public static Pattern taken(Pattern pattern, EdgeRef edge, Sides sides, Profile cloth) {
        Profile part = cloth.times(share(pattern, edge, sides));
        return moved(pattern, edge, sides, part, part);
    }

    /** Takes amounts that are given at places; each edge of a seam has them where it crosses its own levels. */
    public static Pattern taken(Pattern pattern, EdgeRef edge, Sides sides, AmountsAlong cloth) {
        AmountsAlong part = cloth.times(share(pattern, edge, sides));
        Optional<EdgeRef> other = SeamEdits.of(pattern, edge)
                .map(seam -> seam.first().contains(edge)
                        ? seam.second().get(0)
                        : seam.first().get(0));
        Profile mine = along(pattern, edge, part);
        return new SeamShift(pattern, sides, true)
                .moved(edge, mine, other.map(ref -> along(pattern, ref, part)).orElse(mine));
    }

    private static double share(Pattern pattern, EdgeRef edge, Sides sides) {
        return sides == Sides.BOTH || SeamEdits.of(pattern, edge).isPresent() ? 0.5 : 1;
    }

    private static Profile along(Pattern pattern, EdgeRef edge, AmountsAlong amounts) {
        Piece piece = PieceEdits.any(pattern, edge.piece());
        Path path = piece.edges().get(place(piece, edge.edge())).path();
        return amounts.on(piece, path.start().y() <= path.end().y() ? path : path.reversed());
    }

    /**
     * Moves both sides of the seam that an edge belongs to, or an edge that opens.
     *
     * @param mine taken from the edge and what was split from it, from its top to its bottom, in millimetres; negative
     *     adds
     * @param other taken from the edge that it is sewn to
     * @throws AlterationRefusal if the edge is sewn to more than one other
     */
    public static Pattern moved(Pattern pattern, EdgeRef edge, Sides sides, Profile mine, Profile other) {
        return new SeamShift(pattern, sides, false).moved(edge, mine, other);
    }

    private Pattern moved(EdgeRef edge, Profile mine, Profile other) {
        Optional<Seam> seam = SeamEdits.of(pattern, edge);
        boolean opens = seam.isEmpty()
                && PieceEdits.any(pattern, edge.piece())
                        .edge(edge.edge())
                        .filter(SeamRole::runsDown)
                        .isPresent();
        if (opens) {
            Pattern shaped = run(pattern, List.of(edge), mine);
            return WornPieces.piece(shaped, edge.piece(), sides, piece -> endingAt(piece, edge.edge()));
        }
        if (seam.isEmpty()
                || !isOneLine(seam.get().first())
                || !isOneLine(seam.get().second())) {
            throw new AlterationRefusal("No seam joins {} to one other edge: choose another seam", edge.toString());
        }
        List<EdgeRef> first = seam.get().first();
        List<EdgeRef> second = seam.get().second();
        boolean isFirst = first.contains(edge);
        Pattern moved = run(pattern, first, isFirst ? mine : other);
        return first.equals(second) ? moved : run(moved, second, isFirst ? other : mine);
    }

    /** Where an edge at the centre is shaped, the edge is what meets there: the piece is measured up to it. */
    private static Piece endingAt(Piece piece, String edge) {
        PieceEditor making = new PieceEditor(piece);
        if (making.edge(edge).role() == Role.CENTRE) {
            making.centreX = Optional.empty();
        }
        return making.piece();
    }

    /** Says whether the edges of a run were one edge before it was split. */
    public static boolean isOneLine(List<EdgeRef> run) {
        return run.stream().map(ref -> Derived.parent(ref.edge())).distinct().count() == 1;
    }

    private Pattern run(Pattern start, List<EdgeRef> run, Profile amounts) {
        List<Double> lengths = new ArrayList<>();
        for (EdgeRef ref : run) {
            lengths.add(pattern.length(ref, sides == Sides.RIGHT ? Side.RIGHT : Side.LEFT));
        }
        double total = lengths.stream().mapToDouble(Double::doubleValue).sum();
        boolean down = run.size() == 1 || height(run.get(0)) <= height(run.get(run.size() - 1));
        Profile along = down ? amounts : amounts.reversed();
        Pattern moved = start;
        double done = 0;
        for (int i = 0; i < run.size(); i++) {
            double from = done / total;
            done += lengths.get(i);
            Profile whole = run.size() == 1 ? along : along.part(from, Math.min(1, done / total));
            Profile part = down ? whole : whole.reversed();
            EdgeRef ref = run.get(i);
            moved = WornPieces.piece(moved, ref.piece(), sides, piece -> inward(piece, ref.edge(), part));
        }
        return moved;
    }

    private double height(EdgeRef ref) {
        return pattern.edges(ref, Side.LEFT).get(0).path().atShare(0.5).y();
    }

    /** Moves one edge into its piece. */
    private Piece inward(Piece piece, String name, Profile amounts) {
        int place = place(piece, name);
        Edge edge = piece.edges().get(place);
        Path path = edge.path();
        if (piece.isFold(edge)) {
            throw new AlterationRefusal(
                    "The {} of the {} lies on the fold: make a seam at the centre first", name, piece.name());
        }
        boolean downward = path.start().y() <= path.end().y();
        Profile along = downward ? amounts : amounts.reversed();
        Point chord = path.end().minus(path.start());
        Point inward = across && Math.abs(chord.y()) > Math.abs(chord.x())
                ? new Point(downward ? -1 : 1, 0)
                : square(chord, along, name, piece);
        return Redrawing.withEdge(piece, place, path.shifted(inward, along));
    }

    /** Returns the direction square to the middle of where an edge was and will lie: the opposite undoes it. */
    private static Point square(Point chord, Profile along, String name, Piece piece) {
        double lean = (along.at(0) - along.at(1)) / (2 * chord.norm());
        if (Math.abs(lean) >= 1) {
            throw new AlterationRefusal(
                    "The {} of the {} is too short for such a taper: use a smaller amount", name, piece.name());
        }
        return chord.unit()
                .outward()
                .times(-Math.sqrt(1 - lean * lean))
                .plus(chord.unit().times(lean));
    }

    public static int place(Piece piece, String name) {
        return new PieceEditor(piece).place(name);
    }
}
