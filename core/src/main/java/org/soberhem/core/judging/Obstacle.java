package org.soberhem.core.judging;

import org.soberhem.core.costume.Stage;
import org.soberhem.core.length.Sentence;

/**
 * One thing that is in a costume's way.
 *
 * @param stage where it is settled
 * @param garment garment concerned; empty if the whole costume
 * @param target what to show there
 * @param sentence what is wrong, in words
 */
public record Obstacle(Stage stage, String garment, Target target, Sentence sentence) {}
