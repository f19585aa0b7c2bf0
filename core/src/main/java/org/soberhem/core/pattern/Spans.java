package org.soberhem.core.pattern;

/**
 * Where a piece lies on its way round half the body.
 *
 * @param from share at the side with the smaller value; 0 is the centre front
 * @param to share at the other side; 1 is the centre back, 1/2 the side
 */
public record Spans(double from, double to) {

    /** Returns the place at a share of the piece's breadth, from the smaller x. */
    public double at(double share) {
        return from + (to - from) * share;
    }

    /** Says whether it lies in the front half. */
    public boolean isFront() {
        return from + to < 1;
    }
}
