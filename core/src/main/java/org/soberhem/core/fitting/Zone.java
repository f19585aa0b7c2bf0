package org.soberhem.core.fitting;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.alter.Alteration;
import org.soberhem.core.alter.LengthenAtLevel;
import org.soberhem.core.alter.Sides;
import org.soberhem.core.alter.TakeInSeam;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.EdgeRef;

/**
 * A place of the body to point at.
 *
 * @param id kebab-case name
 * @param letters keys that choose it: one, or one for the wearer's left and one for the right
 * @param name for people
 * @param back whether it lies on the back view
 * @param at where it lies on the figure, right of its middle
 * @param flat where it lies on the flat pieces
 * @param garments kinds of garment that cover it
 * @param symptoms what is usually seen there, likeliest first
 */
public record Zone(
        String id,
        List<String> letters,
        String name,
        boolean back,
        Point at,
        Flat flat,
        List<String> garments,
        List<Symptom> symptoms) {

    /**
     * Something usually seen in a zone.
     *
     * @param id kebab-case name
     * @param seen what is seen, in the maker's words
     * @param cause the usual cause
     * @param remedy what usually mends it
     * @param alter {@code seam piece.edge}, {@code taper piece.edge} (nothing at its top), {@code level name}, {@code wedge
     *     name} (all of it at the centre back), or empty if no alteration of the flat pattern mends it
     * @param direction +1 where the pinned amount is added to the garment, -1 where it is taken away
     */
    public record Symptom(String id, String seen, String cause, String remedy, String alter, int direction) {

        /**
         * Returns the alteration that mends it.
         *
         * @param amount cloth taken or wanted at the seam or level, in millimetres, as pinned
         * @param sides where it was pinned
         */
        public Optional<Alteration> alteration(double amount, Sides sides) {
            if (alter.isEmpty() || amount == 0) {
                return Optional.empty();
            }
            int blank = alter.indexOf(' ');
            String at = alter.substring(blank + 1);
            double added = direction * amount;
            return Optional.of(
                    switch (alter.substring(0, blank)) {
                        case "seam" -> new TakeInSeam(EdgeRef.parse(at), -added, -added, sides);
                        case "taper" -> new TakeInSeam(EdgeRef.parse(at), 0, -added, sides);
                        case "level" -> LengthenAtLevel.evenly(at, added, sides);
                        case "wedge" -> new LengthenAtLevel(at, 0, 0, added, sides);
                        default ->
                            throw new IllegalStateException("Symptom \"" + id
                                    + "\" must name a seam, taper, level or wedge: \"" + alter + "\"");
                    });
        }
    }

    /**
     * A place on a flat piece.
     *
     * @param piece name of the piece
     * @param across share of its breadth, 0 to 1 from the smaller x
     * @param down share of its height, 0 to 1 from the top
     */
    public record Flat(String piece, double across, double down) {}

    public Zone {
        letters = List.copyOf(letters);
        garments = List.copyOf(garments);
        symptoms = List.copyOf(symptoms);
    }

    /** Says whether the wearer has it left and right. */
    public boolean sided() {
        return letters.size() == 2;
    }

    /** Returns the sides that a letter chooses; empty if the letter is another zone's. */
    public Optional<Sides> sides(String letter) {
        int place = letters.indexOf(letter);
        if (place < 0) {
            return Optional.empty();
        }
        return Optional.of(!sided() ? Sides.BOTH : place == 0 ? Sides.LEFT : Sides.RIGHT);
    }
}
