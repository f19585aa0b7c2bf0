package org.soberhem.core.alter;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.alter.edit.AmountsAlong;
import org.soberhem.core.alter.edit.SeamRole;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.ShapeLine;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.size.SizeMatch;

/** What a pattern in sizes needs at its side seams once a size is taken. */
public final class SizeRoom {

    private SizeRoom() {}

    /**
     * Returns the alteration that gives or takes what the size leaves over, half of it at each side seam.
     *
     * @return empty if nothing is left over, or the pattern has no side seam with such a level
     */
    public static Optional<Alteration> of(Pattern pattern, SizeMatch match) {
        Map<String, Double> room = match.room();
        if (room.values().stream().allMatch(amount -> amount == 0)) {
            return Optional.empty();
        }
        for (Piece piece : pattern.pieces()) {
            Optional<EdgeRef> side = piece.side() == Side.RIGHT
                    ? Optional.empty()
                    : SeamRole.SIDE_SEAM.of(pattern, piece).map(edge -> new EdgeRef(piece.name(), edge.name()));
            List<AmountsAlong.Place> places = new ArrayList<>();
            room.forEach((level, amount) -> {
                if (piece.levels().containsKey(level)) {
                    places.add(AmountsAlong.Place.atLevel(level, -amount / 2));
                }
            });
            if (side.isPresent() && !places.isEmpty()) {
                return Optional.of(new ShapeLine(side.get(), new AmountsAlong(places), Sides.BOTH));
            }
        }
        return Optional.empty();
    }
}
