package org.soberhem.core.alter;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.alter.AlterationKind.Ask;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.pattern.Derived;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;

/** Finds where an alteration whose place is gone could be made instead: at what became of it, else at one alike. */
public final class NearestPlace {

    private NearestPlace() {}

    /**
     * Returns the alteration at the nearest place.
     *
     * @param lost an alteration that cannot be made on a pattern
     * @param kinds every kind of alteration
     * @return empty if its place is there, if no other is near, or if it cannot be made there either
     */
    public static Optional<Alteration> of(Alteration lost, List<AlterationKind> kinds, Pattern pattern) {
        for (AlterationKind kind : kinds) {
            Optional<Map<String, Object>> answers = kind.answers(lost);
            if (answers.isPresent()) {
                Map<String, Object> near = near(kind, answers.get(), pattern);
                return near.equals(answers.get())
                        ? Optional.empty()
                        : kind.possible(near, lost.sides()).flatMap(each -> sound(each, pattern));
            }
        }
        return Optional.empty();
    }

    private static Optional<Alteration> sound(Alteration alteration, Pattern pattern) {
        Outcome outcome = alteration.apply(pattern);
        return outcome.refusal().isEmpty() ? Optional.of(alteration) : outcome.completed();
    }

    private static Map<String, Object> near(AlterationKind kind, Map<String, Object> answers, Pattern pattern) {
        Map<String, Object> near = new LinkedHashMap<>(answers);
        Optional<String> piece = Optional.empty();
        for (Ask ask : kind.asks()) {
            if (ask.as().isPlace()) {
                Object wanted = answers.get(ask.name());
                List<Object> places = Places.of(pattern, ask.as(), piece);
                if (!places.contains(wanted)) {
                    places.stream()
                            .filter(place -> likeness(place, wanted) > 0)
                            .max(Comparator.comparingInt(place -> likeness(place, wanted)))
                            .ifPresent(place -> near.put(ask.name(), place));
                }
                piece = piece.isPresent() ? piece : Optional.of(AlterationKind.pieceOf(near.get(ask.name())));
            }
        }
        return near;
    }

    /** Returns how alike two places are: what one became of the other first, then one of the same name elsewhere. */
    private static int likeness(Object place, Object wanted) {
        if (place instanceof EdgeRef there && wanted instanceof EdgeRef was) {
            boolean samePiece = Derived.parent(there.piece()).equals(Derived.parent(was.piece()));
            boolean sameEdge = Derived.parent(there.edge()).equals(Derived.parent(was.edge()));
            boolean takenOver = there.edge().equals(Derived.takenOver(was.piece(), was.edge()));
            return takenOver ? 4 : samePiece && sameEdge ? 3 : sameEdge ? 2 : 0;
        }
        return Derived.parent(place.toString()).equals(Derived.parent(wanted.toString())) ? 1 : 0;
    }
}
