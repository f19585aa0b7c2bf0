package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.CutAfter;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.SeamCheck;

/**
 * What came of an alteration.
 *
 * @param pattern the altered pattern; the unaltered one if it was refused
 * @param refusal why it could not be done and what would help, if it could not
 * @param unequal seams that were true before and no longer are, though they can still be sewn: eased, gathered, pleated
 * @param completed the same alteration together with what makes the seams true again, where that is known
 * @param trued plain seams that would have differed by too little to be asked about and were made true with it
 */
public record Outcome(
        Pattern pattern,
        Optional<Sentence> refusal,
        List<Sentence> unequal,
        Optional<Alteration> completed,
        List<Sentence> trued) {

    /** A difference of a plain seam below this is made true without a word, in millimetres: 1/16 in. */
    private static final double TRUED = 25.4 / 16;

    public Outcome {
        unequal = List.copyOf(unequal);
        trued = List.copyOf(trued);
    }

    /** Makes an alteration and judges it: no piece may cross itself, no plain seam be torn apart. */
    public static Outcome of(Pattern before, Alteration alteration) {
        Pattern after;
        try {
            after = CutAfter.following(before, alteration.made(before));
        } catch (AlterationRefusal refusal) {
            return refused(before, refusal.sentence());
        } catch (ArithmeticException vanished) {
            return refused(before, Sentence.of("An edge would shrink to nothing: use a smaller amount"));
        }
        Optional<Sentence> crossing = crossing(before, after);
        if (crossing.isPresent()) {
            return refused(before, crossing.get());
        }
        List<SeamCheck> spoiled = spoiled(before, after);
        Optional<Alteration> completed = spoiled.isEmpty() || alteration instanceof Alteration.Together
                ? Optional.empty()
                : completed(before, after, alteration, spoiled);
        Optional<SeamCheck> torn = spoiled.stream()
                .filter(check ->
                        check.seam().kind() == Seam.Kind.PLAIN || check.seam().kind() == Seam.Kind.FACED)
                .findFirst();
        if (torn.isPresent() && completed.isPresent() && spoiled.stream().allMatch(Outcome::isTiny)) {
            return new Outcome(
                    CutAfter.following(before, completed.get().made(before)),
                    Optional.empty(),
                    List.of(),
                    Optional.empty(),
                    spoiled.stream().map(Outcome::trued).toList());
        }
        if (torn.isPresent()) {
            Sentence why = Sentence.of(
                    "The edges of {} would differ by {} and no longer meet: {}",
                    torn.get().seam().name(),
                    difference(torn.get()),
                    completed.isPresent() ? "make the other edge true with it" : "use the same amount at both");
            return new Outcome(before, Optional.of(why), List.of(), completed, List.of());
        }
        return new Outcome(
                after,
                Optional.empty(),
                spoiled.stream().map(SeamCheck::sentence).toList(),
                completed,
                List.of());
    }

    /** A difference that would be shown as nothing is a hair. */
    private static Object difference(SeamCheck check) {
        double difference = Math.abs(check.difference());
        return difference < TRUED ? "a hair" : (Object) difference;
    }

    private static boolean isTiny(SeamCheck check) {
        return check.seam().kind() == Seam.Kind.PLAIN && Math.abs(check.difference()) < TRUED;
    }

    private static Sentence trued(SeamCheck check) {
        return Sentence.of("{} trued: {}", check.seam().name(), difference(check));
    }

    private static Outcome refused(Pattern unaltered, Sentence why) {
        return new Outcome(unaltered, Optional.of(why), List.of(), Optional.empty(), List.of());
    }

    /** Looks only at pieces that changed, and of two worn alike at one. */
    private static Optional<Sentence> crossing(Pattern before, Pattern altered) {
        List<List<Edge>> seen = new ArrayList<>();
        before.pieces().forEach(piece -> seen.add(piece.edges()));
        for (Piece piece : altered.pieces()) {
            if (seen.contains(piece.edges())) {
                continue;
            }
            seen.add(piece.edges());
            Optional<Point> crossing = piece.seamLine().crossing();
            if (crossing.isPresent()) {
                return Optional.of(Sentence.of(
                        "The outline of the {} would cross itself {} below the top of the base line: use a smaller amount",
                        piece.name(),
                        crossing.get().y()));
            }
        }
        return Optional.empty();
    }

    /** Returns the seams that were true, as far as they were there, and no longer are. */
    private static List<SeamCheck> spoiled(Pattern before, Pattern after) {
        List<SeamCheck> untrue =
                after.seamChecks().stream().filter(check -> !check.isTrue()).toList();
        if (untrue.isEmpty()) {
            return untrue;
        }
        List<SeamCheck> were = before.seamChecks();
        return untrue.stream()
                .filter(check -> were.stream()
                        .filter(was -> was.seam().equals(check.seam()))
                        .allMatch(SeamCheck::isTrue))
                .toList();
    }

    /** Makes each spoiled seam true on the side that the alteration left alone. */
    private static Optional<Alteration> completed(
            Pattern before, Pattern after, Alteration alteration, List<SeamCheck> spoiled) {
        List<Alteration> parts = new ArrayList<>();
        parts.add(alteration);
        for (SeamCheck check : spoiled) {
            boolean firstStays = before.has(check.seam().first())
                    && Math.abs(before.length(check.seam().first(), check.side()) - check.firstLength())
                            < SeamCheck.TOLERANCE;
            EdgeRef other = (firstStays ? check.seam().first() : check.seam().second()).get(0);
            Alteration truing = new TrueSeam(other, alteration.sides());
            if (!parts.contains(truing)) {
                parts.add(truing);
            }
        }
        Alteration.Together together = new Alteration.Together(parts);
        try {
            Pattern whole = CutAfter.following(before, together.made(before));
            boolean sound =
                    crossing(before, whole).isEmpty() && spoiled(before, whole).isEmpty();
            return sound ? Optional.of(together) : Optional.empty();
        } catch (AlterationRefusal | ArithmeticException beyond) {
            return Optional.empty();
        }
    }
}
