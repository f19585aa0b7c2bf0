package org.soberhem.core.body;

import java.util.Optional;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;

/**
 * What is to be said of a typed reading.
 *
 * @param refused whether it cannot be kept; otherwise a sentence is only a question
 * @param sentence what is odd, if anything
 */
public record EntryJudgement(boolean refused, Optional<Sentence> sentence) {

    /** No tape is longer. */
    private static final Length LONGEST = Length.ofMillimetres(10_000);

    /** Judges a reading by the definition of its measure: impossible, outside the usual, or nothing to say. */
    public static EntryJudgement of(Measure measure, Length value, Age age) {
        if (value.nanometres() < 0
                || value.nanometres() == 0
                        && measure.usual().values().stream()
                                .noneMatch(usual -> usual.least().nanometres() == 0)) {
            return new EntryJudgement(
                    true,
                    Optional.of(Sentence.of(
                            "{} must be more than nothing: {} was typed. Type what the tape shows.",
                            measure.name(),
                            value)));
        }
        if (value.compareTo(LONGEST) > 0) {
            return new EntryJudgement(
                    true, Optional.of(Sentence.of("{} cannot be {}: was another unit meant?", measure.name(), value)));
        }
        Optional<Measure.Usual> usual = measure.usualAt(age);
        if (usual.isPresent() && !usual.get().holds(value)) {
            return new EntryJudgement(
                    false,
                    Optional.of(Sentence.of(
                            "{} is usually {} to {} on {}: is {} right? Another unit, or a digit too many?",
                            measure.name(),
                            usual.get().least(),
                            usual.get().most(),
                            age.words(),
                            value)));
        }
        return new EntryJudgement(false, Optional.empty());
    }
}
