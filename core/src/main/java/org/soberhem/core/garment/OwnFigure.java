package org.soberhem.core.garment;

import java.util.Optional;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;

/**
 * A maker's own figure beside the one worked out.
 *
 * @param figure the figure worked out
 * @param made what the maker makes it, in the figure's own unit
 */
public record OwnFigure(SumValue figure, double made) {

    /** A slip that is smaller is rounding, in numbers and degrees. */
    private static final double NUMBER_TOLERANCE = 0.05;

    /** Says whether the two agree. */
    public boolean agrees() {
        return Math.abs(made - figure.value()) <= tolerance();
    }

    private double tolerance() {
        return figure.kind() == SumValue.Kind.LENGTH ? Inches.ROUNDING : NUMBER_TOLERANCE;
    }

    /** Returns the answer: that it is so, or what it is, with the sum and what may have been overlooked. */
    public Sentence sentence() {
        if (agrees()) {
            return Sentence.of("It is so: {}", figure.working());
        }
        return Sentence.of(
                "You make it {}, it is {}: {}{}",
                shown(made),
                shown(figure.value()),
                figure.working(),
                overlooked().map(why -> (Object) why).orElse(""));
    }

    private Object shown(double value) {
        return figure.kind() == SumValue.Kind.LENGTH
                ? Length.ofMillimetres(value)
                : SumValue.hundredth(value) + (figure.kind() == SumValue.Kind.ANGLE ? "°" : "");
    }

    /** Finds a length of the working that was left out or taken twice. */
    private Optional<Sentence> overlooked() {
        double off = Math.abs(made - figure.value());
        if (figure.kind() != SumValue.Kind.LENGTH) {
            return Optional.empty();
        }
        if (Math.abs(off - Inches.INCH) <= Inches.ROUNDING) {
            return Optional.of(Sentence.of(". A whole inch slipped"));
        }
        return figure.working().values().stream()
                .filter(Length.class::isInstance)
                .map(Length.class::cast)
                .filter(part -> Math.abs(part.toMillimetres() - off) <= Inches.ROUNDING)
                .findFirst()
                .map(part -> Sentence.of(". The {} is left out or taken twice", part));
    }
}
