package org.soberhem.core.trace;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Role;

/** Writes the points, edges and marks of one piece, each place by a formula. */
final class PiecePlanner {

    /** Where a place of a piece lies on the wearer. */
    interface Placing {

        /**
         * Returns the formulas of a place.
         *
         * @param at where it is drawn
         * @param before role of the edge that it ends or lies on; {@link Role#NONE} within the piece
         * @param after role of the edge that it begins or lies on
         */
        SheetPlan.PointPlan of(Point at, Role before, Role after);
    }

    private final PaperPiece piece;
    private final Placing placing;
    private final Map<String, SheetPlan.PointPlan> points = new LinkedHashMap<>();
    private final Map<Point, String> corners = new LinkedHashMap<>();
    private int knots;
    private int marks;

    PiecePlanner(PaperPiece piece, Placing placing) {
        this.piece = piece;
        this.placing = placing;
    }

    /** Returns the name of the corner at a place. */
    String corner(Point at) {
        return corners.get(at);
    }

    /** Adds a place that is not on the outline, and returns its name. */
    String mark(SheetPlan.PointPlan plan) {
        String name = "M" + ++marks;
        points.put(name, plan);
        return name;
    }

    private String mark(Point at) {
        return mark(placing.of(at, Role.NONE, Role.NONE));
    }

    /** Returns the piece written. */
    SheetPlan.PiecePlan plan(Map<String, SheetPlan.SolvePlan> solve) {
        List<SheetPlan.JoinPlan> outline = new ArrayList<>();
        Map<String, List<String>> edges = new LinkedHashMap<>();
        List<TracedEdge> runs = piece.runs();
        for (int i = 0; i < runs.size(); i++) {
            edges.put(
                    runs.get(i).edge(),
                    List.of(corner(runs.get(i).start()), corner(runs.get(i).end())));
        }
        for (TracedEdge run : runs) {
            List<String> through = new ArrayList<>();
            List<Point> places = run.places();
            for (Point at : places.subList(1, places.size() - 1)) {
                String name = "K" + ++knots;
                points.put(name, placing.of(at, run.role(), run.role()));
                through.add(name);
            }
            outline.add(new SheetPlan.JoinPlan(
                    corner(run.end()),
                    through,
                    run.leaves().isPresent(),
                    run.comes().isPresent()));
        }
        Map<String, List<String>> levels = new LinkedHashMap<>();
        piece.levels().forEach((name, y) -> levels.put(name, level(y)));
        Map<String, List<String>> darts = new LinkedHashMap<>();
        for (int i = 0; i < piece.darts().size(); i++) {
            TracedDart dart = piece.darts().get(i);
            darts.put("dart-" + (i + 1), List.of(mark(dart.point()), mark(dart.first()), mark(dart.second())));
        }
        Optional<String> edge = piece.run(Role.CENTRE).map(TracedEdge::edge);
        List<String> middleLine = edge.isEmpty() && piece.centred() ? upright(0) : List.of();
        return new SheetPlan.PiecePlan(
                piece.name(),
                piece.shape(),
                piece.cut(),
                solve,
                points,
                outline,
                edges,
                edge.or(() -> middleLine.isEmpty() ? Optional.empty() : Optional.of("middle")),
                middleLine,
                darts,
                upright(inside()),
                levels);
    }

    /** Writes the corners first, so that other pieces may measure between them. */
    void corners() {
        List<TracedEdge> runs = piece.runs();
        for (int i = 0; i < runs.size(); i++) {
            Role before = runs.get(Math.floorMod(i - 1, runs.size())).role();
            String name = "A" + (i + 1);
            corners.put(runs.get(i).start(), name);
            points.put(name, placing.of(runs.get(i).start(), before, runs.get(i).role()));
        }
    }

    /** A level lies straight across; the broad of it does not matter. */
    private List<String> level(double y) {
        double x = piece.centred() ? 0 : piece.outline().box().minX();
        SheetPlan.PointPlan near = placing.of(new Point(x, y), Role.NONE, Role.NONE);
        List<Double> cuts = piece.outline().cuts(new Point(0, y), new Point(1, 0));
        double middle =
                cuts.isEmpty() ? piece.outline().box().middle().x() : (cuts.get(0) + cuts.get(cuts.size() - 1)) / 2;
        SheetPlan.PointPlan far = placing.of(new Point(middle, y), Role.NONE, Role.NONE);
        return List.of(mark(near), mark(new SheetPlan.PointPlan(near.along(), far.out())));
    }

    /** A line straight down through the piece. */
    private List<String> upright(double x) {
        Outline line = piece.outline();
        List<Double> cuts = line.cuts(new Point(x, 0), new Point(0, 1));
        double from = cuts.isEmpty() ? line.box().minY() : cuts.get(0);
        double to = cuts.isEmpty() ? line.box().maxY() : cuts.get(1);
        SheetPlan.PointPlan high = placing.of(new Point(x, from + (to - from) / 6), Role.NONE, Role.NONE);
        SheetPlan.PointPlan low = placing.of(new Point(x, to - (to - from) / 6), Role.NONE, Role.NONE);
        return List.of(mark(high), mark(new SheetPlan.PointPlan(low.along(), high.out())));
    }

    /** Returns how far out the grain is drawn: at the middle of the piece's breadth half way down. */
    private double inside() {
        Outline line = piece.outline();
        List<Double> cuts = line.cuts(new Point(0, line.box().middle().y()), new Point(1, 0));
        return cuts.isEmpty() ? line.box().middle().x() : (cuts.get(0) + cuts.get(1)) / 2;
    }
}
