package org.soberhem.core.doubt;

import java.util.LinkedHashMap;
import java.util.Map;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.pattern.Side;

/**
 * The means of a set by key: the measure's id, with {@code @seated}, {@code @left} or {@code @right} where they are
 * read apart. The bare id is the standing reading of the middle, else the larger side, else the seated one.
 */
final class Readings {

    private final Map<String, Double> values = new LinkedHashMap<>();

    private Readings() {}

    static Readings of(MeasurementSet set) {
        Readings readings = new Readings();
        for (Reading reading : set.readings()) {
            double mean = reading.mean().toMillimetres();
            readings.values.put(keyOf(reading), mean);
            if (reading.posture() == Posture.STANDING && reading.side() != Side.MIDDLE) {
                readings.values.merge(reading.measure(), mean, Math::max);
            }
        }
        for (Reading reading : set.readings()) {
            if (reading.posture() == Posture.SEATED) {
                readings.values.putIfAbsent(reading.measure(), reading.mean().toMillimetres());
            }
        }
        return readings;
    }

    /** Returns the value of a key in millimetres; NaN if it was not read. */
    double value(String key) {
        Double value = values.get(key);
        return value == null ? Double.NaN : value;
    }

    static String keyOf(Reading reading) {
        if (reading.posture() == Posture.SEATED) {
            return reading.measure() + "@seated";
        }
        return switch (reading.side()) {
            case MIDDLE -> reading.measure();
            case LEFT -> reading.measure() + "@left";
            case RIGHT -> reading.measure() + "@right";
        };
    }

    static String measureOf(String key) {
        int at = key.indexOf('@');
        return at < 0 ? key : key.substring(0, at);
    }
}
