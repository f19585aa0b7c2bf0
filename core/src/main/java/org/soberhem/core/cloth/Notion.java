package org.soberhem.core.cloth;

/**
 * What is sewn in or on beside the cloth.
 *
 * @param kind id of the kind in the library, such as hook
 * @param title as the maker calls it
 * @param amount in hand: a number of pieces, or millimetres
 * @param price of one piece or of a metre, in the maker's own money; 0 if unknown
 */
public record Notion(String kind, String title, double amount, double price) {

    /**
     * A kind of notion.
     *
     * @param id unique in the library
     * @param one its name, for one
     * @param many its name, for several
     * @param inSets whether those of one garment must be alike, as they are sold
     * @param byLength whether it is cut from a length
     */
    public record Kind(String id, String one, String many, boolean byLength, boolean inSets) {}
}
