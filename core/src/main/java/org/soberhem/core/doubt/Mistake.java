package org.soberhem.core.doubt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.length.Sentence;

/**
 * One slip of the hand, and the set as it would be without it.
 *
 * @param kind what sort
 * @param keys readings that it touches
 * @param explains what happened, if it did
 * @param mend what sets it right, for a button
 * @param mended the set without it
 */
record Mistake(Doubt.Kind kind, List<String> keys, Sentence explains, Sentence mend, MeasurementSet mended) {

    /** So many other girths must speak for an exchange or an offset. */
    private static final int SUPPORT = 3;

    /** Typed in inches what was read in centimetres, or the other way round. */
    static Optional<Mistake> unit(MeasurementSet set, Reading reading, String name) {
        LengthUnit typed = reading.taken().get(0).unit();
        LengthUnit other;
        if (typed == LengthUnit.INCH) {
            other = LengthUnit.CENTIMETRE;
        } else if (typed == LengthUnit.CENTIMETRE) {
            other = LengthUnit.INCH;
        } else {
            return Optional.empty();
        }
        Reading mended = reading.each(entry -> entry.unit() == typed ? entry.readAs(other) : entry);
        return Optional.of(new Mistake(
                Doubt.Kind.UNIT,
                List.of(Readings.keyOf(reading)),
                Sentence.of("{} would fit if it was read in {}", name, other.word()),
                Sentence.of("It was {}: {}", other.word(), mended.mean()),
                set.with(mended)));
    }

    /** Begun at the tape's 10 in mark, or at the floor with it. */
    static Optional<Mistake> tenInches(MeasurementSet set, Reading reading, Measure measure) {
        Length ten = TapeStart.TEN_AT_FLOOR.offset();
        if (reading.mean().compareTo(ten) <= 0) {
            return Optional.empty();
        }
        boolean floor = measure.how().fromFloor();
        Reading mended = reading.each(entry -> entry.less(ten));
        return Optional.of(new Mistake(
                floor ? Doubt.Kind.FLOOR_MARK : Doubt.Kind.TEN_INCHES,
                List.of(Readings.keyOf(reading)),
                Sentence.of(
                        floor
                                ? "{} would fit with {} off: was the tape weighted with its 10 in mark at the floor?"
                                : "{} would fit with {} off: did the tape begin at its 10 in mark?",
                        measure.name(),
                        ten),
                Sentence.of("Take {} off: {}", ten, mended.mean()),
                set.with(mended)));
    }

    /** Two digits of a single typed reading exchanged. */
    static List<Mistake> transposed(MeasurementSet set, Reading reading, String name) {
        List<Mistake> found = new ArrayList<>();
        if (reading.taken().size() == 1) {
            for (LengthEntry entry : reading.taken().get(0).transposed()) {
                if (entry.value().nanometres() > 0) {
                    found.add(new Mistake(
                            Doubt.Kind.TRANSPOSED,
                            List.of(Readings.keyOf(reading)),
                            Sentence.of("{} would fit as {}: were two digits exchanged?", name, entry.value()),
                            Sentence.of("It was {}", entry.value()),
                            set.with(reading.with(0, entry))));
                }
            }
        }
        return found;
    }

    /** The readings of two measures, sides or postures written in each other's place. */
    static Mistake swapped(MeasurementSet set, Reading one, Reading other, String oneName, String otherName) {
        MeasurementSet mended = set.with(new Reading(one.measure(), one.side(), one.posture(), other.taken()))
                .with(new Reading(other.measure(), other.side(), other.posture(), one.taken()));
        return new Mistake(
                Doubt.Kind.SWAPPED,
                List.of(Readings.keyOf(one), Readings.keyOf(other)),
                Sentence.of("They would fit the other way round: were {} and {} exchanged?", oneName, otherName),
                Sentence.of("Exchange them: {} {}, {} {}", oneName, other.mean(), otherName, one.mean()),
                mended);
    }

    /** Every girth begun at the tape's 1 in mark. */
    static Mistake oneInch(MeasurementSet set, List<Reading> girths) {
        Length inch = TapeStart.ONE_INCH.offset();
        MeasurementSet mended = set;
        for (Reading girth : girths) {
            mended = mended.with(girth.each(entry -> entry.less(inch)));
        }
        return new Mistake(
                Doubt.Kind.ONE_INCH,
                girths.stream().map(Readings::keyOf).toList(),
                Sentence.of("All of them would fit better with {} off: did the tape begin at its 1 in mark?", inch),
                Sentence.of("Take {} off all {} girths", inch, girths.size()),
                mended);
    }

    /** Says whether it is one that only other girths can tell, and no others were read. */
    boolean isUnsupported(Proportions.Fit fit) {
        boolean needsOthers = kind == Doubt.Kind.SWAPPED || kind == Doubt.Kind.TEN_INCHES;
        long others = fit.residuals().keySet().stream()
                .filter(measure -> keys.stream().map(Readings::measureOf).noneMatch(measure::equals))
                .count();
        return needsOthers && others < SUPPORT;
    }
}
