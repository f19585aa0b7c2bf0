package org.soberhem.files.print;

import java.util.List;
import java.util.Set;

/**
 * What of a pattern is printed, and how.
 *
 * @param pieces names of the pieces as they are laid on the cloth; empty for all
 * @param layers which lines are drawn
 * @param measured what the test square of 100 mm measured when it was printed last, in millimetres
 * @param assembly how the garment is sewn, in order
 * @param cautions what to mind
 */
public record PrintOptions(
        List<String> pieces, Set<Layer> layers, double measured, List<String> assembly, List<String> cautions) {

    /** Lines that can be left out. */
    public enum Layer {
        CUT("cutting line"),
        SEAM("seam line"),
        CONSTRUCTION("levels and lettered points");

        private final String words;

        Layer(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Side of the test square, in millimetres. */
    public static final double SQUARE = 100;

    /** A printer that is farther off is set to fit the page or jammed, in millimetres. */
    private static final double FARTHEST = 15;

    /** Everything, by a printer that is true to size. */
    public static final PrintOptions ALL =
            new PrintOptions(List.of(), Set.of(Layer.values()), SQUARE, List.of(), List.of());

    public PrintOptions {
        pieces = List.copyOf(pieces);
        layers = Set.copyOf(layers);
        assembly = List.copyOf(assembly);
        cautions = List.copyOf(cautions);
        if (!(Math.abs(measured - SQUARE) <= FARTHEST)) {
            throw new IllegalArgumentException(
                    "The square of 100 mm cannot have measured " + Math.round(measured * 10) / 10.0
                            + " mm: 85 to 115 mm can be corrected; beyond that print at 100 %, without fitting to the page");
        }
    }

    /** Returns by what everything is multiplied so that it comes out true. */
    public double factor() {
        return SQUARE / measured;
    }

    /** Says whether a piece is printed. */
    public boolean includes(String piece) {
        return pieces.isEmpty() || pieces.contains(piece);
    }
}
