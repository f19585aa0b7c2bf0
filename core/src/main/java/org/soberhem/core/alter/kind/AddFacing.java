package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Derived;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Side;

/**
 * Cuts a strip that lies behind an edge: a facing in the shape of the edge, or a straight placket or guard strip.
 *
 * @param edge which edge
 * @param kind facing, placket or guard strip
 * @param width of the strip, in millimetres, more than 0
 * @param smaller by how much it stays within the edge, so that it does not show
 * @param sides must be both
 */
public record AddFacing(EdgeRef edge, Kind kind, double width, double smaller, Sides sides) implements Alteration {

    /** What the strip is for. */
    public enum Kind {
        FACING("facing"),
        PLACKET("placket"),
        GUARD("guard strip");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private static final String OUTER = "outer";
    private static final String START = "start";

    /** Knots by which the inner edge follows a curved edge. */
    private static final int KNOTS = 8;

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Cut a {} {} wide for the {}, {} smaller than it", kind.words(), width, edge.words(), smaller);
    }

    @Override
    public AddFacing on(Sides others) {
        return new AddFacing(edge, kind, width, smaller, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        if (width <= 0 || smaller < 0 || smaller >= width) {
            throw new AlterationRefusal("A strip must be wider than what it stays behind by");
        }
        String name =
                PieceEdits.freeName(pattern, edge.piece() + "-" + kind.words().replace(' ', '-'));
        List<Piece> pieces = new ArrayList<>(pattern.pieces());
        for (Piece piece : pattern.pieces()) {
            if (piece.name().equals(edge.piece())) {
                pieces.add(strip(piece, name));
            }
        }
        if (pieces.size() == pattern.pieces().size()) {
            throw new AlterationRefusal("There is no piece \"{}\" any more: choose another piece", edge.piece());
        }
        Pattern faced = pattern.with(pieces, pattern.seams());
        EdgeRef outer = new EdgeRef(name, OUTER);
        double differs = faced.length(outer, Side.LEFT) - faced.length(edge, Side.LEFT);
        List<Seam> seams = new ArrayList<>(pattern.seams());
        seams.add(new Seam(List.of(outer), List.of(edge), Seam.Kind.FACED, differs, differs));
        return faced.with(pieces, seams);
    }

    private Piece strip(Piece piece, String name) {
        return strip(piece, name, new PieceEditor(piece).edge(edge.edge()).path(), kind == Kind.FACING, width, smaller);
    }

    private static Piece strip(Piece piece, String name, Path along, boolean shaped, double width, double smaller) {
        Path outer = shaped ? parallel(along, smaller) : straight(along, smaller);
        Path inner = shaped ? parallel(along, width) : straight(along, width);
        List<Edge> edges = new ArrayList<>();
        double allowance = new PieceEditor(piece).usualAllowance();
        edges.add(new Edge(OUTER, Role.NONE, "A", "B", outer, allowance));
        edges.add(new Edge("end", Role.NONE, "B", "C", Path.of(new LineSegment(outer.end(), inner.end())), allowance));
        edges.add(new Edge("inner", Role.NONE, "C", "D", inner.reversed(), 0));
        edges.add(new Edge(
                START, Role.NONE, "D", "A", Path.of(new LineSegment(inner.start(), outer.start())), allowance));
        Point grain = outer.start().towards(inner.start(), 0.5);
        Point grainEnd = outer.end().towards(inner.end(), 0.5);
        PieceEditor strip = new PieceEditor(PieceEdits.cutAnew(name, piece.side(), edges, grain, grainEnd));
        strip.grainAlong(grainEnd.minus(grain).unit());
        return strip.piece();
    }

    /**
     * Cuts every strip anew whose edge an alteration changed, as wide and as much smaller as it was; one whose edge is
     * gone stays and fails by name.
     */
    static Pattern following(Pattern before, Pattern after) {
        Pattern followed = after;
        for (Seam seam : after.seams()) {
            boolean there = seam.kind() == Seam.Kind.FACED && before.has(seam.second()) && after.has(seam.second());
            if (!there
                    || run(before, seam.second(), Side.LEFT).equals(run(after, seam.second(), Side.LEFT))
                            && run(before, seam.second(), Side.RIGHT).equals(run(after, seam.second(), Side.RIGHT))) {
                continue;
            }
            List<Piece> pieces = followed.pieces().stream()
                    .map(piece -> piece.name().equals(seam.first().get(0).piece())
                            ? followed(before, after, seam, piece)
                            : piece)
                    .toList();
            Pattern cut = followed.withPieces(pieces);
            double differs = cut.length(seam.first(), Side.LEFT) - cut.length(seam.second(), Side.LEFT);
            Seam tied = new Seam(seam.first(), seam.second(), seam.kind(), differs, differs);
            followed = cut.with(
                    pieces,
                    cut.seams().stream()
                            .map(each -> each.equals(seam) ? tied : each)
                            .toList());
        }
        return followed;
    }

    private static Piece followed(Pattern before, Pattern after, Seam seam, Piece strip) {
        Path was = run(before, seam.second(), strip.side());
        Path is = run(after, seam.second(), strip.side());
        Piece drawn = before.piece(strip.name(), strip.side()).orElse(strip);
        if (was.equals(is) || !drawn.edges().equals(strip.edges())) {
            return strip;
        }
        Path outer = new PieceEditor(strip).edge(OUTER).path();
        double smaller = outer.start().distanceTo(was.start());
        double width = smaller + new PieceEditor(strip).edge(START).path().length();
        Piece master = after.piece(seam.second().get(0).piece(), strip.side()).orElseThrow();
        boolean shaped = Derived.parent(strip.name()).endsWith(Kind.FACING.words());
        return strip(master, strip.name(), is, shaped, width, smaller);
    }

    private static Path run(Pattern pattern, List<EdgeRef> run, Side side) {
        Path whole = null;
        for (EdgeRef ref : run) {
            for (Edge part : pattern.edges(ref, side)) {
                whole = whole == null
                        ? part.path()
                        : whole.then(
                                part.path().between(whole.end(), part.path().end()));
            }
        }
        return whole;
    }

    /** Returns the edge moved into the piece by a distance, all along square to it. */
    private static Path parallel(Path path, double by) {
        if (by == 0) {
            return path;
        }
        List<Point> knots = new ArrayList<>();
        for (int i = 0; i <= KNOTS; i++) {
            double share = (double) i / KNOTS;
            Point before = path.atShare(Math.max(0, share - 0.001));
            Point after = path.atShare(Math.min(1, share + 0.001));
            knots.add(path.atShare(share)
                    .minus(after.minus(before).unit().outward().times(by)));
        }
        return Path.bent(knots, Optional.of(path.startDirection()), Optional.of(path.endDirection()));
    }

    /** Returns a straight line as long as the edge, beside its chord. */
    private static Path straight(Path path, double by) {
        Point chord = path.end().minus(path.start()).unit();
        Point start = path.start().minus(chord.outward().times(by));
        return Path.of(new LineSegment(start, start.plus(chord.times(path.length()))));
    }
}
