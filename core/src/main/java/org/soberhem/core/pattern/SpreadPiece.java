package org.soberhem.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A piece as it is laid on the cloth: left and right joined to a pair or a fold again where they agree.
 *
 * @param name the piece's name, with the side where left and right differ
 * @param piece what is cut
 * @param shape how it is cut
 * @param side "both", "left", "right" or "middle"
 * @param count how many are cut: out of the outer cloth, else of the use that has most
 */
public record SpreadPiece(String name, Piece piece, CutShape shape, String side, int count) {

    /** Left and right are mirror images within this many millimetres. */
    private static final double SAME = 0.01;

    /** Returns the pieces of a pattern as they are laid on the cloth. */
    public static List<SpreadPiece> of(Pattern pattern) {
        List<SpreadPiece> spreads = new ArrayList<>();
        for (String name : pattern.names()) {
            Piece left = pattern.piece(name, Side.LEFT).orElseThrow();
            Piece right = pattern.piece(name, Side.RIGHT).orElseThrow();
            int count = left.count();
            if (left == right || left.sameShapeAs(right, SAME)) {
                spreads.add(new SpreadPiece(
                        name, left, left.shape(), left.side() == Side.MIDDLE ? "middle" : "both", count));
            } else {
                // A fold whose halves differ cannot be folded; its halves are cut apart and joined on the centre line.
                int each = left.shape() == CutShape.FOLD ? count : Math.max(1, count / 2);
                for (Piece piece : List.of(left, right)) {
                    String side = piece.side().name().toLowerCase(Locale.ROOT);
                    spreads.add(new SpreadPiece(name + " " + side, piece, CutShape.PLAIN, side, each));
                }
            }
        }
        return spreads;
    }
}
