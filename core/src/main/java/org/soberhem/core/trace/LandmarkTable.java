package org.soberhem.core.trace;

import java.util.List;

/**
 * The landmarks of drawn patterns, and what is kept plausible where no landmark holds it.
 *
 * @param all in the order in which they are shown
 * @param armHole least and most length of an arm-hole, as shares of the bust
 * @param follows how much of a change of the bust neck and shoulder follow where they are not measured, as a share
 */
public record LandmarkTable(List<Landmark> all, Band armHole, double follows) {

    /** A range of shares. */
    public record Band(double least, double most) {}

    public LandmarkTable {
        all = List.copyOf(all);
    }
}
