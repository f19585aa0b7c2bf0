package org.soberhem.core.cloth;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.CutShape;

/** What to do when a cloth is too short: each way is laid, and told with what it needs. */
public final class ShortClothAdvice {

    /** What was laid must save at least so much to be told, in millimetres. */
    private static final double WORTH = 10;

    /** Allowance on both sides of a seam by which a piece is pieced, together, in millimetres. */
    private static final double PIECED = 20;

    /** A piece is pieced where at least so much of its width stays whole. */
    private static final double WHOLE = 0.72;

    /** Pieces that are not seen, or seen last, by parts of their names. */
    private static final List<String> HIDDEN =
            List.of("facing", "band", "cuff", "collar", "strap", "gusset", "stay", "strip");

    /**
     * One way out.
     *
     * @param words what is done and what it gives
     * @param length of the lay, in millimetres
     * @param cut pieces that come out of another cloth
     */
    public record Way(Sentence words, double length, List<String> cut) {}

    private final List<LayPiece> pieces;
    private final LayRules rules;
    private final Optional<List<LayPiece>> hemmed;
    private final Supplier<BooleanSupplier> time;
    private final RandomGenerator random;

    /**
     * @param hemmed the same pieces with their hems turned up as little as may be; empty if that is no less
     * @param time makes the time that each way may be searched
     * @param random where it tries
     */
    public ShortClothAdvice(
            List<LayPiece> pieces,
            LayRules rules,
            Optional<List<LayPiece>> hemmed,
            Supplier<BooleanSupplier> time,
            RandomGenerator random) {
        this.hemmed = hemmed;
        this.pieces = List.copyOf(pieces);
        this.rules = rules;
        this.time = time;
        this.random = random;
    }

    /**
     * Returns the ways that need less than what was laid, the shortest first.
     *
     * @param laid length that is needed now, in millimetres
     */
    public List<Way> ways(double laid) {
        List<Way> found = new ArrayList<>();
        found.addAll(lyingOtherwise());
        hemmed.flatMap(shorter -> length(shorter, rules))
                .map(length -> new Way(
                        Sentence.of(
                                "Turn the hem up by only {} and face it with another cloth: {} are needed",
                                PiecesToLay.LEAST_HEM,
                                length),
                        length,
                        List.of()))
                .ifPresent(found::add);
        leaning().ifPresent(found::add);
        fromAnother().ifPresent(found::add);
        pieced().ifPresent(found::add);
        found.removeIf(way -> way.length() > laid - WORTH);
        found.sort(Comparator.comparingDouble(Way::length));
        return found;
    }

    private Optional<Double> length(List<LayPiece> what, LayRules how) {
        if (what.isEmpty()) {
            return Optional.empty();
        }
        try {
            double[] shortest = new double[1];
            new LayPlanner(what, how, random).plan(time.get(), lay -> shortest[0] = lay.length());
            return Optional.of(shortest[0]);
        } catch (LayException wide) {
            return Optional.empty();
        }
    }

    private List<Way> lyingOtherwise() {
        LayRules other = rules.lying(!rules.folded());
        String words = rules.folded()
                ? "Lay it single, not folded: {} are needed"
                : "Fold it lengthwise and cut through both layers: {} are needed";
        return length(pieces, other).map(length -> new Way(Sentence.of(words, length), length, List.of())).stream()
                .toList();
    }

    /** A little lean is seen by nobody on firm cloth; on stripes it is. */
    private Optional<Way> leaning() {
        if (rules.lean() > 0 || rules.repeatAcross() > 0) {
            return Optional.empty();
        }
        LayRules other = new LayRules(
                rules.width(),
                rules.folded(),
                rules.oneWay(),
                rules.bothAlike(),
                2,
                rules.gap(),
                0,
                rules.repeatAlong());
        return length(pieces, other)
                .map(length -> new Way(
                        Sentence.of("Let the grain lean by 2 degrees, on firm cloth only: {} are needed", length),
                        length,
                        List.of()));
    }

    private Optional<Way> fromAnother() {
        List<String> hidden = pieces.stream()
                .map(LayPiece::name)
                .filter(name -> HIDDEN.stream().anyMatch(name.toLowerCase(Locale.ROOT)::contains))
                .toList();
        if (hidden.isEmpty()) {
            return Optional.empty();
        }
        List<LayPiece> rest =
                pieces.stream().filter(piece -> !hidden.contains(piece.name())).toList();
        return length(rest, rules)
                .map(length -> new Way(
                        Sentence.of(
                                "Cut {} from another cloth: {} of this one are needed",
                                String.join(", ", hidden),
                                length),
                        length,
                        hidden));
    }

    /**
     * Pieces that are too wide for the cloth are pieced, or else the widest: a seam along the grain, beyond which a
     * part is set on. So it was done at the corners of gores, sleeves and petticoats, out of sight and on the straight.
     */
    private Optional<Way> pieced() {
        List<LayPiece> wide = pieces.stream()
                .filter(piece -> piece.outline().box().width() > room(piece))
                .toList();
        List<LayPiece> cut = wide.isEmpty()
                ? pieces.stream()
                        .filter(piece -> piece.match().isEmpty())
                        .max(Comparator.comparingDouble(
                                piece -> piece.outline().box().width()))
                        .stream()
                        .toList()
                : wide;
        return Stream.of(true, false)
                .map(right -> piecedAt(cut, right))
                .flatMap(Optional::stream)
                .min(Comparator.comparingDouble(Way::length));
    }

    private Optional<Way> piecedAt(List<LayPiece> cut, boolean right) {
        List<LayPiece> all = new ArrayList<>(pieces);
        for (LayPiece piece : cut) {
            List<LayPiece> parts = parts(piece, right || piece.kind() == CutShape.FOLD);
            if (parts.isEmpty()) {
                return Optional.empty();
            }
            all.remove(piece);
            all.addAll(parts);
        }
        String names = String.join(", ", cut.stream().map(LayPiece::name).toList());
        return cut.isEmpty()
                ? Optional.empty()
                : length(all, rules)
                        .map(length -> new Way(
                                Sentence.of(
                                        "Piece {} along the grain at the {} edge, out of sight: {} are needed",
                                        names,
                                        right ? "outer" : "other",
                                        length),
                                length,
                                List.of()));
    }

    /** Returns how wide the outline of a piece may be: of a half on open cloth, both halves count. */
    private double room(LayPiece piece) {
        boolean opened = piece.kind() == CutShape.FOLD && !rules.folded();
        return opened ? rules.lying() / 2 : rules.lying();
    }

    /** Returns a piece in two parts with allowances where they are joined; nothing if that gives more than two. */
    private List<LayPiece> parts(LayPiece piece, boolean right) {
        Box box = piece.outline().box();
        double half = PIECED / 2;
        double kept = Math.min(WHOLE * box.width(), room(piece) - half - 1);
        double at = right ? box.minX() + kept : box.maxX() - kept;
        Box left = new Box(box.minX(), box.minY(), at + half, box.maxY());
        Box rest = new Box(at - half, box.minY(), box.maxX(), box.maxY());
        List<Outline> whole = piece.outline().within(right ? left : rest);
        List<Outline> set = piece.outline().within(right ? rest : left);
        if (whole.size() != 1 || set.size() != 1) {
            return List.of();
        }
        boolean fold = piece.kind() == CutShape.FOLD;
        return List.of(
                new LayPiece(piece.name(), piece.count(), piece.kind(), whole.get(0), piece.held(), Optional.empty()),
                new LayPiece(
                        piece.name() + ", set on",
                        fold ? 2 * piece.count() : piece.count(),
                        fold ? CutShape.PAIR : piece.kind(),
                        set.get(0)));
    }
}
