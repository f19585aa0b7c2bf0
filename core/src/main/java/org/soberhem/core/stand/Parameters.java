package org.soberhem.core.stand;

import java.util.ArrayList;
import java.util.List;

/**
 * What a stand can be turned by: each has its usual value and the spread that bodies have about it. A setting is told
 * in
 * spreads from the usual, so that 0 is usual and 1 no more than common.
 */
final class Parameters {

    private final List<Double> usual = new ArrayList<>();
    private final List<Double> spread = new ArrayList<>();

    /** Adds one and returns its place. */
    int add(double usualValue, double spreadOfBodies) {
        usual.add(usualValue);
        spread.add(spreadOfBodies);
        return usual.size() - 1;
    }

    int size() {
        return usual.size();
    }

    /** Returns a value, in millimetres or as a share. */
    double value(double[] setting, int place) {
        return usual.get(place) + setting[place] * spread.get(place);
    }
}
