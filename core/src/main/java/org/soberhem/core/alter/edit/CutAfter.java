package org.soberhem.core.alter.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutFrom;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Side;

/** Cuts facings, strips, linings and interfacings after the pieces that they belong to, and lets them follow. */
public final class CutAfter {

    /** The edge of a strip that lies on the edge that it is cut after. */
    public static final String OUTER = "outer";

    /** Knots by which the inner edge of a strip follows a curved edge. */
    private static final int KNOTS = 8;

    /** How far beside a knot the direction of an edge is read, as a share of its length. */
    private static final double BESIDE = 0.001;

    private CutAfter() {}

    /**
     * Returns a piece cut after another one.
     *
     * @param pattern in which the other lies
     * @throws AlterationRefusal if the other or its edge is gone, or too small for it
     */
    public static Piece cut(Pattern pattern, String name, Side side, CutFrom from) {
        Piece master = pattern.piece(from.master(), side)
                .orElseThrow(
                        () -> new AlterationRefusal("There is no piece \"{}\": choose another piece", from.master()));
        return from.way() == CutFrom.Way.COPY
                ? PieceCopy.of(master, name, from)
                : strip(master, name, run(pattern, new EdgeRef(from.master(), from.edge()), side), from);
    }

    /** Says whether a piece is as its master is now; one that is cut after nothing is. */
    public static boolean isUpToDate(Pattern pattern, Piece piece) {
        if (piece.cutFrom().isEmpty()) {
            return true;
        }
        try {
            Piece now = cut(pattern, piece.name(), piece.side(), piece.cutFrom().get());
            return now.sameShapeAs(piece, PieceEditor.SAME_PLACE);
        } catch (AlterationRefusal | ArithmeticException gone) {
            return false;
        }
    }

    /**
     * Cuts every piece anew whose master an alteration changed. One that was altered itself before, or whose master is
     * gone, stays as it is.
     */
    public static Pattern following(Pattern before, Pattern after) {
        Pattern followed = after;
        for (Piece piece : after.pieces()) {
            if (piece.cutFrom().isPresent()) {
                String master = piece.cutFrom().get().master();
                Optional<Piece> was = before.piece(master, piece.side());
                Optional<Piece> is = after.piece(master, piece.side());
                Optional<Piece> drawn = before.piece(piece.name(), piece.side());
                boolean changed = drawn.isPresent()
                        && was.isPresent()
                        && is.isPresent()
                        && !was.get().edges().equals(is.get().edges());
                if (changed && isUpToDate(before, drawn.get())) {
                    Piece anew = cut(
                            after, piece.name(), piece.side(), piece.cutFrom().get());
                    followed = replaced(followed, piece, anew.withCut(piece.cut()));
                }
            }
        }
        return followed == after ? after : tied(followed);
    }

    private static Pattern replaced(Pattern pattern, Piece old, Piece anew) {
        return pattern.withPieces(
                pattern.pieces().stream().map(each -> each == old ? anew : each).toList());
    }

    /** Returns the pattern with every strip as much shorter than its edge as it is cut. */
    private static Pattern tied(Pattern pattern) {
        List<Seam> seams = pattern.seams().stream()
                .map(seam -> seam.kind() == Seam.Kind.FACED && pattern.has(seam.second())
                        ? faced(pattern, seam.first(), seam.second())
                        : seam)
                .toList();
        return pattern.with(pattern.pieces(), seams);
    }

    /** Returns the seam by which a strip lies on the edge that it is cut after. */
    public static Seam faced(Pattern pattern, List<EdgeRef> strip, List<EdgeRef> edge) {
        double differs = pattern.length(strip, Side.LEFT) - pattern.length(edge, Side.LEFT);
        return new Seam(strip, edge, Seam.Kind.FACED, differs, differs);
    }

    private static Path run(Pattern pattern, EdgeRef ref, Side side) {
        Path whole = null;
        for (Edge part : pattern.edges(ref, side)) {
            whole = whole == null
                    ? part.path()
                    : whole.then(part.path().between(whole.end(), part.path().end()));
        }
        if (whole == null) {
            throw new AlterationRefusal("The {} has no edge \"{}\": choose another edge", ref.piece(), ref.edge());
        }
        return whole;
    }

    private static Piece strip(Piece master, String name, Path along, CutFrom from) {
        boolean shaped = from.way() == CutFrom.Way.SHAPED_STRIP;
        Path outer = shaped ? parallel(along, from.smaller()) : straight(along, from.smaller());
        Path inner = shaped ? parallel(along, from.width()) : straight(along, from.width());
        List<Edge> edges = new ArrayList<>();
        double allowance = new PieceEditor(master).usualAllowance();
        edges.add(new Edge(OUTER, Role.NONE, "A", "B", outer, allowance));
        edges.add(new Edge("end", Role.NONE, "B", "C", Path.of(new LineSegment(outer.end(), inner.end())), allowance));
        edges.add(new Edge("inner", Role.NONE, "C", "D", inner.reversed(), 0));
        edges.add(new Edge(
                "start", Role.NONE, "D", "A", Path.of(new LineSegment(inner.start(), outer.start())), allowance));
        Point grain = outer.start().towards(inner.start(), 0.5);
        Point grainEnd = outer.end().towards(inner.end(), 0.5);
        PieceEditor strip = new PieceEditor(PieceEdits.cutAnew(name, master.side(), edges, grain, grainEnd));
        strip.grainAlong(grainEnd.minus(grain).unit());
        strip.cutFrom = Optional.of(from);
        return strip.piece();
    }

    /** Returns the edge moved into the piece by a distance, all along square to it. */
    private static Path parallel(Path path, double by) {
        if (by == 0) {
            return path;
        }
        List<Point> knots = new ArrayList<>();
        for (int i = 0; i <= KNOTS; i++) {
            double share = (double) i / KNOTS;
            Point before = path.atShare(Math.max(0, share - BESIDE));
            Point after = path.atShare(Math.min(1, share + BESIDE));
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

    /** Returns a pattern with pieces cut after one of its pieces, one for each that is worn. */
    public static Pattern with(Pattern pattern, String name, String use, CutFrom from) {
        List<Piece> pieces = new ArrayList<>();
        List<Piece> added = new ArrayList<>();
        for (Piece piece : pattern.pieces()) {
            if (piece.name().equals(from.master())) {
                Piece cut = cut(pattern, name, piece.side(), from);
                added.add(use.isEmpty() ? cut : cut.withCut(Map.of(use, piece.count())));
                pieces.add(piece.withCut(without(piece.cut(), use)));
            } else {
                pieces.add(piece);
            }
        }
        if (added.isEmpty()) {
            throw new AlterationRefusal("There is no piece \"{}\": choose another piece", from.master());
        }
        pieces.addAll(added);
        return pattern.withPieces(pieces);
    }

    /** A use that has a piece of its own is not cut by the other's shape as well. */
    private static Map<String, Integer> without(Map<String, Integer> cut, String use) {
        Map<String, Integer> rest = new LinkedHashMap<>(cut);
        rest.remove(use);
        return rest;
    }
}
