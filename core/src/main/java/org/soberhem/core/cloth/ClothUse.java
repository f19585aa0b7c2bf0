package org.soberhem.core.cloth;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What a garment's pieces of one use are cut from, and how they are laid.
 *
 * @param garment name of the garment
 * @param use outer, lining or interlining
 * @param cloth id of the cloth in the stash; empty if none is chosen
 * @param folded whether the cloth lies folded lengthwise
 * @param lean how far the grain may lean, in degrees
 * @param gap between pieces, in millimetres
 * @param ends what both cut ends lose until they are straight, together, in millimetres
 * @param held pieces that are cut later
 * @param other pieces that are cut from another cloth
 * @param matched seams at which stripe or check must meet, by their names
 * @param lay the lay that is kept, if one is
 * @param cutOn when it was cut, if it was
 * @param only pieces that this cloth is for, where it is another one of the same use; empty for all that the first has
 * @param cutVersion which version of the garment it was cut by
 */
@RecordBuilder
public record ClothUse(
        String garment,
        String use,
        String cloth,
        boolean folded,
        double lean,
        double gap,
        double ends,
        List<String> held,
        List<String> other,
        List<String> matched,
        Optional<KeptLay> lay,
        Optional<LocalDate> cutOn,
        Optional<Integer> cutVersion,
        Optional<List<String>> only)
        implements ClothUseBuilder.With {

    /** Usual loss of two uneven ends, in millimetres: a hand's breadth (common practice). */
    public static final double UNEVEN = 100;

    /**
     * A lay that is kept.
     *
     * @param rules the cloth as it lay
     * @param placed where every cut lies
     * @param length of cloth that it needs, in millimetres
     * @param print of the pieces that were laid, to see whether they have changed
     */
    public record KeptLay(LayRules rules, List<PlacedPiece> placed, double length, int print) {

        public KeptLay {
            placed = List.copyOf(placed);
        }
    }

    public ClothUse {
        held = List.copyOf(held);
        other = List.copyOf(other);
        matched = List.copyOf(matched);
    }

    /** A use for which nothing is chosen yet. */
    public static ClothUse of(String garment, String use) {
        return new ClothUse(
                garment,
                use,
                "",
                true,
                0,
                0,
                UNEVEN,
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** Returns the use that the pieces are cut for: "outer" of "outer 2". */
    public String base() {
        return use.split(" ")[0];
    }

    /** Returns the name of the cloth that takes what is cut from another: "outer 2" of "outer". */
    public String next() {
        int number = use.equals(base()) ? 1 : Integer.parseInt(use.substring(base().length() + 1));
        return base() + " " + (number + 1);
    }

    /** Says whether a piece is cut from this cloth. */
    public boolean takes(String piece) {
        return !other.contains(piece)
                && only.map(those -> those.contains(piece)).orElse(true);
    }

    /** Returns it with another cloth; what was laid on the former is gone. */
    public ClothUse from(String otherCloth) {
        return with(copy -> copy.cloth(otherCloth).lay(Optional.empty()));
    }

    /** Returns it with the cloth lying otherwise. */
    public ClothUse lying(boolean inTwo, double leaning, double apart, double lost) {
        return with(
                copy -> copy.folded(inTwo).lean(leaning).gap(apart).ends(lost).lay(Optional.empty()));
    }

    /** Returns it with other pieces held back, cut from another cloth, and other seams matched. */
    public ClothUse with(List<String> later, List<String> elsewhere, List<String> meeting) {
        return with(copy -> copy.held(later).other(elsewhere).matched(meeting).lay(Optional.empty()));
    }

    public ClothUse laid(KeptLay kept) {
        return withLay(Optional.of(kept));
    }

    /**
     * Returns it as cut.
     *
     * @param version of the garment
     */
    public ClothUse cut(LocalDate date, int version) {
        return with(copy -> copy.cutOn(Optional.of(date)).cutVersion(Optional.of(version)));
    }
}
