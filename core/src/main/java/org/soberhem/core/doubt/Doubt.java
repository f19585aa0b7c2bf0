package org.soberhem.core.doubt;

import java.util.List;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.length.Sentence;

/**
 * Something odd about a set of readings, asked and never forced.
 *
 * @param kind what sort of mistake is suspected
 * @param measures catalogue ids concerned, the one to read again first
 * @param saw what was seen, with its numbers
 * @param explains what would explain it
 * @param corrections sets without the mistake, the likeliest first; empty where only reading again helps
 * @param key names the doubt and its numbers, so that an answered one is not asked again
 */
public record Doubt(
        Kind kind, List<String> measures, Sentence saw, Sentence explains, List<Correction> corrections, String key) {

    /** What sort of mistake is suspected. */
    public enum Kind {
        SPREAD("readings differ"),
        UNUSUAL("unusual"),
        UNIT("another unit?"),
        SWAPPED("exchanged?"),
        TRANSPOSED("digits exchanged?"),
        TEN_INCHES("begun at 10 in?"),
        FLOOR_MARK("10 in mark at the floor?"),
        ONE_INCH("begun at 1 in?"),
        LEAST_FITTING("fits least"),
        ARMS("arms raised?"),
        SIDES("left and right"),
        TOGETHER("do not go together"),
        ONE_BODY("not one body?"),
        OLD("old");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * A way out.
     *
     * @param words what it does, for a button
     * @param set the whole set without the mistake
     */
    public record Correction(Sentence words, MeasurementSet set) {}

    public Doubt {
        measures = List.copyOf(measures);
        corrections = List.copyOf(corrections);
    }

    /** Names a doubt about some readings of a set, with their numbers. */
    static String key(MeasurementSet set, Kind kind, List<String> keys) {
        Readings values = Readings.of(set);
        StringBuilder text = new StringBuilder(kind.name());
        keys.forEach(key -> text.append(' ').append(key).append('=').append(Math.round(values.value(key))));
        return text.toString();
    }

    /** Returns the doubt in one short sentence: what was seen and, where there is one, the way out. */
    public Sentence brief() {
        return corrections.isEmpty() || kind == Kind.SPREAD
                ? Sentence.of(saw.template().endsWith("?") ? "{}" : "{}: measure again", saw)
                : Sentence.of("{}", sentence());
    }

    /** Returns what was seen and what would explain it. */
    public Sentence sentence() {
        return Sentence.of(saw.template().endsWith("?") ? "{} {}" : "{}. {}", saw, explains);
    }
}
