package org.soberhem.core.garment;

import java.util.Optional;
import org.soberhem.core.length.Sentence;

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
 * @param caught what it is sewn to all round, which holds it where it is snugger
 * @param slit the setting that opens it and its present value, for people; empty where none does
 */
public record BodyLoop(
        String edge,
        String part,
        double body,
        double closed,
        double opens,
        double over,
        double stretch,
        Optional<Caught> caught,
        Optional<Sentence> slit) {

    /**
     * What an edge is sewn to.
     *
     * @param to what it is
     * @param length its length while it is closed
     */
    public record Caught(String to, double length) {}

    /** Makes an edge that is sewn to nothing snugger. */
    public BodyLoop(String edge, String part, double body, double closed, double opens, double over, double stretch) {
        this(edge, part, body, closed, opens, over, stretch, Optional.empty(), Optional.empty());
    }

    /** Returns the edge while it is closed, as it is sewn: no longer than what it is sewn to. */
    public double sewn() {
        return Math.min(closed, caught.map(Caught::length).orElse(Double.POSITIVE_INFINITY));
    }

    /** Returns what holds the edge closer than it was cut; empty where nothing does. */
    public Optional<Caught> held() {
        return caught.filter(to -> to.length() < closed);
    }

    /** Returns by which share the cloth must give for the part to get through as it opens now. */
    public double give() {
        return Math.max(0, (needed() - opens) / sewn() - 1);
    }

    /** Returns how far the edge comes when it is open and pulled. */
    public double reach() {
        return sewn() * (1 + stretch) + opens;
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
        return !Double.isNaN(sewn()) && !Double.isNaN(opens);
    }

    /** Says whether the part's girth is known and the edge still there. */
    public boolean isJudged() {
        return !Double.isNaN(body) && isThere();
    }

    /** Returns how long an opening must be at least; 0 where the closed edge passes. */
    public double opening() {
        return Math.max(0, (needed() - sewn() * (1 + stretch)) / 2);
    }

    /** Returns the same edge in cloth that gives more or less. */
    public BodyLoop stretching(double other) {
        return new BodyLoop(edge, part, body, closed, opens, over, other, caught, slit);
    }
}
