package org.soberhem.core.cloth;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;

/** One stretch of cloth with what lies on it. */
final class ClothStretch {

    /** Height of a row, in millimetres: short cloth is looked at more finely. */
    private static final double FINE = 3;

    private static final double COARSE = 4;
    private static final double LONG = 2500;

    /** Share of the length that is tried to be saved at once, at first. */
    private static final double BOLD = 0.03;

    /** A smaller one is a row. */
    private static final double LEAST = 0.001;

    /** A piece that lies on a stripe lies up to half a millimetre beside the whole millimetres that are searched. */
    private static final double ROUNDED = 1;

    /** So many passes without getting better give an attempt up. */
    private static final int PATIENCE = 40;

    /**
     * A cut that is to be placed.
     *
     * @param planned the piece with fewer corners
     * @param onFold whether it lies on the fold
     * @param eitherWay whether it may lie mirrored or not, because its other layer is the other one of a pair
     */
    record Item(LayPiece piece, LayPiece planned, int copy, boolean mirrored, boolean onFold, boolean eitherWay) {}

    private final LayRules rules;
    private final RandomGenerator random;

    private final List<Item> items;
    private final double width;
    private final double high;
    private final Nest nest;
    private Nest.State state;
    private int rows;
    private List<PlacedPiece> best = List.of();
    private double bestLength = Double.MAX_VALUE;
    private double step = BOLD;
    private Optional<Nest.State> from = Optional.empty();

    /** Nothing lies yet; {@link #begin} lays the first plan. */
    ClothStretch(List<Item> items, LayRules rules, double width, RandomGenerator random) {
        this.items = items;
        this.rules = rules;
        this.random = random;
        this.width = width;
        double area = items.stream()
                .mapToDouble(item -> Math.abs(shape(item).signedArea()))
                .sum();
        double about = area / width > LONG ? COARSE : FINE;
        double repeat = rules.repeatAlong();
        this.high = repeat > 0 ? repeat / Math.ceil(repeat / about) : about;
        Map<List<Object>, Nest.Part> same = new HashMap<>();
        this.nest = new Nest(
                items.stream()
                        .map(item ->
                                same.computeIfAbsent(List.of(item.piece().name(), item.mirrored()), key -> part(item)))
                        .toList(),
                (int) Math.floor(width + 1e-6),
                random);
    }

    private Outline shape(Item item) {
        return item.onFold() ? item.planned().outline() : item.planned().opened();
    }

    private Nest.Part part(Item item) {
        List<Nest.Way> ways = new ArrayList<>();
        boolean[] mirrorings = item.eitherWay() ? new boolean[] {false, true} : new boolean[] {item.mirrored()};
        boolean[] turnings = rules.oneWay() ? new boolean[] {false} : new boolean[] {false, true};
        double[] leans =
                item.onFold() || rules.lean() == 0 ? new double[] {0} : new double[] {0, rules.lean(), -rules.lean()};
        for (boolean mirrored : mirrorings) {
            for (boolean turned : turnings) {
                for (double lean : leans) {
                    // Turned and mirrored, a half keeps its fold on the left.
                    boolean flipped = item.onFold() ? turned : mirrored;
                    ways.add(way(
                            item,
                            new PlacedPiece(item.piece().name(), item.copy(), 0, 0, turned, flipped, lean, false)));
                }
            }
        }
        return new Nest.Part(ways);
    }

    private Nest.Way way(Item item, PlacedPiece lies) {
        Outline laid = lies.of(shape(item));
        Box box = laid.box();
        Optional<Point> match = item.piece().match().map(lies::of);
        double top = box.minY();
        int every = 1;
        if (match.isPresent() && rules.repeatAlong() > 0) {
            double repeat = rules.repeatAlong();
            top = match.get().y() + Math.floor((box.minY() - match.get().y()) / repeat) * repeat;
            every = (int) Math.round(repeat / high);
        }
        boolean onStripe = match.isPresent() && rules.repeatAcross() > 0 && !item.onFold();
        Raster raster = Raster.of(laid, high, top, free());
        int[] places = item.onFold()
                ? new int[] {0}
                : onStripe ? places(match.get().x() - box.minX(), raster.width()) : new int[0];
        return new Nest.Way(raster, places, every, lies);
    }

    /**
     * Kept free across and along: apart by as much both ways, slanting edges are apart by the square root of a half of
     * it.
     */
    private double free() {
        return rules.gap() * StrictMath.sqrt(2) + (rules.repeatAcross() > 0 ? ROUNDED : 0);
    }

    /** Returns where a matched piece may lie across: its place comes upon a stripe. */
    private int[] places(double match, int wide) {
        double repeat = rules.repeatAcross();
        return IntStream.range(0, (int) Math.ceil(width / repeat) + 1)
                .mapToDouble(k -> onStripe(k * repeat, match))
                .filter(x -> x >= 0 && x + wide <= width)
                .mapToInt(x -> (int) Math.round(x))
                .distinct()
                .sorted()
                .toArray();
    }

    /** Returns the place nearest to one at which a piece's match comes upon a stripe. */
    private double onStripe(double x, double match) {
        double repeat = rules.repeatAcross();
        return Math.rint((x + match) / repeat) * repeat - match;
    }

    /** Lays a first plan. */
    void begin() {
        if (items.isEmpty()) {
            return;
        }
        int most = items.stream()
                .mapToInt(item -> (int) Math.ceil(shape(item).box().height() / high)
                        + 2
                        + (int) Math.ceil((rules.repeatAlong() + free()) / high))
                .sum();
        rows = Integer.MAX_VALUE;
        List<Comparator<Item>> orders = List.of(
                Comparator.comparingDouble(item -> shape(item).box().height()),
                Comparator.comparingDouble(item -> Math.abs(shape(item).signedArea())),
                Comparator.comparingDouble(item -> shape(item).box().width()));
        for (Comparator<Item> order : orders) {
            Nest.State tried = new Nest.State(new int[items.size()], new int[items.size()], new int[items.size()]);
            Comparator<Item> heldLast = Comparator.<Item, Boolean>comparing(
                            item -> item.piece().held())
                    .thenComparing(order.reversed());
            int[] sequence = IntStream.range(0, items.size())
                    .boxed()
                    .sorted((a, b) -> heldLast.compare(items.get(a), items.get(b)))
                    .mapToInt(Integer::intValue)
                    .toArray();
            int used = nest.fill(sequence, tried, Math.min(most, rows));
            if (used < rows) {
                rows = used;
                state = tried;
            }
        }
        keep(state);
    }

    /** Returns the shortest lay so far. */
    List<PlacedPiece> best() {
        return best;
    }

    /** Returns its length, in millimetres. */
    double length() {
        return items.isEmpty() ? 0 : bestLength;
    }

    /** Returns what has been done to find it, to compare with another search. */
    long work() {
        return nest.work();
    }

    /** Says whether it can still be tried to make it shorter. */
    boolean isOpen() {
        return !items.isEmpty() && rows > longest();
    }

    /** Tries once to make it shorter; returns whether it has become so. */
    boolean attempt(BooleanSupplier time) {
        int target = Math.max(longest(), rows - Math.max(1, (int) (rows * step)));
        nest.begin(from.isPresent() ? from.get() : state, target);
        if (nest.part(PATIENCE, time)) {
            state = nest.state().copy();
            from = Optional.empty();
            rows = target;
            return keep(state);
        }
        // What nearly went into less is given a little more room; in the end something else is tried.
        from = Optional.of(step > LEAST ? nest.least() : stirred());
        step = step > LEAST ? step / 2 : 0;
        return false;
    }

    private int longest() {
        return items.stream()
                .mapToInt(item -> (int) Math.ceil(shape(item).box().height() / high - 1e-6))
                .max()
                .orElse(0);
    }

    /** Returns the best lay with two of its pieces exchanged. */
    private Nest.State stirred() {
        Nest.State mixed = state.copy();
        int swaps = 1 + random.nextInt(2);
        for (int k = 0; k < swaps; k++) {
            int one = random.nextInt(items.size());
            int other = random.nextInt(items.size());
            swap(mixed.row(), one, other);
            swap(mixed.x(), one, other);
        }
        return mixed;
    }

    private static void swap(int[] of, int one, int other) {
        int kept = of[one];
        of[one] = of[other];
        of[other] = kept;
    }

    /** Keeps a lay without overlaps if it is the shortest so far, drawn up as far as its pieces go. */
    private boolean keep(Nest.State lies) {
        List<Settling.Lying> lying = new ArrayList<>();
        List<PlacedPiece> placed = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            Nest.Way way = nest.way(i, lies);
            double x = lies.x()[i];
            if (way.places().length > 0 && !item.onFold()) {
                x = onStripe(
                        x,
                        way.lies().of(item.piece().match().orElseThrow()).x()
                                + way.raster().dx());
            }
            PlacedPiece put = way.lies()
                    .moved(
                            x + way.raster().dx(),
                            lies.row()[i] * high + way.raster().dy());
            // Equal cuts share their ways, each has its own number.
            put = new PlacedPiece(
                    put.name(), item.copy(), put.x(), put.y(), put.turned(), put.mirrored(), put.lean(), false);
            placed.add(put);
            lying.add(new Settling.Lying(put.of(shape(item)), way.everyRow() > 1 || rules.gap() > 0));
        }
        double[] up = Settling.up(lying);
        double length = 0;
        for (int i = 0; i < placed.size(); i++) {
            placed.set(i, placed.get(i).moved(0, -up[i]));
            length = Math.max(length, lying.get(i).outline().box().maxY() - up[i]);
        }
        if (length < bestLength - 1e-6) {
            bestLength = length;
            best = placed;
            return true;
        }
        return false;
    }
}
