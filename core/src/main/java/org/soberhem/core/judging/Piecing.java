package org.soberhem.core.judging;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceCutting;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.NewSeam;
import org.soberhem.core.cloth.ClothUse;
import org.soberhem.core.cloth.LayPiece;
import org.soberhem.core.cloth.LayRules;
import org.soberhem.core.cloth.PiecesToLay;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.SpreadPiece;

/**
 * How pieces that are wider than their cloth are pieced: by seams along the grain, at the side away from a fold or else
 * at either side, as petticoats, gores and sleeves were.
 *
 * @param seams the seams, each to be made after the one before it
 * @param pattern with the seams made
 * @param pieced pieces that the seams bring on the cloth
 * @param left pieces that no straight seam along the grain brings on the cloth
 */
public record Piecing(List<NewSeam> seams, Pattern pattern, Set<String> pieced, Set<String> left) {

    /** Kept free beside the seam for its allowance, in millimetres: an inch is the widest that is usual. */
    private static final double ALLOWED = 25.4;

    /** How finely the outline is looked at, in millimetres. */
    private static final double FINE = 0.5;

    /** Seams of one piece; what needs more is not pieced but planned anew. */
    private static final int MOST = 8;

    /** Says whether a piece lies on the cloth. */
    private static boolean fits(LayPiece piece, LayRules rules) {
        return (rules.folded() ? piece.outline() : piece.opened()).box().width() <= rules.lying() + 1e-6;
    }

    /** Returns the pieces of a use that are wider than the cloth, by their names on the pattern. */
    public static Set<String> tooWide(Pattern pattern, ClothUse use, LayRules rules) {
        PiecesToLay cut = PiecesToLay.of(pattern, use);
        Set<String> wide = new LinkedHashSet<>();
        for (int i = 0; i < cut.pieces().size(); i++) {
            if (!fits(cut.pieces().get(i), rules)) {
                wide.add(cut.spreads().get(i).piece().name());
            }
        }
        return wide;
    }

    /**
     * Finds the seams that bring the pieces of a use on the cloth.
     *
     * @param pattern as it is drawn now
     * @param rules the cloth as it lies
     */
    public static Piecing of(Pattern pattern, ClothUse use, LayRules rules) {
        List<NewSeam> seams = new ArrayList<>();
        Set<String> pieced = new LinkedHashSet<>();
        Set<String> left = new LinkedHashSet<>();
        Pattern now = pattern;
        ClothUse taking = use;
        for (String piece : tooWide(pattern, use, rules)) {
            Pattern before = now;
            List<NewSeam> own = new ArrayList<>();
            Set<String> parts = new LinkedHashSet<>(Set.of(piece));
            Optional<String> wide = Optional.of(piece);
            while (wide.isPresent() && own.size() < MOST) {
                Optional<NewSeam> seam = seam(now, taking, rules, wide.get());
                if (seam.isEmpty()) {
                    break;
                }
                List<String> known = now.names();
                now = seam.get().made(now);
                own.add(seam.get());
                Set<String> added = new LinkedHashSet<>(now.names());
                known.forEach(added::remove);
                parts.addAll(added);
                taking = also(taking, added);
                Set<String> still = tooWide(now, taking, rules);
                wide = parts.stream().filter(still::contains).findFirst();
            }
            if (wide.isPresent()) {
                left.add(piece);
                now = before;
            } else {
                seams.addAll(own);
                pieced.add(piece);
            }
        }
        return new Piecing(seams, now, pieced, left);
    }

    /** Returns a use that takes parts too, where it is for some pieces only. */
    private static ClothUse also(ClothUse use, Set<String> parts) {
        return use.withOnly(use.only()
                .map(those -> Stream.concat(those.stream(), parts.stream()).toList()));
    }

    /** Returns the seam that takes as much of a piece as the cloth can hold from the rest of it. */
    private static Optional<NewSeam> seam(Pattern pattern, ClothUse use, LayRules rules, String name) {
        PiecesToLay cut = PiecesToLay.of(pattern, use);
        for (int i = 0; i < cut.pieces().size(); i++) {
            SpreadPiece spread = cut.spreads().get(i);
            LayPiece piece = cut.pieces().get(i);
            if (!spread.piece().name().equals(name) || fits(piece, rules)) {
                continue;
            }
            boolean fold = piece.kind() == CutShape.FOLD;
            double room = (fold && !rules.folded() ? rules.lying() / 2 : rules.lying()) - ALLOWED;
            Box box = piece.outline().box();
            boolean right = !fold || Math.abs(box.maxX()) > Math.abs(box.minX());
            return Stream.of(right, !right)
                    .filter(side -> !fold || side == right)
                    .map(side -> seam(pattern, spread, side ? box.minX() + room : box.maxX() - room))
                    .flatMap(Optional::stream)
                    .findFirst();
        }
        return Optional.empty();
    }

    /** Returns the seam along the grain at a place across the laid piece, where it crosses two edges, once each. */
    private static Optional<NewSeam> seam(Pattern pattern, SpreadPiece spread, double at) {
        ToDoubleFunction<Point> beyond =
                place -> PiecesToLay.laid(spread).apply(place).x() - at;
        List<PieceCutting.At> crossed = PieceCutting.crossings(spread.piece(), beyond);
        if (crossed.size() != 2 || crossings(spread, beyond) != 2) {
            return Optional.empty();
        }
        PieceCutting.At from = crossed.get(0);
        PieceCutting.At to = crossed.get(1);
        EdgeRef begin = new EdgeRef(spread.piece().name(), from.edge());
        NewSeam seam = new NewSeam(begin, from.share(), to.edge(), to.share(), 0, 0, Sides.BOTH);
        try {
            seam.made(pattern);
            return Optional.of(seam);
        } catch (AlterationRefusal refused) {
            return Optional.empty();
        }
    }

    /**
     * Counts how often the outline comes from one side to the other: oftener than twice, and the seam would leave it.
     */
    private static int crossings(SpreadPiece spread, ToDoubleFunction<Point> beyond) {
        int crossings = 0;
        for (Edge edge : spread.piece().edges()) {
            List<Point> places = edge.path().flattened(FINE);
            for (int i = 1; i < places.size(); i++) {
                boolean before = beyond.applyAsDouble(places.get(i - 1)) < 0;
                crossings += before == beyond.applyAsDouble(places.get(i)) < 0 ? 0 : 1;
            }
        }
        return crossings;
    }
}
