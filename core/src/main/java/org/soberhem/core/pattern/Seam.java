package org.soberhem.core.pattern;

import java.util.List;

/**
 * Two runs of edges that are sewn together.
 *
 * @param first edges in order; by how much it may be the longer is stated
 * @param second edges in order
 * @param kind what makes it true
 * @param least plain and eased: least of first minus second, in millimetres; gathered and pleated: least first ÷ second
 * @param most the same, most
 */
public record Seam(List<EdgeRef> first, List<EdgeRef> second, Kind kind, double least, double most) {

    /** What a seam does with the longer side. */
    public enum Kind {
        PLAIN,
        EASED,
        GATHERED,
        PLEATED,
        /** The first lies on the second and is cut from it: a facing on the edge that it faces. */
        FACED,
        /** Left so on purpose: it is judged no more. */
        LEFT;

        /** Says whether the seam is true by fullness rather than by length. */
        public boolean byFullness() {
            return this == GATHERED || this == PLEATED;
        }
    }

    public Seam {
        first = List.copyOf(first);
        second = List.copyOf(second);
    }

    /** Returns the seam in words: the two runs that meet. */
    public String name() {
        return words(first) + " to " + words(second);
    }

    private static String words(List<EdgeRef> run) {
        return String.join(" + ", run.stream().map(EdgeRef::words).toList());
    }
}
