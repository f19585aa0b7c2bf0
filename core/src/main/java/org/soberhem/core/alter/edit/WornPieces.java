package org.soberhem.core.alter.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/** Changes worn pieces, each on the sides that an alteration names. */
public final class WornPieces {

    private WornPieces() {}

    /**
     * Changes every piece of a name.
     *
     * @throws AlterationRefusal if there is none
     */
    public static Pattern piece(Pattern pattern, String name, Sides sides, UnaryOperator<Piece> change) {
        if (pattern.pieces().stream().noneMatch(piece -> piece.name().equals(name))) {
            throw new AlterationRefusal("There is no piece \"{}\": choose another piece", name);
        }
        Predicate<Piece> named = piece -> piece.name().equals(name);
        if (pattern.pieces().stream().filter(named).noneMatch(piece -> sides.include(piece.side()))) {
            throw new AlterationRefusal("The {} belongs to neither side: choose both sides", name);
        }
        return pattern.withPieces(pattern.pieces().stream()
                .map(piece -> named.test(piece) && sides.include(piece.side()) ? change.apply(piece) : piece)
                .toList());
    }

    /**
     * Changes every piece that is asked for.
     *
     * @param change looks at nothing but the piece: of two that are worn alike one is changed and the other taken over
     * @throws AlterationRefusal if all of them belong to neither side and only one side is altered
     */
    public static Pattern each(Pattern pattern, Sides sides, Predicate<Piece> which, UnaryOperator<Piece> change) {
        List<Piece> changed = new ArrayList<>();
        for (Piece piece : pattern.pieces()) {
            boolean asked = which.test(piece) && sides.include(piece.side());
            changed.add(asked ? alike(pattern, changed, piece).orElseGet(() -> change.apply(piece)) : piece);
        }
        pattern.pieces().stream().filter(which).findFirst().ifPresent(first -> {
            if (pattern.pieces().stream().filter(which).noneMatch(piece -> sides.include(piece.side()))) {
                throw new AlterationRefusal("The {} belongs to neither side: choose both sides", first.name());
            }
        });
        return pattern.withPieces(changed);
    }

    /** Returns what became of the piece before, if it is worn on the other side and the same. */
    private static Optional<Piece> alike(Pattern pattern, List<Piece> changed, Piece piece) {
        if (changed.isEmpty()) {
            return Optional.empty();
        }
        Piece before = pattern.pieces().get(changed.size() - 1);
        Piece became = changed.get(changed.size() - 1);
        return became != before && before.isLike(piece) ? Optional.of(became.onSide(piece.side())) : Optional.empty();
    }

    /**
     * Requires both sides where pieces or edges come or go.
     *
     * @throws AlterationRefusal if only one side is altered
     */
    public static void bothOnly(Sides sides) {
        if (sides != Sides.BOTH) {
            throw new AlterationRefusal(
                    "This changes which pieces and edges there are: choose both sides, then shape each side apart");
        }
    }

    /** Returns where it is made, to be put at the end of a sentence. */
    public static String where(Sides sides) {
        return sides == Sides.BOTH ? "" : ", " + sides.words();
    }
}
