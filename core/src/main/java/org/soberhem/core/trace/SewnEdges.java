package org.soberhem.core.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Role;

/**
 * Two edges that are sewn together.
 *
 * @param one the first's piece
 * @param first the edge
 * @param other the second's piece; the same for the underarm of a sleeve
 * @param second the edge
 */
record SewnEdges(PaperPiece one, TracedEdge first, PaperPiece other, TracedEdge second) {

    /** Names that pieces of one garment share although they are not sewn together. */
    private static final Set<String> UNSEWN =
            Set.of("top", "bottom", "front", "end", "head", "mouth", "fold", "edge", "wrist");

    /** A seam whose sides differ by more than this share is gathered. */
    static final double GATHERED = 0.25;

    /**
     * Finds them: two edges of one name on two pieces, and two underarm edges of one sleeve. Where more than two pieces
     * have a name, those of like length are sewn together first, and each edge once.
     */
    static List<SewnEdges> of(List<PaperPiece> pieces) {
        List<SewnEdges> candidates = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            PaperPiece one = pieces.get(i);
            for (PaperPiece other : pieces.subList(i + 1, pieces.size())) {
                for (TracedEdge run : one.runs()) {
                    other.runs().stream()
                            .filter(each -> each.edge().equals(run.edge()) && isSewn(each))
                            .findFirst()
                            .ifPresent(each -> candidates.add(new SewnEdges(one, run, other, each)));
                }
            }
            List<TracedEdge> under = one.all(Role.UNDERARM);
            if (under.size() == 2) {
                candidates.add(new SewnEdges(one, under.get(0), one, under.get(1)));
            }
        }
        List<SewnEdges> likeFirst = new ArrayList<>(candidates);
        likeFirst.sort(Comparator.comparingDouble(each -> Math.abs(each.longer())));
        Set<String> taken = new HashSet<>();
        List<SewnEdges> sewn = new ArrayList<>();
        for (SewnEdges each : likeFirst) {
            String first = name(each.one, each.first);
            String second = name(each.other, each.second);
            if (!taken.contains(first) && !taken.contains(second)) {
                taken.add(first);
                taken.add(second);
                sewn.add(each);
            }
        }
        candidates.retainAll(sewn);
        return candidates;
    }

    private static boolean isSewn(TracedEdge run) {
        return switch (run.role()) {
            case NECK, ARMSCYE, HEM, CENTRE, CAP, WAIST, UNDERARM -> false;
            default -> !run.edge().startsWith("edge-") && !UNSEWN.contains(run.edge());
        };
    }

    static String name(PaperPiece piece, TracedEdge run) {
        return piece.name() + "." + run.edge();
    }

    /** Returns the first side as a run of the sheet. */
    List<String> firstRun() {
        return List.of(name(one, first));
    }

    List<String> secondRun() {
        return List.of(name(other, second));
    }

    /** Returns by how much the first side is the longer, in millimetres. */
    double longer() {
        return first.path().length() - second.path().length();
    }

    boolean isGathered() {
        double a = first.path().length();
        double b = second.path().length();
        return Math.max(a, b) > Math.min(a, b) * (1 + GATHERED);
    }

    /** Says whether the second side lies across the piece rather than along it. */
    boolean liesAcross() {
        Point way = second.end().minus(second.start());
        return Math.abs(way.x()) > Math.abs(way.y());
    }
}
