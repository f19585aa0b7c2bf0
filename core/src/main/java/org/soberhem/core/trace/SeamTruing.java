package org.soberhem.core.trace;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;

/** Joins edges to seams, and lets places slide until the two sides of a seam agree at any size. */
final class SeamTruing {

    /** A place this near to a level lies on it, in millimetres. */
    private static final double NEAR = 3;

    /** The end of a seam moves by at most so much of what moves with it. */
    private static final double MOVES = 0.4;

    /** Less of a seam than this share cannot take up what the seam lacks. */
    private static final double LEAST_REACH = 0.25;

    private final ScalingAmounts scale;
    private final Map<String, Map<String, SheetPlan.SolvePlan>> solves;
    private final List<SheetPlan.SeamPlan> seams;
    private final Predicate<SewnEdges> mayGather;
    private final Map<String, Moved> trued = new LinkedHashMap<>();

    SeamTruing(
            ScalingAmounts scale,
            Map<String, Map<String, SheetPlan.SolvePlan>> solves,
            List<SheetPlan.SeamPlan> seams,
            Predicate<SewnEdges> mayGather) {
        this.mayGather = mayGather;
        this.scale = scale;
        this.solves = solves;
        this.seams = seams;
    }

    /**
     * How a place moves so that a seam comes true.
     *
     * @param by formula of how far
     * @param out whether it moves out; else along, and out by a share of that: it slides on the seam's own line, so
     *     that the width at a level stays
     * @param slope that share
     */
    record Moved(String by, boolean out, double slope) {}

    /** Returns how a place of a piece moves, if it does. */
    Optional<Moved> moved(PaperPiece piece, Point at) {
        return Optional.ofNullable(trued.get(piece.name() + at(at)));
    }

    void join(SewnEdges sewn) {
        if (sewn.isGathered()) {
            // Of edges that are only named alike no seam is invented: the maker says so.
            if (mayGather.test(sewn)) {
                seams.add(gathered(sewn));
            }
            return;
        }
        boolean traced = Math.abs(sewn.longer()) < PaperPattern.TRACED;
        boolean shoulder = sewn.first().role() == Role.SHOULDER
                && PaperPattern.hasShoulder(sewn.one())
                && PaperPattern.hasShoulder(sewn.other());
        boolean solved =
                PaperPattern.side(sewn.other()).filter(sewn.second()::equals).isPresent()
                        && solves.get(sewn.other().name())
                                .containsKey(sewn.other().name() + "-depth");
        if (scale.scales() && traced && !shoulder && !solved) {
            makeTrue(sewn);
        }
        seams.add(
                traced && scale.scales()
                        ? new SheetPlan.SeamPlan(sewn.firstRun(), sewn.secondRun(), Seam.Kind.PLAIN, "0 mm", "0 mm")
                        : eased(
                                sewn.firstRun(),
                                sewn.secondRun(),
                                sewn.longer(),
                                shoulder && scale.scales() ? "shoulder-wide" : scale.longer()));
    }

    static SheetPlan.SeamPlan eased(List<String> first, List<String> second, double by, String ratio) {
        return new SheetPlan.SeamPlan(
                first,
                second,
                Seam.Kind.EASED,
                FormulaText.plus("-1 mm", by, ratio),
                FormulaText.plus("1 mm", by, ratio));
    }

    static SheetPlan.SeamPlan gathered(SewnEdges sewn) {
        boolean longerFirst = sewn.longer() > 0;
        double a = sewn.first().path().length();
        double b = sewn.second().path().length();
        double full = Math.max(a, b) / Math.min(a, b);
        return new SheetPlan.SeamPlan(
                longerFirst ? sewn.firstRun() : sewn.secondRun(),
                longerFirst ? sewn.secondRun() : sewn.firstRun(),
                Seam.Kind.GATHERED,
                FormulaText.number(full - 0.15, 3),
                FormulaText.number(full + 0.15, 3));
    }

    /**
     * The end of the second side that no landmark holds moves along, and what lies between it and the nearest landmark
     * with it, until the two sides agree.
     */
    private void makeTrue(SewnEdges sewn) {
        PaperPiece piece = sewn.other();
        List<Point> down = sewn.second().places();
        List<Point> up = sewn.second().reversed().places();
        int fromEnd = held(piece, up);
        int fromStart = held(piece, down);
        boolean atEnd = movesAtEnd(sewn, reach(up, fromEnd), reach(down, fromStart));
        List<Point> moving = atEnd ? up : down;
        int held = atEnd ? fromEnd : fromStart;
        if (reach(moving, held) < LEAST_REACH * reach(moving, moving.size() - 1)) {
            held = moving.size() - 1;
        }
        double reach = reach(moving, held);
        String name = piece.name() + "-" + sewn.second().edge() + "-trued";
        SheetPlan.SolvePlan solve = new SheetPlan.SolvePlan(
                FormulaText.times(-MOVES * reach, ScalingAmounts.LONG),
                FormulaText.times(MOVES * reach, ScalingAmounts.LONG),
                "length(" + SewnEdges.name(piece, sewn.second()) + ")",
                "length(" + SewnEdges.name(sewn.one(), sewn.first()) + ")");
        Point moved = moving.get(0);
        if (piece.all(Role.ARMSCYE).stream()
                .anyMatch(hole -> hole.start().equals(moved) || hole.end().equals(moved))) {
            first(piece, name, solve);
        } else {
            solves.get(piece.name()).put(name, solve);
        }
        for (int i = 0; i < held; i++) {
            String by = FormulaText.number(1 - reach(moving, i) / reach, 6) + " * " + name;
            double slope = sewn.liesAcross() ? 0 : slope(moving, i);
            trued.put(piece.name() + at(moving.get(i)), new Moved(by, sewn.liesAcross(), slope));
        }
    }

    /** A corner of the arm-hole that must move is found before the arm-hole's depth. */
    private void first(PaperPiece piece, String name, SheetPlan.SolvePlan solve) {
        Map<String, SheetPlan.SolvePlan> later = solves.get(piece.name());
        Map<String, SheetPlan.SolvePlan> ordered = new LinkedHashMap<>();
        ordered.put(name, solve);
        ordered.putAll(later);
        solves.put(piece.name(), ordered);
    }

    /**
     * Corners of neck, shoulder, arm-hole and cap stay; then the end moves with which more can move, and the lower of
     * two.
     */
    private static boolean movesAtEnd(SewnEdges sewn, double end, double start) {
        boolean endStays = stays(sewn.other(), sewn.second().end());
        boolean startStays = stays(sewn.other(), sewn.second().start());
        if (endStays != startStays) {
            return startStays;
        }
        if (sewn.liesAcross()) {
            return sewn.second().end().x() > sewn.second().start().x();
        }
        return Math.abs(end - start) < NEAR
                ? sewn.second().end().y() > sewn.second().start().y()
                : end > start;
    }

    private static boolean stays(PaperPiece piece, Point corner) {
        return piece.runs().stream()
                .filter(run -> run.start().equals(corner) || run.end().equals(corner))
                .anyMatch(run -> switch (run.role()) {
                    case NECK, SHOULDER, ARMSCYE, CAP, CENTRE -> true;
                    default -> false;
                });
    }

    /** Returns the number of the first place from an end that lies on a landmark's height, or of the last. */
    private static int held(PaperPiece piece, List<Point> places) {
        for (int i = 1; i < places.size(); i++) {
            if (isOnLevel(piece, places.get(i))) {
                return i;
            }
        }
        return places.size() - 1;
    }

    /**
     * Returns how far out a line goes with its way along, at a place on it; a line that lies nearly across goes
     * nowhere.
     */
    private static double slope(List<Point> places, int at) {
        Point before = places.get(Math.max(0, at - 1));
        Point after = places.get(Math.min(places.size() - 1, at + 1));
        Point way = after.minus(before);
        return Math.abs(way.y()) < Math.abs(way.x()) ? 0 : way.x() / way.y();
    }

    private static double reach(List<Point> places, int to) {
        double reach = 0;
        for (int i = 0; i < to; i++) {
            reach += places.get(i).distanceTo(places.get(i + 1));
        }
        return reach;
    }

    private static boolean isOnLevel(PaperPiece piece, Point at) {
        return piece.levels().values().stream().anyMatch(level -> Math.abs(level - at.y()) < NEAR);
    }

    private static String at(Point end) {
        return "@" + end.x() + "," + end.y();
    }
}
