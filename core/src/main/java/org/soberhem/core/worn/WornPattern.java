package org.soberhem.core.worn;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.worn.WornPiece.Part;

/**
 * A pattern as it is worn: what is sewn together, and what is left out.
 *
 * @param pieces that are tried on
 * @param seams by which they hang together
 * @param leftOut what is not tried on, in words, each with its reason
 */
public record WornPattern(List<WornPiece> pieces, List<SewnSeam> seams, List<String> leftOut) {

    public WornPattern {
        pieces = List.copyOf(pieces);
        seams = List.copyOf(seams);
        leftOut = List.copyOf(leftOut);
    }

    /** Returns a pattern as it is worn; without pieces if none of it goes round a trunk. */
    public static WornPattern of(Pattern pattern) {
        List<String> leftOut = new ArrayList<>();
        List<WornPiece> pieces = new ArrayList<>();
        List<List<WornCut.Legs>> darts = new ArrayList<>();
        for (Piece piece : pattern.pieces()) {
            if (isFacing(pattern, piece)) {
                note(leftOut, piece.name() + ": lies on another piece");
                continue;
            }
            WornCut cut = new WornCut(piece);
            pieces.add(new WornPiece(piece, cut.edges(), Part.LOOSE));
            darts.add(cut.darts());
            cut.inside()
                    .forEach(dart -> note(
                            leftOut, piece.name() + ", dart " + dart.name() + ": does not reach an edge, left unsewn"));
        }
        List<SewnSeam> seams = new SeamFinder(pattern, pieces).found(darts);
        return sorted(pieces, seams, leftOut);
    }

    private static boolean isFacing(Pattern pattern, Piece piece) {
        return piece.cutFrom().isPresent()
                || pattern.seams().stream()
                        .filter(seam -> seam.kind() == Seam.Kind.FACED)
                        .anyMatch(seam -> seam.first().stream()
                                .anyMatch(ref -> ref.piece().equals(piece.name())));
    }

    private static void note(List<String> leftOut, String words) {
        if (!leftOut.contains(words)) {
            leftOut.add(words);
        }
    }

    /** Says what each piece is, and leaves out what does not hang on the trunk. */
    private static WornPattern sorted(List<WornPiece> pieces, List<SewnSeam> seams, List<String> leftOut) {
        List<WornPiece> parts = new PartFinder(pieces, seams).found();
        List<Integer> kept = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            WornPiece piece = parts.get(i);
            switch (piece.part()) {
                case SKIRT -> note(leftOut, piece.name() + ": hangs from the waist, not tried on yet");
                case LOOSE -> note(leftOut, piece.name() + ": sewn to nothing that is tried on");
                default -> kept.add(i);
            }
        }
        List<SewnSeam> joined = new ArrayList<>();
        for (SewnSeam seam : seams) {
            List<SewnSeam.Stretch> first = renumbered(seam.first(), kept);
            List<SewnSeam.Stretch> second = renumbered(seam.second(), kept);
            if (first.size() == seam.first().size()
                    && second.size() == seam.second().size()) {
                joined.add(new SewnSeam(seam.name(), seam.kind(), first, second, seam.knots()));
            }
        }
        return new WornPattern(kept.stream().map(parts::get).toList(), joined, leftOut);
    }

    private static List<SewnSeam.Stretch> renumbered(List<SewnSeam.Stretch> run, List<Integer> kept) {
        return run.stream()
                .filter(each -> kept.contains(each.piece()))
                .map(each -> new SewnSeam.Stretch(
                        kept.indexOf(each.piece()), each.edge(), each.reversed(), each.from(), each.to()))
                .toList();
    }
}
