package org.soberhem.core.body;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.length.Length;
import org.soberhem.core.pattern.Side;

/**
 * What was measured on one day over one stack of layers.
 *
 * @param id unique for its wearer
 * @param date when
 * @param stack id of the layer stack worn
 * @param lacing how far stays or corset were laced, in words; empty if none were worn
 * @param helper who held the tape; empty if the wearer was alone
 * @param readings at most one for each measure, side and posture
 */
public record MeasurementSet(
        String id, LocalDate date, String stack, String lacing, String helper, List<Reading> readings) {

    public MeasurementSet {
        readings = List.copyOf(readings);
    }

    public Optional<Reading> find(String measure, Side side, Posture posture) {
        return readings.stream()
                .filter(r -> r.measure().equals(measure) && r.side() == side && r.posture() == posture)
                .findFirst();
    }

    /**
     * Returns the mean standing reading that stands for one side: the side's own, else that of the middle, else that of the
     * other side.
     */
    public Optional<Length> value(String measure, Side side) {
        Side other = side == Side.LEFT ? Side.RIGHT : Side.LEFT;
        return find(measure, side, Posture.STANDING)
                .or(() -> find(measure, Side.MIDDLE, Posture.STANDING))
                .or(() -> find(measure, other, Posture.STANDING))
                .map(Reading::mean);
    }

    /** Returns this set with a reading put in the place of the one for the same measure, side and posture. */
    public MeasurementSet with(Reading reading) {
        List<Reading> changed = new ArrayList<>(readings);
        changed.replaceAll(r -> same(r, reading) ? reading : r);
        if (!changed.contains(reading)) {
            changed.add(reading);
        }
        return new MeasurementSet(id, date, stack, lacing, helper, changed);
    }

    /** Returns this set without the reading of a measure, side and posture. */
    public MeasurementSet without(String measure, Side side, Posture posture) {
        List<Reading> kept = readings.stream()
                .filter(r -> !(r.measure().equals(measure) && r.side() == side && r.posture() == posture))
                .toList();
        return new MeasurementSet(id, date, stack, lacing, helper, kept);
    }

    /** Returns this set with other conditions. */
    public MeasurementSet under(String otherStack, String otherLacing, String otherHelper) {
        return new MeasurementSet(id, date, otherStack, otherLacing, otherHelper, readings);
    }

    private static boolean same(Reading a, Reading b) {
        return a.measure().equals(b.measure()) && a.side() == b.side() && a.posture() == b.posture();
    }
}
