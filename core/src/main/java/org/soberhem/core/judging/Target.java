package org.soberhem.core.judging;

import java.util.Map;

/** What a place should show first, so that an obstacle or a condition leads to where it is settled. */
public sealed interface Target {

    /** The place itself. */
    record Place() implements Target {}

    /** A measure, by its catalogue id. */
    record Measure(String id) implements Target {}

    /**
     * A part of a piece.
     *
     * @param piece name of the piece
     * @param part name of an edge, a level or a point
     */
    record Part(String piece, String part) implements Target {}

    /** An alteration of the garment, by its place in the chain, from 0. */
    record MadeAlteration(int place) implements Target {}

    /**
     * An alteration to be made.
     *
     * @param kind id of the kind of alteration
     * @param amounts its amounts in millimetres, by name
     */
    record ProposedAlteration(String kind, Map<String, Double> amounts) implements Target {

        public ProposedAlteration {
            amounts = Map.copyOf(amounts);
        }
    }

    /** A sum of the draft, by name. */
    record Sum(String name) implements Target {}

    /** A remark of a fitting, by its id. */
    record Remark(String id) implements Target {}

    /** A rule of the silhouette, by its id. */
    record Rule(String id) implements Target {}

    /** A use of cloth, such as the lining. */
    record Use(String name) implements Target {}

    /** A step at the bench, by its id. */
    record BenchStep(String id) implements Target {}

    /** A tracing of the maker's own, by its id. */
    record Tracing(String id) implements Target {}

    Target PLACE = new Place();
}
