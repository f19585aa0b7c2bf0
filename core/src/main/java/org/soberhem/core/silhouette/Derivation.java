package org.soberhem.core.silhouette;

import java.util.List;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.silhouette.QuantityKind.From;

/** Quantities that follow from two others: a garment's number against the body's. */
final class Derivation {

    /** How two numbers make a third. */
    private enum How {
        LESS("{} less {}"),
        HALF_LESS("half of {} less {}"),
        OVER("{} over {}");

        private final String words;

        How(String words) {
            this.words = words;
        }
    }

    private record Follows(String id, String one, How how, String other) {}

    private static final List<Follows> ALL = List.of(
            new Follows("shoulder-seam-drop", "shoulder-line", How.HALF_LESS, "shoulder-width"),
            new Follows("outline-departure-over-height", "outline-departure", How.OVER, "height"),
            new Follows("bust-ease", "trunk-girth-bust", How.LESS, "chest"),
            new Follows("chest-girth-over-body", "trunk-girth-bust", How.OVER, "chest"),
            new Follows("waist-ease", "trunk-girth-waist", How.LESS, "waist"),
            new Follows("seated-waist-ease", "trunk-girth-waist", How.LESS, "seated-waist"),
            new Follows("upper-arm-ease", "sleeve-girth-upper-arm", How.LESS, "upper-arm"),
            new Follows("sleeve-max-girth-over-upper-arm", "sleeve-girth-most", How.OVER, "upper-arm"),
            new Follows("armscye-girth-over-upper-arm", "arm-hole", How.OVER, "upper-arm"),
            new Follows("neckline-width-over-shoulder-breadth", "neckline-width", How.OVER, "shoulder-width"),
            new Follows("back-width-over-shoulder-breadth", "back-width", How.OVER, "shoulder-width"),
            new Follows("stays-length-over-seated-torso", "stays-length", How.OVER, "seated-torso"),
            new Follows("overskirt-length-over-skirt", "overskirt-length", How.OVER, "skirt-length"),
            new Follows("waist-reduction-ratio", "waist", How.OVER, "bare-waist"));

    private Derivation() {}

    /** Adds what follows from what is known; what was measured at a fitting stands. */
    static void into(Facts facts) {
        for (Follows each : ALL) {
            double one = facts.value(each.one());
            double other = facts.value(each.other());
            boolean measured = facts.quantity(each.id())
                    .from()
                    .filter(From.FITTING::equals)
                    .isPresent();
            if (measured || Double.isNaN(one) || Double.isNaN(other)) {
                continue;
            }
            From from = facts.quantity(each.one()).from().orElse(From.DRAFT);
            facts.add(
                    each.id(),
                    switch (each.how()) {
                        case LESS -> one - other;
                        case HALF_LESS -> (one - other) / 2;
                        case OVER -> one / other;
                    },
                    from,
                    Sentence.of(each.how().words, facts.words(each.one()), facts.words(each.other())));
        }
    }
}
