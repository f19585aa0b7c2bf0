package org.soberhem.core.body;

import io.soabase.recordbuilder.core.RecordBuilder;
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
 * @param worn how the layers were worn; unstated in sets of older workspaces
 * @param start at which mark the tape begins
 * @param weight what the wearer weighed, if asked
 * @param settled doubts that were answered with "it is right", by their key
 */
@RecordBuilder
public record MeasurementSet(
        String id,
        LocalDate date,
        String stack,
        String lacing,
        String helper,
        List<Reading> readings,
        AsWorn worn,
        TapeStart start,
        Optional<Weight> weight,
        List<String> settled)
        implements MeasurementSetBuilder.With {

    public MeasurementSet {
        readings = List.copyOf(readings);
        settled = List.copyOf(settled);
    }

    /** Returns a set with readings about whose circumstances nothing more is stated. */
    public static MeasurementSet of(
            String id, LocalDate date, String stack, String lacing, String helper, List<Reading> readings) {
        return new MeasurementSet(
                id, date, stack, lacing, helper, readings, AsWorn.UNSTATED, TapeStart.END, Optional.empty(), List.of());
    }

    public Optional<Reading> find(String measure, Side side, Posture posture) {
        return readings.stream()
                .filter(r -> r.measure().equals(measure) && r.side() == side && r.posture() == posture)
                .findFirst();
    }

    /**
     * Returns the mean reading that stands for one side: the side's own, else that of the middle, else that of the
     * other side.
     */
    public Optional<Length> value(String measure, Side side, Posture posture) {
        Side other = side == Side.LEFT ? Side.RIGHT : Side.LEFT;
        return find(measure, side, posture)
                .or(() -> find(measure, Side.MIDDLE, posture))
                .or(() -> find(measure, other, posture))
                .map(Reading::mean);
    }

    /** Returns the mean standing reading that stands for one side. */
    public Optional<Length> value(String measure, Side side) {
        return value(measure, side, Posture.STANDING);
    }

    /** Says whether a measure was read at all. */
    public boolean has(String measure) {
        return readings.stream().anyMatch(reading -> reading.measure().equals(measure));
    }

    /** Says whether the wearer held the tape alone. */
    public boolean alone() {
        return helper.isBlank();
    }

    /** Returns this set with a reading put in the place of the one for the same measure, side and posture. */
    public MeasurementSet with(Reading reading) {
        List<Reading> changed = new ArrayList<>(readings);
        changed.replaceAll(r -> same(r, reading) ? reading : r);
        if (!changed.contains(reading)) {
            changed.add(reading);
        }
        return withReadings(changed);
    }

    /** Returns this set without the reading of a measure, side and posture. */
    public MeasurementSet without(String measure, Side side, Posture posture) {
        return withReadings(readings.stream()
                .filter(r -> !(r.measure().equals(measure) && r.side() == side && r.posture() == posture))
                .toList());
    }

    /** Returns this set with other conditions. */
    public MeasurementSet under(String otherStack, String otherLacing, String otherHelper) {
        return with(copy -> copy.stack(otherStack).lacing(otherLacing).helper(otherHelper));
    }

    /** Returns this set with the layers worn in another way. */
    public MeasurementSet wornAs(AsWorn stated) {
        return withWorn(stated);
    }

    /** Returns this set with a doubt answered. */
    public MeasurementSet settle(String doubt) {
        List<String> all = new ArrayList<>(settled);
        all.add(doubt);
        return withSettled(all);
    }

    private static boolean same(Reading a, Reading b) {
        return a.measure().equals(b.measure()) && a.side() == b.side() && a.posture() == b.posture();
    }
}
