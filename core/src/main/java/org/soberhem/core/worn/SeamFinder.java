package org.soberhem.core.worn;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.SeamWalk;
import org.soberhem.core.pattern.Side;

/** Finds which edge of the worn pieces is sewn to which, and from which end. */
final class SeamFinder {

    /** Breaks of both sides nearer to each other than this are meant to meet, millimetres. */
    private static final double MEET = 4;

    private final Pattern pattern;
    private final List<WornPiece> pieces;
    private final List<SewnSeam> seams = new ArrayList<>();
    private final Set<String> taken = new HashSet<>();

    SeamFinder(Pattern pattern, List<WornPiece> pieces) {
        this.pattern = pattern;
        this.pieces = pieces;
    }

    /** Returns the seams: darts, those of the pattern, then the middles. */
    List<SewnSeam> found(List<List<WornCut.Legs>> darts) {
        for (int piece = 0; piece < pieces.size(); piece++) {
            for (WornCut.Legs legs : darts.get(piece)) {
                SewnSeam.Stretch in = new SewnSeam.Stretch(piece, legs.first(), true, 0, legs.length());
                SewnSeam.Stretch out = new SewnSeam.Stretch(piece, legs.second(), false, 0, legs.length());
                String name = pieces.get(piece).name() + " " + legs.first().replace(" in", "");
                add(name, SewnSeam.Kind.DART, List.of(in), List.of(out), List.of());
            }
        }
        for (Seam seam : pattern.seams()) {
            if (seam.kind() != Seam.Kind.FACED && pattern.has(seam.first()) && pattern.has(seam.second())) {
                sew(seam, Side.LEFT);
                sew(seam, Side.RIGHT);
            }
        }
        for (int left = 0; left < pieces.size(); left++) {
            if (pieces.get(left).side() == Side.LEFT) {
                middle(left);
            }
        }
        return seams;
    }

    private void sew(Seam seam, Side side) {
        SeamWalk walk = SeamWalk.of(
                pattern,
                new SeamCheck(seam, side, pattern.length(seam.first(), side), pattern.length(seam.second(), side)));
        Optional<List<SewnSeam.Stretch>> first = stretches(walk.first());
        Optional<List<SewnSeam.Stretch>> second = stretches(walk.second());
        if (first.isPresent() && second.isPresent() && free(first.get()) && free(second.get())) {
            add(seam.name(), SewnSeam.Kind.SEAM, first.get(), second.get(), walk.marks());
        }
    }

    /** Returns the run among the worn pieces; empty if one of them is not worn. */
    private Optional<List<SewnSeam.Stretch>> stretches(List<SeamWalk.Stretch> run) {
        List<SewnSeam.Stretch> found = new ArrayList<>();
        for (SeamWalk.Stretch each : run) {
            int piece = number(each);
            if (piece < 0) {
                return Optional.empty();
            }
            found.add(new SewnSeam.Stretch(piece, each.edge().name(), each.reversed(), each.from(), each.to()));
        }
        return Optional.of(found);
    }

    private int number(SeamWalk.Stretch stretch) {
        for (int i = 0; i < pieces.size(); i++) {
            if (pieces.get(i).piece() == stretch.piece()) {
                return i;
            }
        }
        return -1;
    }

    private boolean free(List<SewnSeam.Stretch> run) {
        return run.stream().noneMatch(each -> taken.contains(each.piece() + "." + each.edge()));
    }

    /** Sews left and right together along what is left of their middle edges. */
    private void middle(int left) {
        WornPiece here = pieces.get(left);
        for (int right = 0; right < pieces.size(); right++) {
            WornPiece there = pieces.get(right);
            if (there.side() != Side.RIGHT || !there.name().equals(here.name())) {
                continue;
            }
            for (WornEdge edge : here.edges()) {
                List<SewnSeam.Stretch> mine = List.of(new SewnSeam.Stretch(
                        left, edge.name(), false, 0, edge.path().length()));
                Optional<WornEdge> fellow = there.edges().stream()
                        .filter(each -> each.name().equals(edge.name()))
                        .findFirst();
                if (edge.role() == Role.CENTRE && fellow.isPresent() && free(mine)) {
                    List<SewnSeam.Stretch> theirs = List.of(new SewnSeam.Stretch(
                            right, edge.name(), false, 0, fellow.get().path().length()));
                    add(here.name() + " " + edge.name(), SewnSeam.Kind.MIDDLE, mine, theirs, List.of());
                }
            }
        }
    }

    private void add(
            String name,
            SewnSeam.Kind kind,
            List<SewnSeam.Stretch> first,
            List<SewnSeam.Stretch> second,
            List<double[]> marks) {
        seams.add(new SewnSeam(name, kind, first, second, knots(first, second, marks)));
        first.forEach(each -> taken.add(each.piece() + "." + each.edge()));
        second.forEach(each -> taken.add(each.piece() + "." + each.edge()));
    }

    /** Returns the places that meet: the ends, common marks, then where an edge ends on either side. */
    private static List<double[]> knots(
            List<SewnSeam.Stretch> first, List<SewnSeam.Stretch> second, List<double[]> marks) {
        double one = first.get(first.size() - 1).to();
        double two = second.get(second.size() - 1).to();
        TreeMap<Double, Double> knots = new TreeMap<>();
        knots.put(0.0, 0.0);
        knots.put(one, two);
        for (double[] mark : marks) {
            knot(knots, mark[0] * one, mark[1] * two);
        }
        TreeMap<Double, Double> fixed = new TreeMap<>(knots);
        List<Double> breaks = new ArrayList<>();
        second.forEach(each -> breaks.add(each.from()));
        for (SewnSeam.Stretch each : first.subList(1, first.size())) {
            double there = between(fixed, each.from());
            knot(knots, each.from(), nearest(breaks, there));
        }
        TreeMap<Double, Double> turned = new TreeMap<>();
        knots.forEach((a, b) -> turned.put(b, a));
        for (SewnSeam.Stretch each : second.subList(1, second.size())) {
            knot(knots, between(turned, each.from()), each.from());
        }
        return knots.entrySet().stream()
                .map(each -> new double[] {each.getKey(), each.getValue()})
                .toList();
    }

    private static double nearest(List<Double> breaks, double place) {
        return breaks.stream()
                .filter(each -> Math.abs(each - place) < MEET)
                .findFirst()
                .orElse(place);
    }

    /** Adds a knot where there is none near, and where it keeps the order on both sides. */
    private static void knot(TreeMap<Double, Double> knots, double one, double two) {
        double low = knots.floorEntry(one) == null ? 0 : knots.floorEntry(one).getValue();
        double high =
                knots.ceilingEntry(one) == null ? two : knots.ceilingEntry(one).getValue();
        boolean near = knots.entrySet().stream()
                .anyMatch(each -> Math.abs(each.getKey() - one) < 1e-6 || Math.abs(each.getValue() - two) < 1e-6);
        if (!near && two > low && two < high) {
            knots.put(one, two);
        }
    }

    private static double between(TreeMap<Double, Double> knots, double place) {
        var below = knots.floorEntry(place);
        var above = knots.ceilingEntry(place);
        if (below == null || above == null || above.getKey() - below.getKey() < 1e-9) {
            return below == null ? above.getValue() : below.getValue();
        }
        double share = (place - below.getKey()) / (above.getKey() - below.getKey());
        return below.getValue() + share * (above.getValue() - below.getValue());
    }
}
