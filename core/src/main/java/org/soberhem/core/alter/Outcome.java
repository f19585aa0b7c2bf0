package org.soberhem.core.alter;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.SeamCheck;

/**
 * What came of an alteration.
 *
 * @param pattern the altered pattern; the unaltered one if it was refused
 * @param refusal why it could not be done and what would help, if it could not
 */
public record Outcome(Pattern pattern, Optional<Sentence> refusal) {

    static Outcome refused(Pattern unaltered, String template, Object... values) {
        return new Outcome(unaltered, Optional.of(Sentence.of(template, values)));
    }

    /** Accepts the altered pattern unless a piece now crosses itself or a plain seam no longer meets. */
    static Outcome unlessSpoiled(Pattern unaltered, Pattern altered) {
        for (Piece piece : altered.pieces()) {
            Optional<Point> crossing = piece.seamLine().crossing();
            if (crossing.isPresent()) {
                return refused(
                        unaltered,
                        "The outline of the {} would cross itself {} below the top of the base line: use a smaller amount",
                        piece.name(),
                        crossing.get().y());
            }
        }
        List<SeamCheck> before = unaltered.seamChecks();
        for (SeamCheck check : altered.seamChecks()) {
            boolean torn = check.seam().kind() == Seam.Kind.PLAIN && !check.isTrue();
            if (torn
                    && before.stream()
                            .filter(was -> was.seam().equals(check.seam()))
                            .allMatch(SeamCheck::isTrue)) {
                return refused(
                        unaltered,
                        "The edges of {} would differ by {} and no longer meet: use the same amount at both",
                        check.seam().name(),
                        Math.abs(check.difference()));
            }
        }
        return new Outcome(altered, Optional.empty());
    }
}
