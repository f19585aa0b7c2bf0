package org.soberhem.core.garment;

import java.util.List;
import java.util.Optional;

/**
 * What was usual in some years: data from the library, not rules.
 *
 * @param what the quantity, such as skirt-gathers
 * @param from first year
 * @param to last year
 * @param cloth cloth for which it holds; empty for any
 * @param least least, in millimetres or as a pure number
 * @param most most
 * @param why the reason or the look
 */
public record Usage(String what, int from, int to, String cloth, double least, double most, String why) {

    /** Says whether a value lies within. */
    public boolean holds(double value) {
        return value >= least - 1e-6 && value <= most + 1e-6;
    }

    /**
     * Finds what was usual in a year; what holds for the very cloth goes before what holds for any.
     *
     * @param cloth kind of cloth; empty where it is not known
     */
    public static Optional<Usage> of(List<Usage> usages, String what, int year, String cloth) {
        Optional<Usage> any = Optional.empty();
        for (Usage usage : usages) {
            if (usage.what.equals(what) && year >= usage.from && year <= usage.to) {
                if (!usage.cloth.isEmpty() && usage.cloth.equals(cloth)) {
                    return Optional.of(usage);
                }
                if (usage.cloth.isEmpty() && any.isEmpty()) {
                    any = Optional.of(usage);
                }
            }
        }
        return any;
    }
}
