package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Turn;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Derived;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.pattern.Spans;

/**
 * Lays two pieces together along their seam and cuts them as one. What cannot lie flat, because both edges are hollow,
 * becomes a dart that runs out at both ends.
 *
 * @param edge one of the two edges
 * @param sides must be both
 */
public record JoinPieces(EdgeRef edge, Sides sides) implements Alteration {

    /** What is flatter than this is not told as a dart, in millimetres. */
    private static final double FLAT = 2;

    private static final int SAMPLES = 16;

    @Override
    public Sentence sentence() {
        return Sentence.of("Join the {} to what it is sewn to, along its {}", edge.piece(), edge.edge());
    }

    @Override
    public JoinPieces on(Sides others) {
        return new JoinPieces(edge, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        Seam seam = SeamEdits.pair(pattern, edge);
        EdgeRef other = SeamEdits.other(seam, edge);
        if (other.piece().equals(edge.piece())) {
            throw new AlterationRefusal("The {} is sewn to itself there: only two pieces can be joined", edge.piece());
        }
        boolean otherStays = staying(PieceEdits.any(pattern, edge.piece()), PieceEdits.any(pattern, other.piece()));
        EdgeRef stays = otherStays ? other : edge;
        EdgeRef comes = otherStays ? edge : other;
        List<Piece> pieces = new ArrayList<>();
        Map<String, List<EdgeRef>> became = new LinkedHashMap<>();
        for (Piece piece : pattern.pieces()) {
            if (piece.name().equals(stays.piece())) {
                Piece partner = partner(pattern, comes.piece(), piece.side());
                pieces.add(joined(piece, stays.edge(), partner, comes.edge(), became));
            } else if (!piece.name().equals(comes.piece())) {
                pieces.add(piece);
            }
        }
        List<Seam> seams = new ArrayList<>();
        pattern.seams().stream()
                .filter(each -> !each.equals(seam))
                .forEach(each -> seams.add(SeamEdits.renamed(each, comes.piece(), became)));
        return pattern.with(pieces, seams);
    }

    private static Piece partner(Pattern pattern, String name, Side side) {
        return pattern.piece(name, side).orElseThrow();
    }

    /** Says whether the second of two pieces keeps its place: one on the fold, else one with a centre line. */
    private static boolean staying(Piece first, Piece second) {
        boolean firstFold = first.shape() == CutShape.FOLD;
        boolean secondFold = second.shape() == CutShape.FOLD;
        if (firstFold && secondFold) {
            throw new AlterationRefusal(
                    "The {} and the {} are both cut on the fold and cannot be one piece", first.name(), second.name());
        }
        return secondFold
                || !firstFold && first.centreX().isEmpty() && second.centreX().isPresent();
    }

    private static Piece joined(
            Piece piece, String edge, Piece partner, String otherEdge, Map<String, List<EdgeRef>> became) {
        PieceEditor made = new PieceEditor(piece);
        PieceEditor added = new PieceEditor(partner);
        Path mine = made.edge(edge).path();
        // Both drawn from their centre outward: one of them is turned over, so that upper end meets upper end.
        if (runsDown(mine) == runsDown(added.edge(otherEdge).path())) {
            added.mirrored();
        }
        Path theirs = added.edge(otherEdge).path();
        Turn turn = Turn.laying(theirs.start(), theirs.end(), mine.end(), mine.start());
        Path laid = theirs.mapped(turn);
        made.beginAt((made.place(edge) + 1) % made.edges.size());
        made.edges.remove(made.edges.size() - 1);
        added.beginAt((added.place(otherEdge) + 1) % added.edges.size());
        added.edges.remove(added.edges.size() - 1);
        added.marks(turn).levels(turn);
        String first = made.edges.get(0).from();
        String last = made.edges.get(made.edges.size() - 1).to();
        Map<String, String> letters = new LinkedHashMap<>();
        added.points.forEach((letter, at) -> {
            boolean shared = at.distanceTo(mine.end()) < PieceEditor.SAME_PLACE
                    || at.distanceTo(laid.end()) < PieceEditor.SAME_PLACE;
            if (!shared) {
                letters.put(letter, fresh(partner, letter, piece, made.points.containsKey(letter)));
                made.points.put(letters.get(letter), at);
            }
        });
        List<Edge> taken = new ArrayList<>();
        Map<String, String> names = new LinkedHashMap<>();
        for (int i = 0; i < added.edges.size(); i++) {
            Edge each = added.edges.get(i);
            String wanted = each.name();
            boolean clashes = made.edges.stream().anyMatch(known -> known.name().equals(wanted));
            names.put(wanted, fresh(partner, wanted, piece, clashes));
            Path path = each.path().mapped(turn);
            Point startBy = i == 0 ? mine.start().minus(laid.end()) : Point.ORIGIN;
            taken.add(each.named(names.get(wanted))
                    .between(
                            i == 0 ? last : letters.getOrDefault(each.from(), last),
                            i == added.edges.size() - 1 ? first : letters.getOrDefault(each.to(), first),
                            path.withEndsMoved(startBy, Point.ORIGIN)));
        }
        made.edges.addAll(taken);
        names.forEach((was, is) -> became.put(was, List.of(new EdgeRef(piece.name(), is))));
        takeMarks(made, added, names, edge, otherEdge);
        darts(made, mine, laid, edge);
        made.spans = piece.spans()
                .flatMap(here -> partner.spans()
                        .map(there -> here.from() <= here.to()
                                ? new Spans(Math.min(here.from(), there.from()), Math.max(here.to(), there.to()))
                                : new Spans(
                                        Math.max(here.from(), Math.max(there.from(), there.to())),
                                        Math.min(here.to(), Math.min(there.from(), there.to())))));
        return made.piece();
    }

    private static boolean runsDown(Path path) {
        return path.start().y() <= path.end().y();
    }

    private static String fresh(Piece partner, String name, Piece piece, boolean clashes) {
        boolean family = Derived.parent(partner.name()).equals(Derived.parent(piece.name()));
        return family && !clashes ? name : Derived.takenOver(partner.name(), name);
    }

    private static void takeMarks(
            PieceEditor made, PieceEditor added, Map<String, String> names, String edge, String otherEdge) {
        made.notches.removeIf(notch -> notch.edge().equals(edge));
        added.notches.stream()
                .filter(notch -> !notch.edge().equals(otherEdge))
                .forEach(notch -> made.notches.add(new Notch(
                        made.notches.stream().anyMatch(known -> known.name().equals(notch.name()))
                                ? Derived.takenOver(added.name, notch.name())
                                : notch.name(),
                        names.get(notch.edge()),
                        notch.share())));
        for (Dart dart : added.darts) {
            made.darts.add(new Dart(
                    Derived.takenOver(added.name, dart.name()), dart.point(), dart.first(), dart.second(), dart.bow()));
        }
        for (MarkLine line : added.lines) {
            made.lines.add(
                    new MarkLine(Derived.takenOver(added.name, line.name()), line.kind(), line.from(), line.to()));
        }
        added.levels.forEach((name, level) -> {
            Level here = made.levels.get(name);
            if (here == null) {
                made.levels.put(name, level);
            } else {
                made.levels.put(name, new Level(name, here.from(), level.from()));
            }
        });
    }

    /**
     * Marks what lies between the two edges as two darts that share their mouth: at the waist, so that its girth stays,
     * else where it is widest.
     */
    private static void darts(PieceEditor made, Path mine, Path laid, String name) {
        double widest = 0;
        int at = 0;
        for (int i = 1; i < SAMPLES; i++) {
            Point here = mine.atShare((double) i / SAMPLES);
            Point there = laid.atShare(1 - (double) i / SAMPLES);
            // Mine runs with its piece on its right, so a gap lies to its left, outside.
            double gap =
                    there.minus(here).dot(mine.end().minus(mine.start()).unit().outward());
            if (Math.abs(gap) > Math.abs(widest)) {
                widest = gap;
                at = i;
            }
        }
        if (widest < -FLAT) {
            throw new AlterationRefusal(
                    "Both edges bulge and would overlap by {}: they cannot lie flat together", -widest);
        }
        if (widest > FLAT) {
            double share = atWaist(made, mine, laid).orElse((double) at / SAMPLES);
            Point here = mine.atShare(share);
            Point there = laid.atShare(1 - share);
            made.darts.add(new Dart(name + " up", mine.start(), here, there));
            made.darts.add(new Dart(name + " down", mine.end(), here, there));
        }
    }

    /** Returns where the waist crosses the edges, if a dart opens there. */
    private static OptionalDouble atWaist(PieceEditor made, Path mine, Path laid) {
        Level waist = made.levels.get("waist");
        if (waist == null) {
            return OptionalDouble.empty();
        }
        Point square = waist.to().minus(waist.from()).unit().outward();
        OptionalDouble share = mine.shareWhere(at -> at.minus(waist.from()).dot(square));
        boolean opens = share.isPresent()
                && mine.atShare(share.getAsDouble()).distanceTo(laid.atShare(1 - share.getAsDouble())) > FLAT;
        return opens ? share : OptionalDouble.empty();
    }
}
