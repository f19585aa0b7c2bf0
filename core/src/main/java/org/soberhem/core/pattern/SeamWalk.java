package org.soberhem.core.pattern;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Turn;

/**
 * Walks one side of a seam along the other, as with two paper pieces: both begin at the same end and are laid edge on
 * edge, place by place.
 */
public final class SeamWalk {

    /** Two pieces laid together run on smoothly within this, in degrees (common practice, no published source). */
    public static final double SMOOTH = 8;

    /** How far beside a place the direction of an edge is read, in millimetres. */
    private static final double BESIDE = 1;

    /**
     * One edge on its way along the seam.
     *
     * @param piece whose edge it is
     * @param edge the edge
     * @param reversed whether it is walked against the outline
     * @param from where it begins on its run, in millimetres
     * @param to where it ends
     */
    public record Stretch(Piece piece, Edge edge, boolean reversed, double from, double to) {

        Point at(double along) {
            double share = to == from ? 0 : Math.max(0, Math.min(1, (along - from) / (to - from)));
            return edge.path().atShare(reversed ? 1 - share : share);
        }

        Point direction(double along) {
            return at(Math.min(to, along + BESIDE))
                    .minus(at(Math.max(from, along - BESIDE)))
                    .unit();
        }
    }

    /**
     * The lengths from one mark to the next.
     *
     * @param to the mark at its end; "the end" for the last
     * @param first length on the first side, in millimetres
     * @param second length on the second side
     */
    public record Between(String to, double first, double second) {

        /** Returns first minus second: what is eased or gathered there. */
        public double difference() {
            return first - second;
        }
    }

    /**
     * How the line that crosses the seam runs on at one of its ends.
     *
     * @param line what crosses there, such as the neck
     * @param degrees both angles together; 180 is smooth
     */
    public record Crossing(Role line, double degrees) {

        public boolean isSmooth() {
            return Math.abs(degrees - 180) <= SMOOTH;
        }
    }

    /**
     * Two pieces laid together at one place of the seam.
     *
     * @param first piece of the first side, which stays
     * @param second piece of the second side
     * @param over whether the second is turned over
     * @param turn lays it on the first, after it was turned over
     * @param place where they meet
     */
    public record Laid(Piece first, Piece second, boolean over, Turn turn, Point place) {

        /** Returns where a place of the second piece comes to lie. */
        public Point of(Point point) {
            return turn.apply(over ? new Point(-point.x(), point.y()) : point);
        }
    }

    private final SeamCheck check;
    private final List<Stretch> first;
    private final List<Stretch> second;

    private SeamWalk(SeamCheck check, List<Stretch> first, List<Stretch> second) {
        this.check = check;
        this.first = first;
        this.second = second;
    }

    /** Lays the two sides of a seam out on one side of the wearer, both from the same end. */
    public static SeamWalk of(Pattern pattern, SeamCheck check) {
        Side side = check.side() == Side.MIDDLE ? Side.LEFT : check.side();
        List<Stretch> one = run(pattern, check.seam().first(), side);
        List<Stretch> two = run(pattern, check.seam().second(), side);
        List<Stretch> back = turned(two);
        return new SeamWalk(check, one, agreement(one, back) > agreement(one, two) ? back : two);
    }

    private static List<Stretch> run(Pattern pattern, List<EdgeRef> refs, Side side) {
        List<Stretch> run = new ArrayList<>();
        double done = 0;
        for (EdgeRef ref : refs) {
            Piece piece = pattern.piece(ref.piece(), side).orElseThrow();
            for (Edge edge : pattern.edges(ref, side)) {
                double length = edge.path().length();
                run.add(new Stretch(piece, edge, false, done, done + length));
                done += length;
            }
        }
        return chained(pattern, run);
    }

    /** Turns each edge so that it goes on where the one before it ended, as the pieces are sewn. */
    private static List<Stretch> chained(Pattern pattern, List<Stretch> run) {
        List<Stretch> chained = new ArrayList<>(run);
        for (int i = 0; i + 1 < chained.size(); i++) {
            Stretch here = chained.get(i);
            Stretch next = chained.get(i + 1);
            for (boolean hereBack : i == 0 ? new boolean[] {false, true} : new boolean[] {here.reversed()}) {
                for (boolean nextBack : new boolean[] {false, true}) {
                    if (meets(pattern, here, hereBack, next, nextBack)) {
                        chained.set(i, new Stretch(here.piece(), here.edge(), hereBack, here.from(), here.to()));
                        chained.set(i + 1, new Stretch(next.piece(), next.edge(), nextBack, next.from(), next.to()));
                    }
                }
            }
        }
        return chained;
    }

    private static boolean meets(Pattern pattern, Stretch here, boolean hereBack, Stretch next, boolean nextBack) {
        if (here.piece() == next.piece()) {
            Point end =
                    hereBack ? here.edge().path().start() : here.edge().path().end();
            Point start =
                    nextBack ? next.edge().path().end() : next.edge().path().start();
            return end.distanceTo(start) < 0.01;
        }
        EdgeRef one = new EdgeRef(
                here.piece().name(),
                neighbour(here.piece(), here.edge(), !hereBack).name());
        EdgeRef two = new EdgeRef(
                next.piece().name(),
                neighbour(next.piece(), next.edge(), nextBack).name());
        return pattern.seams().stream()
                .anyMatch(seam -> seam.first().contains(one) && seam.second().contains(two)
                        || seam.first().contains(two) && seam.second().contains(one));
    }

    /** Returns the edge that an edge meets at its end, or at its start. */
    private static Edge neighbour(Piece piece, Edge edge, boolean atEnd) {
        int place = piece.edges().indexOf(edge);
        return piece.edges()
                .get(Math.floorMod(place + (atEnd ? 1 : -1), piece.edges().size()));
    }

    private static List<Stretch> turned(List<Stretch> run) {
        double total = run.get(run.size() - 1).to();
        List<Stretch> turned = new ArrayList<>();
        for (int i = run.size() - 1; i >= 0; i--) {
            Stretch each = run.get(i);
            turned.add(
                    new Stretch(each.piece(), each.edge(), !each.reversed(), total - each.to(), total - each.from()));
        }
        return turned;
    }

    /**
     * Returns how well two runs agree when both begin at their first end: by marks, by what crosses at the ends, by
     * height.
     */
    private static double agreement(List<Stretch> one, List<Stretch> two) {
        Map<String, Double> here = shares(one);
        Map<String, Double> there = shares(two);
        double agreement = 0;
        for (Map.Entry<String, Double> mark : here.entrySet()) {
            if (there.containsKey(mark.getKey())) {
                agreement += 10 * (0.5 - Math.abs(mark.getValue() - there.get(mark.getKey())));
            }
        }
        for (boolean atStart : new boolean[] {true, false}) {
            Role line = crossing(one, atStart).role();
            agreement += line != Role.NONE && line == crossing(two, atStart).role() ? 1 : 0;
        }
        double down = one.get(one.size() - 1).at(Double.MAX_VALUE).y()
                - one.get(0).at(0).y();
        double other = two.get(two.size() - 1).at(Double.MAX_VALUE).y()
                - two.get(0).at(0).y();
        return agreement + (down * other > 0 ? 0.1 : 0);
    }

    private static Edge crossing(List<Stretch> run, boolean atStart) {
        Stretch stretch = run.get(atStart ? 0 : run.size() - 1);
        return neighbour(stretch.piece(), stretch.edge(), atStart == stretch.reversed());
    }

    private static Map<String, Double> shares(List<Stretch> run) {
        double total = run.get(run.size() - 1).to();
        Map<String, Double> shares = new LinkedHashMap<>();
        for (Stretch stretch : run) {
            for (Notch notch : stretch.piece().notches()) {
                if (notch.edge().equals(stretch.edge().name())) {
                    double share = stretch.reversed() ? 1 - notch.share() : notch.share();
                    double along = stretch.from() + share * (stretch.to() - stretch.from());
                    shares.put(notch.name(), along / total);
                }
            }
        }
        return shares;
    }

    public SeamCheck check() {
        return check;
    }

    /** Returns the lengths from mark to mark; marks that only one side has are left out. */
    public List<Between> between() {
        Map<String, Double> here = shares(first);
        Map<String, Double> there = shares(second);
        List<String> marks = here.keySet().stream()
                .filter(mark -> there.containsKey(mark) && inside(here.get(mark)) && inside(there.get(mark)))
                .sorted((a, b) -> Double.compare(here.get(a), here.get(b)))
                .toList();
        List<Between> between = new ArrayList<>();
        double firstDone = 0;
        double secondDone = 0;
        for (String mark : marks) {
            double one = here.get(mark) * check.firstLength();
            double two = there.get(mark) * check.secondLength();
            between.add(new Between(mark, one - firstDone, two - secondDone));
            firstDone = one;
            secondDone = two;
        }
        between.add(new Between("the end", check.firstLength() - firstDone, check.secondLength() - secondDone));
        return between;
    }

    private static boolean inside(double share) {
        return share > 1e-6 && share < 1 - 1e-6;
    }

    /**
     * Returns how the line that crosses the seam runs on at its beginning or end; empty where different lines meet
     * there.
     */
    public Optional<Crossing> crossing(boolean atStart) {
        Edge one = crossing(first, atStart);
        Edge two = crossing(second, atStart);
        if (one.role() != two.role()
                || one.role() == Role.NONE
                || check.seam().kind().byFullness()) {
            return Optional.empty();
        }
        return Optional.of(new Crossing(one.role(), angle(first, atStart) + angle(second, atStart)));
    }

    /** Returns the angle inside the piece between the seam and the line that crosses it, in degrees. */
    private static double angle(List<Stretch> run, boolean atStart) {
        Stretch stretch = run.get(atStart ? 0 : run.size() - 1);
        boolean atEdgeStart = atStart != stretch.reversed();
        Path path = stretch.edge().path();
        Edge crossing = crossing(run, atStart);
        Point along = atEdgeStart ? path.startDirection() : path.endDirection().times(-1);
        Point across = atEdgeStart
                ? crossing.path().endDirection().times(-1)
                : crossing.path().startDirection();
        return Math.toDegrees(Math.abs(Turn.angle(along, across)));
    }

    /** Returns how far the walk goes: to the end of the longer side, in millimetres. */
    public double length() {
        return Math.max(check.firstLength(), check.secondLength());
    }

    /** Returns both pieces laid together at a distance from the beginning. */
    public Laid at(double along) {
        Stretch here = stretch(first, along);
        Stretch there = stretch(second, along);
        Point place = here.at(Math.min(along, here.to()));
        Point direction = here.direction(Math.min(along, here.to()));
        // Both pieces lie on the same hand of their edge: one must be turned over to lie on the other's far side.
        boolean over = here.reversed() == there.reversed();
        Point met = over(there.at(Math.min(along, there.to())), over);
        Point other = over(there.direction(Math.min(along, there.to())), over);
        Turn turn = Turn.laying(met, met.plus(other), place, place.plus(direction));
        return new Laid(here.piece(), there.piece(), over, turn, place);
    }

    private static Point over(Point point, boolean over) {
        return over ? new Point(-point.x(), point.y()) : point;
    }

    private static Stretch stretch(List<Stretch> run, double along) {
        return run.stream().filter(stretch -> along <= stretch.to()).findFirst().orElse(run.get(run.size() - 1));
    }
}
