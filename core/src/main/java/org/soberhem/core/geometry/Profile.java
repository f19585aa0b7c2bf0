package org.soberhem.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;

/**
 * An amount that changes smoothly along a line: cubic between knots, and beyond the first and last of them as there.
 *
 * @param knots at least one, their shares of the length ascending
 */
public record Profile(List<Knot> knots) {

    /**
     * The amount at one place.
     *
     * @param share of the length, 0 at the start to 1 at the end
     * @param amount there, in millimetres
     * @param slope how fast it changes there, in millimetres a whole length
     */
    public record Knot(double share, double amount, double slope) {}

    private static final double NOTHING = 1e-7;

    /** Places at which an amount is followed along a line, and how near to one another they may lie as shares. */
    private static final int SAMPLES = 32;

    private static final double BESIDE = 0.002;

    public Profile {
        knots = List.copyOf(knots);
        if (knots.isEmpty()) {
            throw new IllegalArgumentException("An amount along a line must be given somewhere");
        }
    }

    /** Changes evenly from one end to the other. */
    public static Profile tapering(double atStart, double atEnd) {
        return parabola(atStart, (atStart + atEnd) / 2, atEnd);
    }

    /** Changes as the parabola through three amounts: at the start, half way, at the end. */
    public static Profile parabola(double atStart, double atMiddle, double atEnd) {
        double bend = 2 * (atStart + atEnd - 2 * atMiddle);
        double slope = atEnd - atStart - bend;
        return new Profile(List.of(new Knot(0, atStart, slope), new Knot(1, atEnd, slope + 2 * bend)));
    }

    /** Swells from nothing at both ends to an amount half way, leaving and arriving without a bend. */
    public static Profile swelling(double atMiddle) {
        return new Profile(List.of(new Knot(0, 0, 0), new Knot(0.5, atMiddle, 0), new Knot(1, 0, 0)));
    }

    /**
     * Changes through amounts without going beyond any two neighbours: where it rises, it rises all the way, and it
     * lies level at a highest or lowest one, at two alike, and where it goes on beyond the last.
     *
     * @param shares ascending, as many as amounts
     * @see <a href="https://doi.org/10.1137/0905021">Fritsch and Butland, A method for constructing local monotone
     *     piecewise cubic interpolants, 1984</a> (the weighted harmonic mean of the two slopes; from memory)
     */
    public static Profile through(double[] shares, double[] amounts) {
        int last = shares.length - 1;
        double[] slopes = new double[shares.length];
        double[] steps = new double[Math.max(0, last)];
        double[] rises = new double[Math.max(0, last)];
        for (int i = 0; i < last; i++) {
            steps[i] = shares[i + 1] - shares[i];
            rises[i] = (amounts[i + 1] - amounts[i]) / steps[i];
        }
        for (int i = 1; i < last; i++) {
            if (rises[i - 1] * rises[i] > 0) {
                double before = 2 * steps[i] + steps[i - 1];
                double after = steps[i] + 2 * steps[i - 1];
                slopes[i] = (before + after) / (before / rises[i - 1] + after / rises[i]);
            }
        }
        // At an end of the line what it does beside it goes on; where the line goes on beyond the amounts, they lie
        // level.
        if (last > 0 && shares[0] < NOTHING) {
            slopes[0] = last == 1 ? rises[0] : atEnd(steps[0], steps[1], rises[0], rises[1]);
        }
        if (last > 0 && shares[last] > 1 - NOTHING) {
            slopes[last] =
                    last == 1 ? rises[0] : atEnd(steps[last - 1], steps[last - 2], rises[last - 1], rises[last - 2]);
        }
        List<Knot> knots = new ArrayList<>();
        for (int i = 0; i <= last; i++) {
            knots.add(new Knot(shares[i], amounts[i], slopes[i]));
        }
        return new Profile(knots);
    }

    /**
     * Follows an amount that is known at every place of a line.
     *
     * @param breaks shares of the length at which the amount turns
     * @param amount in millimetres, smooth between them
     */
    public static Profile along(Path line, double[] breaks, ToDoubleFunction<Point> amount) {
        TreeMap<Double, Double> amounts = new TreeMap<>();
        amounts.put(0.0, amount.applyAsDouble(line.start()));
        amounts.put(1.0, amount.applyAsDouble(line.end()));
        for (double share : breaks) {
            if (share > NOTHING && share < 1 - NOTHING) {
                amounts.put(share, amount.applyAsDouble(line.atShare(share)));
            }
        }
        int parts = Math.max(2, SAMPLES / line.segments().size());
        double total = line.length();
        double done = 0;
        for (Segment segment : line.segments()) {
            for (int k = 1; k <= parts; k++) {
                done += segment.part((k - 1.0) / parts, (double) k / parts).length();
                double share = done / total;
                // A place beside another would let the line between them be as steep as rounding makes it.
                if (amounts.subMap(share - BESIDE, share + BESIDE).isEmpty()) {
                    amounts.put(share, amount.applyAsDouble(segment.at((double) k / parts)));
                }
            }
        }
        return through(
                amounts.keySet().stream().mapToDouble(Double::doubleValue).toArray(),
                amounts.values().stream().mapToDouble(Double::doubleValue).toArray());
    }

    /** Returns the slope at an end from the two steps beside it, neither turning back nor three times as steep. */
    private static double atEnd(double step, double next, double rise, double nextRise) {
        double slope = ((2 * step + next) * rise - step * nextRise) / (step + next);
        if (slope * rise <= 0) {
            return 0;
        }
        return Math.abs(slope) > 3 * Math.abs(rise) ? 3 * rise : slope;
    }

    /** Returns the amount at a share of the length. */
    public double at(double share) {
        return knot(share).amount();
    }

    private Knot knot(double share) {
        Knot first = knots.get(0);
        Knot last = knots.get(knots.size() - 1);
        if (share <= first.share()) {
            return share == first.share() ? first : new Knot(share, first.amount(), 0);
        }
        if (share >= last.share()) {
            return share == last.share() ? last : new Knot(share, last.amount(), 0);
        }
        int next = 1;
        while (knots.get(next).share() < share) {
            next++;
        }
        Knot from = knots.get(next - 1);
        Knot to = knots.get(next);
        double step = to.share() - from.share();
        double t = (share - from.share()) / step;
        double a = from.amount();
        double b = a + from.slope() * step / 3;
        double d = to.amount();
        double c = d - to.slope() * step / 3;
        double u = 1 - t;
        return new Knot(
                share,
                u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d,
                3 * (u * u * (b - a) + 2 * u * t * (c - b) + t * t * (d - c)) / step);
    }

    /** Returns the amounts along a part of the line, as along a line of its own. */
    public Profile part(double from, double to) {
        List<Knot> inside = new ArrayList<>();
        inside.add(knot(from));
        knots.stream()
                .filter(knot -> knot.share() > from + NOTHING && knot.share() < to - NOTHING)
                .forEach(inside::add);
        inside.add(knot(to));
        double step = to - from;
        return new Profile(inside.stream()
                .map(knot -> new Knot((knot.share() - from) / step, knot.amount(), knot.slope() * step))
                .toList());
    }

    /** Returns the amounts along the line run through from its end. */
    public Profile reversed() {
        List<Knot> turned = new ArrayList<>();
        for (int i = knots.size() - 1; i >= 0; i--) {
            Knot knot = knots.get(i);
            turned.add(new Knot(1 - knot.share(), knot.amount(), -knot.slope()));
        }
        return new Profile(turned);
    }

    public Profile times(double factor) {
        return new Profile(knots.stream()
                .map(knot -> new Knot(knot.share(), factor * knot.amount(), factor * knot.slope()))
                .toList());
    }

    /** Says whether it changes evenly from the start to the end. */
    public boolean isStraight() {
        double even = at(1) - at(0);
        return knots.size() == 2
                && knots.get(0).share() == 0
                && knots.get(1).share() == 1
                && knots.stream().allMatch(knot -> Math.abs(knot.slope() - even) < NOTHING);
    }

    /** Returns the shares strictly between the ends at which the amount has a knot. */
    double[] joints() {
        return knots.stream()
                .mapToDouble(Knot::share)
                .filter(share -> share > NOTHING && share < 1 - NOTHING)
                .toArray();
    }

    /** Returns the four amounts of the cubic between two shares with no knot between them. */
    double[] cubic(double from, double to) {
        Knot first = knot(from);
        Knot last = knot(to);
        double third = (to - from) / 3;
        return new double[] {
            first.amount(), first.amount() + first.slope() * third, last.amount() - last.slope() * third, last.amount()
        };
    }
}
