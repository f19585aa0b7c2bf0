package org.soberhem.core.alter;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.alter.edit.SeamRole;
import org.soberhem.core.alter.edit.SeamShift;
import org.soberhem.core.alter.kind.DivideDart;
import org.soberhem.core.alter.kind.ShapeLapel;
import org.soberhem.core.alter.kind.WidenLap;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;

/** The places of a pattern that an alteration can be made at. */
public final class Places {

    private Places() {}

    /**
     * Returns every answer to a question about a place: {@link EdgeRef} for an edge, dart or point of a piece, else a
     * name.
     *
     * @param piece the piece of the place that was chosen first, for an edge opposite to it
     */
    public static List<Object> of(Pattern pattern, AlterationKind.As as, Optional<String> piece) {
        Set<Object> places = new LinkedHashSet<>();
        for (Piece each : pattern.pieces()) {
            if (each.side() != Side.RIGHT) {
                places.addAll(within(pattern, each, as, piece));
            }
        }
        return new ArrayList<>(places);
    }

    private static List<Object> within(Pattern pattern, Piece each, AlterationKind.As as, Optional<String> piece) {
        List<Object> places = new ArrayList<>();
        switch (as) {
            case PIECE -> places.add(each.name());
            case CENTRE_PIECE -> SeamRole.CENTRE.of(pattern, each).ifPresent(edge -> places.add(each.name()));
            case SLEEVE -> {
                if (each.edges().stream().anyMatch(edge -> edge.role() == Role.CAP)) {
                    places.add(each.name());
                }
            }
            case LAP -> {
                if (WidenLap.hasLap(each)) {
                    places.add(each.name());
                }
            }
            case LAPEL -> {
                if (ShapeLapel.hasLapel(each)) {
                    places.add(each.name());
                }
            }
            case LEVEL -> places.addAll(each.levels().keySet());
            case DART -> each.darts().forEach(dart -> places.add(new EdgeRef(each.name(), dart.name())));
            case POINT -> each.edges().forEach(edge -> places.add(new EdgeRef(each.name(), edge.from())));
            case EDGE -> edges(each).forEach(edge -> places.add(new EdgeRef(each.name(), edge.name())));
            case INNER_DART ->
                each.darts().stream()
                        .filter(dart -> DivideDart.isInner(each, dart))
                        .forEach(dart -> places.add(new EdgeRef(each.name(), dart.name())));
            case SEWN ->
                edges(each).stream()
                        .map(edge -> new EdgeRef(each.name(), edge.name()))
                        .filter(ref -> SeamEdits.of(pattern, ref).isPresent())
                        .forEach(places::add);
            case OPEN ->
                edges(each).stream()
                        .map(edge -> new EdgeRef(each.name(), edge.name()))
                        .filter(ref -> SeamEdits.of(pattern, ref).isEmpty())
                        .forEach(places::add);
            case SEAM ->
                edges(each).stream()
                        .map(edge -> new EdgeRef(each.name(), edge.name()))
                        .filter(ref -> isPair(pattern, ref))
                        .forEach(places::add);
            case LINE ->
                each.edges().stream()
                        .filter(SeamRole::runsDown)
                        .map(edge -> new EdgeRef(each.name(), edge.name()))
                        .filter(ref -> isPair(pattern, ref)
                                || SeamEdits.of(pattern, ref).isEmpty())
                        .forEach(places::add);
            case JUDGED ->
                pattern.seamChecks().stream()
                        .sorted(Comparator.comparing(SeamCheck::isTrue))
                        .forEach(check -> places.add(check.seam().name()));
            case OPPOSITE -> {
                if (piece.filter(each.name()::equals).isPresent()) {
                    edges(each).forEach(edge -> places.add(edge.name()));
                }
            }
            default -> throw new IllegalArgumentException("Not a place: " + as);
        }
        return places;
    }

    private static List<Edge> edges(Piece piece) {
        return piece.edges().stream()
                .filter(edge -> edge.role() != Role.DART && !piece.isFold(edge))
                .toList();
    }

    private static boolean isPair(Pattern pattern, EdgeRef ref) {
        for (Seam seam : pattern.seams()) {
            if ((seam.first().contains(ref) || seam.second().contains(ref))
                    && !seam.kind().byFullness()
                    && seam.kind() != Seam.Kind.FACED
                    && SeamShift.isOneLine(seam.first())
                    && SeamShift.isOneLine(seam.second())) {
                return true;
            }
        }
        return false;
    }
}
