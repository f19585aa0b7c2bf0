package org.soberhem.core.stand;

import org.soberhem.core.pattern.Side;

/**
 * How far a stand misses a reading.
 *
 * @param measure catalogue id
 * @param side where it was read; the middle where sides are not told apart
 * @param read millimetres
 * @param stand what the tape reads on the stand, millimetres
 * @param spread of careful readings, millimetres
 */
public record Residual(String measure, Side side, double read, double stand, double spread) {

    /** Returns how much more the stand has than was read, in millimetres. */
    public double off() {
        return stand - read;
    }

    /** Returns the same in spreads of careful readings. */
    public double score() {
        return off() / spread;
    }
}
