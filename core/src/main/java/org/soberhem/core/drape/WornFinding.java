package org.soberhem.core.drape;

import java.util.Optional;
import org.soberhem.core.length.Sentence;

/**
 * One thing that a garment tried on shows.
 *
 * @param kind what it is about
 * @param sentence in words
 * @param piece that it is on, name and side; empty if on the whole
 * @param triangle where on the cloth; negative if nowhere in particular
 */
public record WornFinding(Kind kind, Sentence sentence, Optional<String> piece, int triangle) {

    /** What a finding is about. */
    public enum Kind {
        /** Drawn beyond what the cloth or the maker allows. */
        TIGHT,
        /** Drawn more in a movement than standing. */
        PULLS,
        /** Presses so that the wearer may mind. */
        COMFORT,
        /** Pushed together: there is more cloth than body. */
        SLACK,
        /** How much the cloth is longer than the body round a level. */
        EASE,
        /** Where an edge lies. */
        EDGE,
        /** What the trial does not show. */
        UNTOLD
    }
}
