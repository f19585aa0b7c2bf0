package org.soberhem.core.fitting;

import java.util.List;

/**
 * A movement that a garment is tried in.
 *
 * @param id kebab-case name
 * @param name for people
 * @param task what the wearer does
 * @param watch what to look at
 * @param passes when it passes
 * @param stop when to stop; empty if nothing can hurt
 * @param minutes for how long it is worn before it is judged; 0 at once
 * @param garments kinds of garment that are tried in it
 */
public record Movement(
        String id,
        String name,
        String task,
        String watch,
        String passes,
        String stop,
        int minutes,
        List<String> garments) {

    public Movement {
        garments = List.copyOf(garments);
    }

    /** Says whether it is about wearing for a time. */
    public boolean isWear() {
        return minutes > 0;
    }
}
