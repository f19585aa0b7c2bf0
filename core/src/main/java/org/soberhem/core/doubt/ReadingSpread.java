package org.soberhem.core.doubt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.length.Sentence;

/** Readings of one measure that differ by too much, and which of them the others speak against. */
final class ReadingSpread {

    /** Girths that raised arms shrink. */
    private static final List<String> ARMS = List.of("full-bust", "high-bust", "chest");

    private ReadingSpread() {}

    /** Returns the doubt about the readings of one measure, if they differ by too much. */
    static Optional<Doubt> of(MeasurementSet set, Measure measure, Reading reading) {
        if (reading.spread().compareTo(measure.mostSpread()) <= 0) {
            return Optional.empty();
        }
        List<Doubt.Correction> corrections = new ArrayList<>();
        boolean smallestIsOdd = false;
        for (int i = 0; i < reading.taken().size(); i++) {
            Reading others = reading.without(i).orElseThrow();
            if (others.spread().compareTo(measure.mostSpread()) <= 0) {
                LengthEntry entry = reading.taken().get(i);
                corrections.addAll(mended(set, measure, reading, i));
                if (reading.taken().size() == Reading.MOST) {
                    smallestIsOdd |= entry.value().compareTo(others.mean()) < 0;
                    corrections.add(new Doubt.Correction(
                            Sentence.of("Leave {} out: the other two agree", entry.value()), set.with(others)));
                }
            }
        }
        return Optional.of(new Doubt(
                Doubt.Kind.SPREAD,
                List.of(measure.id()),
                Sentence.of("{} readings differ by {}", Mistakes.name(measure, reading), reading.spread()),
                Sentence.of(
                        ARMS.contains(measure.id()) && smallestIsOdd
                                ? "Raised arms shrink it: arms down, and measure again"
                                : "More than {} means measuring again",
                        measure.mostSpread()),
                corrections,
                Doubt.key(set, Doubt.Kind.SPREAD, List.of(Readings.keyOf(reading))) + " "
                        + reading.spread().nanometres()));
    }

    /** Returns what one of the readings would be without a slip, where the others then agree with it. */
    private static List<Doubt.Correction> mended(MeasurementSet set, Measure measure, Reading reading, int place) {
        LengthEntry entry = reading.taken().get(place);
        List<LengthEntry> slips = new ArrayList<>(entry.transposed());
        slips.add(entry.readAs(entry.unit() == LengthUnit.CENTIMETRE ? LengthUnit.INCH : LengthUnit.CENTIMETRE));
        slips.add(entry.less(TapeStart.TEN_AT_FLOOR.offset()));
        List<Doubt.Correction> corrections = new ArrayList<>();
        for (LengthEntry slip : slips) {
            Reading with = reading.with(place, slip);
            if (with.spread().compareTo(measure.mostSpread()) <= 0) {
                corrections.add(
                        new Doubt.Correction(Sentence.of("{} was {}", entry.typed(), slip.value()), set.with(with)));
            }
        }
        return corrections;
    }
}
