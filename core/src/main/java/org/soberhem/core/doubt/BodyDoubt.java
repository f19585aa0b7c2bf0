package org.soberhem.core.doubt;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.stand.OddReading;

/** A reading that all the others together contradict: found when the wearer's stand is made. */
public final class BodyDoubt {

    private BodyDoubt() {}

    /**
     * Returns the doubt, unless it was answered before.
     *
     * @param names returns the name of a measure
     */
    public static Optional<Doubt> of(MeasurementSet set, OddReading odd, UnaryOperator<String> names) {
        String side = odd.side() == Side.MIDDLE ? "" : ", " + odd.side().words();
        Doubt doubt = new Doubt(
                Doubt.Kind.ONE_BODY,
                List.of(odd.measure()),
                Sentence.of(
                        "These readings do not make one body. The likeliest wrong one is {}{}: read {}, the others make it about {}",
                        names.apply(odd.measure()),
                        side,
                        odd.read(),
                        odd.others()),
                Sentence.of("The stand was fitted to all tapes at once, and to all but this one"),
                List.of(),
                Doubt.Kind.ONE_BODY + " " + odd.measure() + " " + odd.side() + "=" + Math.round(odd.read()));
        return set.settled().contains(doubt.key()) ? Optional.empty() : Optional.of(doubt);
    }
}
