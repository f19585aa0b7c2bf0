package org.soberhem.core.alter.edit;

import org.soberhem.core.geometry.Corner;

/** How an edge is sewn, which fixes the allowances of both edges of a seam. */
public enum Sewing {
    /** Both the same, pressed open. */
    PLAIN("plain", 1, 1, Corner.MITRED),
    /** One wide, folded over one of half its width. */
    FELLED("felled", 1, 0.5, Corner.MITRED),
    /** The upper one is turned under and laid on the lower one. */
    LAPPED("lapped", 1, 1, Corner.SQUARED),
    /** A cord in a strip is caught between both. */
    PIPED("piped", 1, 1, Corner.SQUARED),
    /** Sewn wrong sides together, trimmed, turned, and sewn again round the raw edges. */
    FRENCH("French seam", 1, 1, Corner.MITRED),
    /** Turned in once. */
    HEM("turned hem", 1, Double.NaN, Corner.FOLDED),
    /** Turned in, its raw edge turned under by a quarter of an inch, or by as much again if it is narrower. */
    HEM_TWICE("hem turned twice", 1, Double.NaN, Corner.FOLDED),
    /** Turned in to hold an elastic or a tape, its raw edge turned under as in a hem turned twice. */
    CASING("casing", 1, Double.NaN, Corner.FOLDED),
    /** Bound over its raw edge: nothing is added. */
    BOUND("bound edge", 0, Double.NaN, Corner.MITRED),
    /** Faced. */
    FACED("faced edge", 1, Double.NaN, Corner.MITRED);

    /** What is turned under at a hem that turns twice, in millimetres. */
    private static final double UNDER = 25.4 / 4;

    private final String words;
    private final double mine;
    private final double other;
    private final Corner corner;

    Sewing(String words, double mine, double other, Corner corner) {
        this.words = words;
        this.mine = mine;
        this.other = other;
        this.corner = corner;
    }

    public String words() {
        return words;
    }

    /** Says whether it joins two edges. */
    public boolean isSeam() {
        return !Double.isNaN(other);
    }

    public Corner corner() {
        return corner;
    }

    /** Returns the allowance of the named edge. */
    public double mine(double amount) {
        return this == HEM_TWICE || this == CASING ? amount + Math.min(amount, UNDER) : mine * amount;
    }

    /** Returns the allowance of the edge that it is sewn to. */
    public double other(double amount) {
        return other * amount;
    }
}
