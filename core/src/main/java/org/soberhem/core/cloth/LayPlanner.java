package org.soberhem.core.cloth;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.random.RandomGenerator;
import org.soberhem.core.cloth.ClothStretch.Item;
import org.soberhem.core.pattern.CutShape;

/**
 * Plans a lay: a first plan at once, then shorter ones for as long as it is left to try. Grain and fold are kept by
 * what it may do to a piece: nothing but moving it, turning it by half where the cloth has no way up, and on folded
 * cloth mirroring it. On open cloth what a fold would give is tried too, where the pieces come in pairs: half as many
 * have to find their place.
 */
public final class LayPlanner {

    /** So many attempts are made at what is cut from single cloth. */
    private static final int SINGLE = 6;

    /** So much more work goes into the shorter of two ways to lay. */
    private static final double SHORTER = 6;

    private final List<LayPiece> pieces;
    private final LayRules rules;
    private final RandomGenerator random;

    /** One way to lay all pieces: what is searched, and how what was found lies on the cloth. */
    private record Way(ClothStretch run, Function<List<PlacedPiece>, List<PlacedPiece>> laid) {

        List<PlacedPiece> best() {
            return laid.apply(run.best());
        }
    }

    /**
     * @param pieces what is laid
     * @param rules the cloth as it lies
     * @param random where it tries
     * @throws LayException if a piece does not fit the cloth
     */
    public LayPlanner(List<LayPiece> pieces, LayRules rules, RandomGenerator random) {
        this.pieces = List.copyOf(pieces);
        this.rules = rules;
        this.random = random;
        for (LayPiece piece : pieces) {
            double wide =
                    (rules.folded() ? piece.outline() : piece.opened()).box().width();
            if (wide > rules.lying() + 1e-6) {
                throw new LayException(piece.name(), wide, rules);
            }
        }
    }

    /**
     * Plans until it is told to stop or no lay can be shorter.
     *
     * @param time says whether there is time left
     * @param better gets the first plan and every better one
     */
    public void plan(BooleanSupplier time, Consumer<Lay> better) {
        List<Item> main = new ArrayList<>();
        List<Item> single = new ArrayList<>();
        pieces.forEach(piece -> items(piece, rules, main, single));
        ClothStretch rest = new ClothStretch(single, rules, rules.width(), random);
        rest.begin();
        for (int i = 0; i < SINGLE && rest.isOpen() && time.getAsBoolean(); i++) {
            rest.attempt(time);
        }
        List<Way> ways = new ArrayList<>();
        asFolded().ifPresent(ways::add);
        ways.add(new Way(new ClothStretch(main, rules, rules.lying(), random), best -> joined(best, rest.best())));
        double shortest = Double.MAX_VALUE;
        for (Way way : ways) {
            way.run().begin();
            if (way.run().length() < shortest) {
                shortest = way.run().length();
                better.accept(new Lay(pieces, rules, way.best()));
            }
        }
        Optional<Way> turn = turn(ways);
        while (turn.isPresent() && time.getAsBoolean()) {
            ClothStretch run = turn.get().run();
            if (run.attempt(time) && run.length() < shortest) {
                shortest = run.length();
                better.accept(new Lay(pieces, rules, turn.get().best()));
            }
            turn = turn(ways);
        }
    }

    /** Returns the way whose turn it is; empty if none can become shorter. */
    private static Optional<Way> turn(List<Way> ways) {
        double shortest =
                ways.stream().mapToDouble(way -> way.run().length()).min().orElse(0);
        return ways.stream()
                .filter(way -> way.run().isOpen())
                .min(Comparator.comparingDouble(
                        way -> way.run().work() / (way.run().length() <= shortest ? SHORTER : 1)));
    }

    /** Returns the way by a fold in the middle of open cloth, if every piece comes out of folded cloth. */
    private Optional<Way> asFolded() {
        LayRules folded = rules.lying(true);
        boolean fits = pieces.stream().allMatch(piece -> piece.outline().box().width() <= folded.lying());
        if (rules.folded() || rules.repeatAcross() > 0 || !fits) {
            return Optional.empty();
        }
        List<Item> main = new ArrayList<>();
        List<Item> single = new ArrayList<>();
        pieces.forEach(piece -> items(piece, folded, main, single));
        if (!single.isEmpty() || main.isEmpty()) {
            return Optional.empty();
        }
        ClothStretch run = new ClothStretch(main, folded, folded.lying(), random);
        return Optional.of(new Way(run, best -> UnfoldedLay.of(pieces, rules.width(), best)));
    }

    private List<PlacedPiece> joined(List<PlacedPiece> main, List<PlacedPiece> rest) {
        double from = new Lay(pieces, rules, main).length();
        List<PlacedPiece> all = new ArrayList<>(main);
        rest.forEach(cut -> all.add(cut.onSingle().moved(0, from)));
        return all;
    }

    private static void items(LayPiece piece, LayRules rules, List<Item> main, List<Item> single) {
        LayPiece planned = piece.forPlanning();
        if (!rules.folded()) {
            for (int copy = 1; copy <= piece.count(); copy++) {
                boolean mirrored = piece.kind() == CutShape.PAIR && copy > (piece.count() + 1) / 2;
                main.add(new Item(piece, planned, copy, mirrored, false, rules.bothAlike()));
            }
            return;
        }
        if (piece.kind() == CutShape.FOLD) {
            for (int copy = 1; copy <= piece.count(); copy++) {
                main.add(new Item(piece, planned, copy, false, true, false));
            }
            return;
        }
        boolean symmetric = piece.kind() == CutShape.PAIR || Shapes.isItsMirror(piece.outline(), !rules.oneWay());
        int twice = symmetric ? piece.count() / 2 : 0;
        for (int copy = 1; copy <= twice; copy++) {
            main.add(new Item(piece, planned, copy, false, false, piece.kind() == CutShape.PAIR));
        }
        for (int copy = 2 * twice + 1; copy <= piece.count(); copy++) {
            single.add(new Item(piece, planned, copy, false, false, rules.bothAlike()));
        }
    }
}
