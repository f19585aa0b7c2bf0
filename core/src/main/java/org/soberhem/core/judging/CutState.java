package org.soberhem.core.judging;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Derived;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Side;

/**
 * What a change means once the cloth is cut: nothing can be added to it, other pieces can, and seams must be undone.
 *
 * @param lacking where the cloth does not reach, each with what would help
 * @param added pieces that are new
 * @param unpick seams to undo, in the order in which they are undone
 */
public record CutState(List<Sentence> lacking, List<Sentence> added, List<Sentence> unpick) {

    /** What a seam takes at least, in millimetres: a quarter inch (common practice). */
    private static final double LEAST_ALLOWANCE = 25.4 / 4;

    /** Less cannot be measured on cloth, in millimetres: 1/16 in. */
    private static final double SEEN = 25.4 / 16;

    private static final double FLATNESS = 0.5;

    public CutState {
        lacking = List.copyOf(lacking);
        added = List.copyOf(added);
        unpick = List.copyOf(unpick);
    }

    /** Says whether anything is to be told. */
    public boolean isChanged() {
        return !lacking.isEmpty() || !added.isEmpty() || !unpick.isEmpty();
    }

    /** Returns what a garment has come to since its cloth was cut; empty where none is cut. */
    public static Optional<CutState> of(Costume costume, Garment garment, Pattern now) {
        return costume.underway().cloth().stream()
                .filter(use -> use.garment().equals(garment.name()))
                .flatMap(use -> use.cutVersion().stream())
                .findFirst()
                .flatMap(garment::version)
                .flatMap(Version::finished)
                .map(cut -> of(cut, now));
    }

    /**
     * Compares two patterns.
     *
     * @param cut as the cloth was cut
     * @param now as it shall be
     */
    public static CutState of(Pattern cut, Pattern now) {
        List<Sentence> lacking = new ArrayList<>();
        List<Sentence> added = new ArrayList<>();
        for (Piece piece : now.pieces()) {
            if (piece.side() == Side.RIGHT) {
                continue;
            }
            cut.piece(Derived.parent(piece.name()), piece.side())
                    .ifPresentOrElse(
                            was -> lacking(was, piece).ifPresent(lacking::add),
                            () -> added.add(Sentence.of("The {} is new: cut it from what is left", piece.name())));
        }
        List<Sentence> unpick = new ArrayList<>();
        for (Seam seam : now.seams()) {
            boolean moved = Stream.concat(seam.first().stream(), seam.second().stream())
                    .anyMatch(edge -> isMoved(cut, now, edge));
            if (moved) {
                unpick.add(Sentence.of("Unpick {}", seam.name()));
            }
        }
        // What was sewn last comes off first.
        Collections.reverse(unpick);
        return new CutState(lacking, added, unpick);
    }

    /** Returns where a piece reaches farther than its cloth, less what a seam takes. */
    private static Optional<Sentence> lacking(Piece was, Piece piece) {
        Outline cloth = was.cuttingLine();
        Outline sewn = was.seamLine();
        double worst = 0;
        String where = "";
        for (Edge edge : piece.edges()) {
            double needs = Math.min(edge.allowance(), LEAST_ALLOWANCE);
            for (Point place : edge.path().flattened(FLATNESS)) {
                if (sewn.contains(place) || sewn.distanceTo(place) < SEEN) {
                    continue;
                }
                double inside = (cloth.contains(place) ? 1 : -1) * cloth.distanceTo(place);
                if (needs - inside > worst) {
                    worst = needs - inside;
                    where = edge.name();
                }
            }
        }
        return worst < SEEN
                ? Optional.empty()
                : Optional.of(Sentence.of(
                        "The {} is cut: {} is lacking at its {}. Let out only to the allowance, or set in a gusset, a gore or a band",
                        piece.name(),
                        worst,
                        where.replace('-', ' ')));
    }

    private static boolean isMoved(Pattern cut, Pattern now, EdgeRef edge) {
        List<Edge> before = cut.edges(edge, Side.LEFT);
        List<Edge> after = now.edges(edge, Side.LEFT);
        if (before.isEmpty() || before.size() != after.size()) {
            return !after.isEmpty();
        }
        for (int i = 0; i < after.size(); i++) {
            for (double share : new double[] {0, 0.25, 0.5, 0.75, 1}) {
                Point place = after.get(i).path().atShare(share);
                if (before.get(i).path().distanceTo(place) > SEEN) {
                    return true;
                }
            }
        }
        return false;
    }
}
