package org.soberhem.core.fitting;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.geometry.Point;

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
 * @param edges words of the edges, levels or pieces that are altered there, likeliest first
 */
public record Zone(
        String id,
        List<String> letters,
        String name,
        boolean back,
        Point at,
        Flat flat,
        List<String> garments,
        List<String> edges) {

    /**
     * A place on a flat piece.
     *
     * @param pieces names of the piece, which differ from draft to draft; the first that a pattern has
     * @param across share of its breadth, 0 to 1 from the smaller x
     * @param down share of its height, 0 to 1 from the top
     */
    public record Flat(List<String> pieces, double across, double down) {

        public Flat {
            pieces = List.copyOf(pieces);
        }

        /** Returns the piece of a pattern that the place lies on. */
        public Optional<String> piece(List<String> names) {
            return pieces.stream().filter(names::contains).findFirst();
        }
    }

    /** Stands for the kinds of garments of a zone that follows from its pieces. */
    private static final String ANY = "any";

    public Zone {
        letters = List.copyOf(letters);
        garments = List.copyOf(garments);
        edges = List.copyOf(edges);
    }

    /**
     * Says whether a garment has it to point at.
     *
     * @param kind of garment
     * @param names of its pieces; empty where it cannot be drawn
     */
    public boolean isOn(String kind, List<String> names) {
        boolean anyKind = garments.contains(ANY);
        return (anyKind || garments.contains(kind))
                && (names.isEmpty() ? !anyKind : flat.piece(names).isPresent());
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
