package org.soberhem.core.costume;

import org.soberhem.core.length.Sentence;

/**
 * One thing that stands in a costume's way.
 *
 * @param stage where it is settled
 * @param garment garment concerned; empty if the whole costume
 * @param target what to show there: a measure, {@code piece.edge}, a level, {@code sum:name}, {@code alteration:place}, a remark or a rule
 * @param sentence what is wrong, in words
 */
public record Obstacle(Stage stage, String garment, String target, Sentence sentence) {

    /** Begins a target that is a sum of the draft. */
    public static final String SUM = "sum:";

    /** Begins a target that is an alteration, by its place in the chain. */
    public static final String ALTERATION = "alteration:";
}
