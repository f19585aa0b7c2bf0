package org.soberhem.core.garment;

/**
 * A closed edge that a part of the body must get through. Lengths in millimetres.
 *
 * @param edge which edge it is
 * @param part which part of the body
 * @param body girth of that part; not a number where it was not measured
 * @param closed length of the edge while it is closed
 * @param opens by how much an opening makes it longer: twice the opening's own length
 * @param over what is needed beyond the girth to pull it on
 * @param stretch by which share the cloth gives, 0 where it is woven
 */
public record BodyLoop(
        String edge, String part, double body, double closed, double opens, double over, double stretch) {

    /** Returns how far the edge comes when it is open and pulled. */
    public double reach() {
        return closed * (1 + stretch) + opens;
    }

    /** Returns what is needed to get through. */
    public double needed() {
        return body + over;
    }

    /** Returns what is left; negative where it does not pass. */
    public double margin() {
        return reach() - needed();
    }

    /** Says whether the part gets through; one that was not measured does not. */
    public boolean passes() {
        return margin() >= -Inches.ROUNDING;
    }

    /** Says whether the edge is still there; an alteration may have cut it away. */
    public boolean isThere() {
        return !Double.isNaN(closed) && !Double.isNaN(opens);
    }

    /** Says whether the part's girth is known and the edge still there. */
    public boolean isJudged() {
        return !Double.isNaN(body) && isThere();
    }

    /** Returns how long an opening must be at least; 0 where the closed edge passes. */
    public double opening() {
        return Math.max(0, (needed() - closed * (1 + stretch)) / 2);
    }

    /** Returns the same edge in cloth that gives more or less. */
    public BodyLoop stretching(double other) {
        return new BodyLoop(edge, part, body, closed, opens, over, other);
    }
}
