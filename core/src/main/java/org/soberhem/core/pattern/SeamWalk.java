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

    /**
     * Lays the two sides of a seam out on one side of the wearer, both from the same end; the second of two loops, such
     * as a cap in its arm-hole, from where it agrees best with the first.
     */
    public static SeamWalk of(Pattern pattern, SeamCheck check) {
        Side side = check.side() == Side.MIDDLE ? Side.LEFT : check.side();
        List<Stretch> one = run(pattern, check.seam().first(), side);
        List<Stretch> best = run(pattern, check.seam().second(), side);
        boolean loops = isLoop(pattern, one) && isLoop(pattern, best);
        double agreement = Double.NEGATIVE_INFINITY;
        for (List<Stretch> begun : loops ? begunAnywhere(best) : List.of(best)) {
            for (List<Stretch> two : List.of(begun, turned(begun))) {
                double agrees = agreement(one, two) + (loops ? agreementOfLoops(one, two) : 0);
                if (agrees > agreement) {
                    agreement = agrees;
                    best = two;
                }
            }
        }
        return new SeamWalk(check, one, best);
    }

    private static List<Stretch> run(Pattern pattern, List<EdgeRef> refs, Side side) {
        List<Stretch> run = new ArrayList<>();
        for (EdgeRef ref : refs) {
            Piece piece = pattern.piece(ref.piece(), side).orElseThrow();
            for (Edge edge : pattern.edges(ref, side)) {
                run.add(new Stretch(piece, edge, false, 0, edge.path().length()));
            }
        }
        return measured(chained(pattern, run));
    }

    /** Lays stretches one after the other. */
    private static List<Stretch> measured(List<Stretch> run) {
        List<Stretch> measured = new ArrayList<>();
        double done = 0;
        for (Stretch each : run) {
            double length = each.to() - each.from();
            measured.add(new Stretch(each.piece(), each.edge(), each.reversed(), done, done + length));
            done += length;
        }
        return measured;
    }

    /**
     * Orders and turns the edges so that each goes on where the one before it ended, as the pieces are sewn; as they
     * are named where they do not hang together.
     */
    private static List<Stretch> chained(Pattern pattern, List<Stretch> run) {
        if (run.size() == 1) {
            return run;
        }
        for (Stretch start : run) {
            for (Stretch begun : List.of(start, back(start))) {
                List<Stretch> chain = new ArrayList<>(List.of(begun));
                List<Stretch> left = new ArrayList<>(run);
                left.remove(start);
                while (goOn(pattern, chain, left)) {}
                if (left.isEmpty()) {
                    return chain;
                }
            }
        }
        return run;
    }

    /** Takes the stretch that goes on where a chain ends; says whether there was one. */
    private static boolean goOn(Pattern pattern, List<Stretch> chain, List<Stretch> left) {
        Stretch end = chain.get(chain.size() - 1);
        for (Stretch each : left) {
            for (Stretch next : List.of(each, back(each))) {
                if (meets(pattern, end, next)) {
                    chain.add(next);
                    left.remove(each);
                    return true;
                }
            }
        }
        return false;
    }

    private static Stretch back(Stretch stretch) {
        return new Stretch(stretch.piece(), stretch.edge(), !stretch.reversed(), stretch.from(), stretch.to());
    }

    /** Says whether a run of several edges ends where it begins. */
    private static boolean isLoop(Pattern pattern, List<Stretch> run) {
        return run.size() > 1 && meets(pattern, run.get(run.size() - 1), run.get(0));
    }

    /** Returns a loop begun at each of its edges. */
    private static List<List<Stretch>> begunAnywhere(List<Stretch> loop) {
        List<List<Stretch>> all = new ArrayList<>();
        for (int i = 0; i < loop.size(); i++) {
            List<Stretch> begun = new ArrayList<>(loop.subList(i, loop.size()));
            begun.addAll(loop.subList(0, i));
            all.add(measured(begun));
        }
        return all;
    }

    /**
     * Returns how well two loops agree: a sleeve's seam lies below, near the side seam and not at the shoulder; what is
     * called front lies in front.
     */
    private static double agreementOfLoops(List<Stretch> one, List<Stretch> two) {
        double agreement = 0;
        for (boolean atStart : new boolean[] {true, false}) {
            Role here = crossing(one, atStart).role();
            Role there = crossing(two, atStart).role();
            agreement += here == Role.UNDERARM && there == Role.SIDE ? 1 : 0;
            agreement -= here == Role.UNDERARM && there == Role.SHOULDER ? 1 : 0;
        }
        double[] heights = two.stream()
                .mapToDouble(each -> each.at(each.from()).y())
                .sorted()
                .toArray();
        double lowest = heights[heights.length - 1];
        agreement -= (lowest - two.get(0).at(0).y()) / Math.max(1, lowest - heights[0]);
        double whole = one.get(one.size() - 1).to();
        for (Stretch each : one) {
            double share = (each.from() + each.to()) / 2 / whole;
            Stretch met = stretch(two, share * two.get(two.size() - 1).to());
            for (String where : List.of("front", "back")) {
                boolean here = each.edge().name().contains(where);
                boolean there = (met.piece().name() + " " + met.edge().name()).contains(where);
                agreement += here && there ? 0.5 : 0;
            }
        }
        return agreement;
    }

    private static boolean meets(Pattern pattern, Stretch here, Stretch next) {
        if (here.piece() == next.piece() && here.edge() != next.edge()) {
            Point end = here.reversed()
                    ? here.edge().path().start()
                    : here.edge().path().end();
            Point start = next.reversed()
                    ? next.edge().path().end()
                    : next.edge().path().start();
            if (end.distanceTo(start) < 0.01) {
                return true;
            }
        }
        EdgeRef one = new EdgeRef(
                here.piece().name(),
                neighbour(here.piece(), here.edge(), !here.reversed()).name());
        EdgeRef two = new EdgeRef(
                next.piece().name(),
                neighbour(next.piece(), next.edge(), next.reversed()).name());
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

    /** Returns the edges of the first side in the order in which they are walked. */
    public List<Stretch> first() {
        return List.copyOf(first);
    }

    /** Returns the edges of the second side in the order in which they are walked. */
    public List<Stretch> second() {
        return List.copyOf(second);
    }

    /** Returns where marks that both sides have lie on them, each as two shares of the lengths. */
    public List<double[]> marks() {
        Map<String, Double> here = shares(first);
        Map<String, Double> there = shares(second);
        return here.keySet().stream()
                .filter(there::containsKey)
                .map(mark -> new double[] {here.get(mark), there.get(mark)})
                .sorted((a, b) -> Double.compare(a[0], b[0]))
                .toList();
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
