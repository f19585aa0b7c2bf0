package org.soberhem.core.cloth;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.SpreadPiece;

/**
 * A pattern's pieces made ready to be laid on one cloth.
 *
 * @param pieces what is laid
 * @param spreads the pieces of the pattern that they are, in the same order
 * @param unmatched what was asked for and cannot be: a piece that is already matched elsewhere
 */
public record PiecesToLay(List<LayPiece> pieces, List<SpreadPiece> spreads, List<Sentence> unmatched) {

    /** Uses of cloth, in the order in which they are cut. */
    public static final List<String> USES = List.of("outer", "lining", "interlining", "interfacing");

    /** A hem that is faced needs no more than this, in millimetres. */
    public static final double LEAST_HEM = 12.7;

    /** A hundredth of a millimetre tells two patterns apart. */
    private static final double PRINTED = 100;

    public PiecesToLay {
        pieces = List.copyOf(pieces);
        spreads = List.copyOf(spreads);
        unmatched = List.copyOf(unmatched);
    }

    /** Returns the uses that a pattern has pieces for, in order. */
    public static List<String> uses(Pattern pattern) {
        Set<String> found = new LinkedHashSet<>();
        pattern.pieces().forEach(piece -> found.addAll(piece.cut().keySet()));
        return USES.stream().filter(found::contains).toList();
    }

    /** Returns how many of a piece are cut for a use. */
    public static int count(SpreadPiece spread, String use) {
        Map<String, Integer> cut = spread.piece().cut();
        return cut.getOrDefault(use, 0)
                * spread.count()
                / Math.max(1, spread.piece().count());
    }

    /** Returns the pieces of a pattern that are cut for a use, without those that are cut from another cloth. */
    public static PiecesToLay of(Pattern pattern, ClothUse how) {
        List<SpreadPiece> cut = SpreadPiece.of(pattern).stream()
                .filter(spread -> count(spread, how.base()) > 0 && how.takes(spread.name()))
                .toList();
        List<Sentence> unmatched = new ArrayList<>();
        Map<String, Point> matches = matches(pattern, cut, how.matched(), unmatched);
        List<LayPiece> pieces = new ArrayList<>();
        for (SpreadPiece spread : cut) {
            UnaryOperator<Point> laid = laid(spread);
            pieces.add(new LayPiece(
                    spread.name(),
                    count(spread, how.base()),
                    count(spread, how.base()) == 1 && spread.shape() == CutShape.PAIR ? CutShape.PLAIN : spread.shape(),
                    tidy(spread, spread.piece().cuttingLine().mapped(laid)),
                    how.held().contains(spread.name()),
                    Optional.ofNullable(matches.get(spread.piece().name())).map(laid)));
        }
        return new PiecesToLay(pieces, cut, unmatched);
    }

    /** Returns the same with hems turned up as little as may be; empty if no hem is turned up further. */
    public static Optional<PiecesToLay> hemmed(Pattern pattern, ClothUse how) {
        boolean[] shorter = {false};
        List<Piece> pieces = pattern.pieces().stream()
                .map(piece -> piece.withEdges(piece.edges().stream()
                        .map(edge -> {
                            boolean deep = edge.role() == Role.HEM && edge.allowance() > LEAST_HEM;
                            shorter[0] |= deep;
                            return deep ? edge.withAllowance(LEAST_HEM, edge.corner()) : edge;
                        })
                        .toList()))
                .toList();
        return shorter[0] ? Optional.of(of(pattern.withPieces(pieces), how)) : Optional.empty();
    }

    /**
     * Returns what turns a piece so that its grain runs along the cloth; a half is moved so that its fold is at x = 0.
     */
    public static UnaryOperator<Point> laid(SpreadPiece spread) {
        Piece piece = spread.piece();
        if (spread.shape() == CutShape.FOLD) {
            double fold = piece.centreX().orElse(0.0);
            return at -> new Point(at.x() - fold, at.y());
        }
        return LayPiece.upright(piece.grainTo().minus(piece.grainFrom()));
    }

    private static Outline tidy(SpreadPiece spread, Outline outline) {
        return spread.shape() == CutShape.FOLD
                ? outline.mapped(at -> Math.abs(at.x()) < 0.01 ? new Point(0, at.y()) : at)
                : outline;
    }

    /**
     * Returns where stripe and check of each piece must be the same, by its name. From seam to seam the place is
     * carried on: a piece that is matched at two seams with the same others comes upon itself and keeps the first.
     */
    private static Map<String, Point> matches(
            Pattern pattern, List<SpreadPiece> cut, List<String> wanted, List<Sentence> unmatched) {
        Map<String, Piece> pieces = new HashMap<>();
        cut.forEach(spread -> pieces.putIfAbsent(spread.piece().name(), spread.piece()));
        List<Seam> left = new ArrayList<>(pattern.seams().stream()
                .filter(seam -> wanted.contains(seam.name()) && isBetween(seam, pieces))
                .toList());
        Map<String, Point> matches = new HashMap<>();
        while (!left.isEmpty()) {
            Seam seam = left.stream()
                    .filter(each -> matches.containsKey(name(each.first())) || matches.containsKey(name(each.second())))
                    .findFirst()
                    .orElse(left.get(0));
            left.remove(seam);
            Point here = middle(pieces, seam.first().get(0));
            Point there = middle(pieces, seam.second().get(0));
            Point first = matches.get(name(seam.first()));
            Point second = matches.get(name(seam.second()));
            if (first != null && second != null) {
                unmatched.add(Sentence.of("{} cannot be matched too: both its pieces are already", seam.name()));
            } else if (second != null) {
                matches.put(name(seam.first()), here.plus(second.minus(there)));
            } else {
                matches.putIfAbsent(name(seam.first()), here);
                matches.put(
                        name(seam.second()),
                        there.plus(matches.get(name(seam.first())).minus(here)));
            }
        }
        return matches;
    }

    private static boolean isBetween(Seam seam, Map<String, Piece> pieces) {
        return !name(seam.first()).equals(name(seam.second()))
                && hasEdge(pieces, seam.first().get(0))
                && hasEdge(pieces, seam.second().get(0));
    }

    private static boolean hasEdge(Map<String, Piece> pieces, EdgeRef ref) {
        return pieces.containsKey(ref.piece())
                && pieces.get(ref.piece()).edge(ref.edge()).isPresent();
    }

    private static String name(List<EdgeRef> run) {
        return run.get(0).piece();
    }

    private static Point middle(Map<String, Piece> pieces, EdgeRef ref) {
        return pieces.get(ref.piece()).edge(ref.edge()).orElseThrow().path().atShare(0.5);
    }

    /** Returns a number that changes when a piece does by more than a hundredth of a millimetre. */
    public int print() {
        int print = 1;
        for (LayPiece piece : pieces) {
            print = 31 * print + piece.name().hashCode() + 7 * piece.count() + (piece.held() ? 1 : 0);
            for (Point corner : piece.outline().corners()) {
                print = 31 * print
                        + Long.hashCode(Math.round(corner.x() * PRINTED) * 100_003 + Math.round(corner.y() * PRINTED));
            }
        }
        return print;
    }
}
