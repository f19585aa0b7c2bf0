package org.soberhem.core.fitting;

import java.util.List;

/**
 * A place of the body to point at.
 *
 * @param id kebab-case name
 * @param letter key that chooses it
 * @param name for people
 * @param back whether it lies on the back view
 * @param sided whether the wearer has it left and right
 * @param garments kinds of garment that cover it
 * @param symptoms what is usually seen there, likeliest first
 */
public record Zone(
        String id,
        String letter,
        String name,
        boolean back,
        boolean sided,
        List<String> garments,
        List<Symptom> symptoms) {

    /**
     * Something usually seen in a zone.
     *
     * @param id kebab-case name
     * @param seen what is seen, in the maker's words
     * @param cause the usual cause
     * @param remedy what usually mends it
     * @param alter {@code seam piece.edge}, {@code level name}, {@code wedge name}, or empty if no alteration of the flat pattern mends it
     * @param direction +1 where the pinned amount is added to the garment, -1 where it is taken away
     */
    public record Symptom(String id, String seen, String cause, String remedy, String alter, int direction) {}

    public Zone {
        garments = List.copyOf(garments);
        symptoms = List.copyOf(symptoms);
    }
}
