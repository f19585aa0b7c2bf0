package org.soberhem.desk.draft;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.AlterationKind.As;
import org.soberhem.core.alter.AlterationKind.Ask;
import org.soberhem.core.alter.edit.AmountsAlong;
import org.soberhem.core.alter.edit.AmountsAlong.From;
import org.soberhem.core.alter.edit.AmountsAlong.Place;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Side;

/** What a hand on the paper answers of the questions of an alteration. */
final class HandAnswers {

    /** By how much an amount grows for each unit that the edge is pulled inward: both edges of a seam move. */
    private static final Map<String, Double> PULLED = Map.of(
            "take-in-seam", 2.0,
            "shape-seam", 2.0,
            "shape-line", 2.0,
            "room-at-level", 2.0,
            "open-centre", 2.0,
            "move-seam", -1.0,
            "hollow-edge", 1.0);

    /** What is answered by an edge. */
    private static final Set<As> EDGES = Set.of(As.EDGE, As.SEWN, As.OPEN, As.SEAM, As.LINE);

    /** An edge has an upper, a middle and a lower third. */
    private static final double THIRD = 1.0 / 3;

    /** A place is answered to a hundredth of the breadth or length. */
    private static final int PARTS = 100;

    private HandAnswers() {}

    /** Says whether an alteration can be made by pulling its edge. */
    static boolean isPulled(AlterationKind kind) {
        return PULLED.containsKey(kind.does());
    }

    /**
     * Returns what pulling an edge answers: the edge, and the amounts where it was taken hold of.
     *
     * @param share where, as a share of its length from its upper end
     * @param inward how far into the piece, in millimetres
     * @param length of the edge
     */
    static Map<String, Object> pulled(AlterationKind kind, EdgeRef edge, double share, double inward, double length) {
        Map<String, Object> answers = new LinkedHashMap<>();
        double amount = PULLED.getOrDefault(kind.does(), 0.0) * inward;
        for (Ask ask : kind.asks()) {
            switch (ask.as()) {
                case EDGE, SEWN, OPEN, SEAM, LINE -> answers.put(ask.name(), edge);
                case CENTRE_PIECE -> answers.put(ask.name(), edge.piece());
                case AMOUNTS ->
                    answers.put(
                            ask.name(),
                            new AmountsAlong(List.of(
                                    Place.top(0), new Place(From.TOP, "", share * length, amount), Place.bottom(0))));
                case LENGTH -> {
                    if (isHere(kind, ask, share)) {
                        answers.put(ask.name(), amount);
                    }
                }
                default -> {}
            }
        }
        return answers;
    }

    /** Says whether an amount belongs to the part of the edge that was taken hold of. */
    private static boolean isHere(AlterationKind kind, Ask ask, double share) {
        boolean hasMiddle = kind.asks().stream().anyMatch(each -> each.name().equals("atMiddle"));
        return switch (ask.name()) {
            case "atTop" -> share < (hasMiddle ? THIRD : 1 - THIRD);
            case "atBottom" -> share > (hasMiddle ? 1 - THIRD : THIRD);
            case "atMiddle" -> share >= THIRD && share <= 1 - THIRD;
            default -> true;
        };
    }

    /** Returns what a tap on a piece answers: the piece and where across, or its nearest edge and where along it. */
    static Map<String, Object> tapped(AlterationKind kind, Pattern pattern, String name, Point at) {
        Optional<Ask> share =
                kind.asks().stream().filter(ask -> ask.as() == As.SHARE).findFirst();
        Optional<Ask> place =
                kind.asks().stream().filter(ask -> ask.as().isPlace()).findFirst();
        Optional<Piece> tapped = pattern.piece(name, Side.LEFT);
        if (share.isEmpty() || place.isEmpty() || tapped.isEmpty()) {
            return Map.of();
        }
        if (place.get().as() == As.PIECE) {
            Box box = tapped.get().seamLine(1).box();
            double across = Math.round((at.x() - box.minX()) / box.width() * PARTS) / (double) PARTS;
            return Map.of(place.get().name(), name, share.get().name(), across);
        }
        if (!EDGES.contains(place.get().as())) {
            return Map.of();
        }
        return tapped.get().edges().stream()
                .filter(edge -> edge.role() != Role.DART && !tapped.get().isFold(edge))
                .min(Comparator.comparingDouble(
                        edge -> edge.path().atShare(nearest(edge.path(), at)).distanceTo(at)))
                .map(edge -> answers(place.get(), share.get(), name, edge, at))
                .orElse(Map.of());
    }

    private static Map<String, Object> answers(Ask place, Ask share, String piece, Edge edge, Point at) {
        return Map.of(place.name(), new EdgeRef(piece, edge.name()), share.name(), nearest(edge.path(), at));
    }

    /** Returns the share of a path that is nearest to a place, to a hundredth. */
    private static double nearest(Path path, Point at) {
        int nearest = 1;
        for (int i = 1; i < PARTS; i++) {
            if (path.atShare((double) i / PARTS).distanceTo(at)
                    < path.atShare((double) nearest / PARTS).distanceTo(at)) {
                nearest = i;
            }
        }
        return (double) nearest / PARTS;
    }
}
