package org.soberhem.core.body;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.pattern.Side;

/**
 * One measurement of one wearer, taken up to three times.
 *
 * @param measure catalogue id
 * @param side which side of the wearer, or the middle
 * @param posture how the wearer held still
 * @param taken the readings as typed, one to three
 */
public record Reading(String measure, Side side, Posture posture, List<LengthEntry> taken) {

    /** Readings of one measurement that are kept. */
    public static final int MOST = 3;

    public Reading {
        taken = List.copyOf(taken);
        if (taken.isEmpty() || taken.size() > MOST) {
            throw new IllegalArgumentException("A measurement must have one to three readings: " + taken.size());
        }
    }

    /** Returns the mean of the readings, rounded to a nanometre. */
    public Length mean() {
        long sum = 0;
        for (LengthEntry entry : taken) {
            sum += entry.value().nanometres();
        }
        return new Length(Math.round((double) sum / taken.size()));
    }

    /** Returns the largest reading minus the smallest. */
    public Length spread() {
        Length least = taken.get(0).value();
        Length most = least;
        for (LengthEntry entry : taken) {
            least = entry.value().compareTo(least) < 0 ? entry.value() : least;
            most = entry.value().compareTo(most) > 0 ? entry.value() : most;
        }
        return most.minus(least);
    }

    /** Returns this measurement with one reading replaced, or added at the end. */
    public Reading with(int place, LengthEntry entry) {
        List<LengthEntry> changed = new ArrayList<>(taken);
        if (place < changed.size()) {
            changed.set(place, entry);
        } else {
            changed.add(entry);
        }
        return new Reading(measure, side, posture, changed);
    }

    /** Returns this measurement without one of its readings; empty if it was the only one. */
    public Optional<Reading> without(int place) {
        if (taken.size() == 1) {
            return Optional.empty();
        }
        List<LengthEntry> kept = new ArrayList<>(taken);
        kept.remove(place);
        return Optional.of(new Reading(measure, side, posture, kept));
    }

    /** Returns the reading with every entry changed. */
    public Reading each(UnaryOperator<LengthEntry> change) {
        return new Reading(measure, side, posture, taken.stream().map(change).toList());
    }
}
