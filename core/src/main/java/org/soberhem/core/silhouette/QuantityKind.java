package org.soberhem.core.silhouette;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A named number that rules may speak of.
 *
 * @param id kebab-case name
 * @param title for people
 * @param unit what it is counted in
 * @param from what makes it known, in the order in which it comes
 * @param is how it is measured
 * @param sign which way is more; empty if that is plain
 * @param of id of the length that a ratio is a part of
 * @param more what to do so that it becomes greater; empty if nobody has said
 * @param less what to do so that it becomes less
 * @param alter the alteration that changes it
 */
public record QuantityKind(
        String id,
        String title,
        Unit unit,
        List<From> from,
        String is,
        String sign,
        Optional<String> of,
        String more,
        String less,
        Optional<Alter> alter) {

    public QuantityKind {
        from = List.copyOf(from);
    }

    /** What a quantity is counted in. */
    public enum Unit {
        MM,
        RATIO,
        DEGREES,
        EYE
    }

    /** What makes a quantity known. */
    public enum From {
        MEASURES("the wearer's readings"),
        DRAFT("a draft that says it"),
        FIGURE("the figure drawn from garment and readings"),
        FITTING("a reading at a fitting"),
        PICTURE("a picture laid over the outline"),
        EYE("an answer at a fitting");

        private final String words;

        From(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * The alteration that changes a quantity.
     *
     * @param kind id of the alteration
     * @param amounts what each of its amounts is for every millimetre that the quantity is to become greater
     */
    public record Alter(String kind, Map<String, Double> amounts) {
        public Alter {
            amounts = Map.copyOf(amounts);
        }
    }
}
