package org.soberhem.core.pattern;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.soberhem.core.geometry.Allowance;
import org.soberhem.core.geometry.Cubic;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;

/**
 * One worn piece, as it lies on the sheet.
 *
 * @param name the sheet's name of the piece
 * @param side where it is worn
 * @param shape how it is cut
 * @param cut how many are cut for each use (outer, lining), both sides together
 * @param points named places, by name, in the order of the sheet
 * @param edges the closed seam line in order, clockwise
 * @param centreX where the body's middle lies; what lies beyond, at smaller x, is overlap. Empty if the piece has none
 * @param darts cloth folded away
 * @param lines marks that are not cut
 * @param notches marks on the edges
 * @param grainFrom start of the grain line
 * @param grainTo end of the grain line
 * @param levels heights of the body, by name
 * @param spans where the piece lies between the centre front (0) and the centre back (1): its two sides
 * @param cutFrom how it is cut after another piece, if it is
 */
@RecordBuilder
public record Piece(
        String name,
        Side side,
        CutShape shape,
        Map<String, Integer> cut,
        Map<String, Point> points,
        List<Edge> edges,
        Optional<Double> centreX,
        List<Dart> darts,
        List<MarkLine> lines,
        List<Notch> notches,
        Point grainFrom,
        Point grainTo,
        Map<String, Level> levels,
        Optional<Spans> spans,
        Optional<CutFrom> cutFrom)
        implements PieceBuilder.With {

    /** How far beside a notch the edge's direction is read, as a share of the edge. */
    private static final double BESIDE = 0.002;

    private static final double ON_CENTRE = 0.01;

    /** Most outlines have fewer corners when flattened. */
    private static final int CORNERS = 512;

    public Piece {
        cut = Collections.unmodifiableMap(new LinkedHashMap<>(cut));
        points = Collections.unmodifiableMap(new LinkedHashMap<>(points));
        edges = List.copyOf(edges);
        darts = List.copyOf(darts);
        lines = List.copyOf(lines);
        notches = List.copyOf(notches);
        levels = Collections.unmodifiableMap(new LinkedHashMap<>(levels));
    }

    /** Returns how many are cut, both sides together: out of the outer cloth, else of the use that has most. */
    public int count() {
        return cut.getOrDefault(
                "outer", cut.values().stream().max(Integer::compare).orElse(1));
    }

    public Optional<Edge> edge(String wanted) {
        return edges.stream().filter(edge -> edge.name().equals(wanted)).findFirst();
    }

    /** Returns the seam line, flattened. */
    public Outline seamLine() {
        return seamLine(Allowance.FLATNESS);
    }

    /**
     * Returns the seam line, flattened.
     *
     * @param tolerance greatest distance of a chord from its arc, in millimetres
     */
    public Outline seamLine(double tolerance) {
        List<Point> corners = new ArrayList<>(CORNERS);
        for (Edge edge : edges) {
            edge.path().flattenInto(corners, tolerance);
            corners.remove(corners.size() - 1);
        }
        return new Outline(corners);
    }

    /** Returns the line to cut along: every edge outside the seam line by its allowance. */
    public Outline cuttingLine() {
        return Allowance.outside(
                edges.stream().map(Edge::path).toList(),
                edges.stream().mapToDouble(Edge::allowance).toArray(),
                edges.stream().map(Edge::corner).toList());
    }

    /** Returns where a notch lies on the seam line. */
    public Point at(Notch notch) {
        return edge(notch.edge())
                .orElseThrow(() ->
                        new IllegalArgumentException("Piece \"" + name + "\" has no edge \"" + notch.edge() + "\""))
                .path()
                .atShare(notch.share());
    }

    /** Returns the direction in which a notch points out of the piece, with length 1. */
    public Point outward(Notch notch) {
        Path path = edge(notch.edge()).orElseThrow().path();
        double share = Math.max(BESIDE, Math.min(1 - BESIDE, notch.share()));
        return path.atShare(share + BESIDE)
                .minus(path.atShare(share - BESIDE))
                .unit()
                .outward();
    }

    /** Says whether an edge is the one on which the cloth is folded. */
    public boolean isFold(Edge edge) {
        return shape == CutShape.FOLD
                && centreX.filter(x -> Math.abs(edge.path().start().x() - x) < ON_CENTRE
                                && Math.abs(edge.path().end().x() - x) < ON_CENTRE)
                        .isPresent();
    }

    /**
     * Returns the width of the body that the piece covers at a level, from the centre line outward, less what its darts
     * take up there.
     *
     * @return millimetres; empty if the piece does not have the level
     */
    public Optional<Double> widthAt(String level) {
        Level line = levels.get(level);
        if (line == null) {
            return Optional.empty();
        }
        Point direction = line.to().minus(line.from()).unit();
        List<Double> cuts = cuts(line.from(), direction);
        double width = 0;
        for (int i = 0; i + 1 < cuts.size(); i += 2) {
            width += insideCentre(line.from(), direction, cuts.get(i), cuts.get(i + 1));
        }
        for (Dart dart : darts) {
            width -= dart.takenUp(line.from(), direction);
        }
        return Optional.of(width - takenAtMouths(line.from(), direction));
    }

    /**
     * Returns where a line enters and leaves the seam line, as {@link Outline#cuts} does; only the stretches that it
     * can cross are flattened.
     */
    private List<Double> cuts(Point from, Point direction) {
        List<Point> corners = new ArrayList<>();
        for (Edge edge : edges) {
            for (Segment segment : edge.path().segments()) {
                Point start = segment.start();
                corners.add(start);
                if (segment instanceof Cubic curve && crosses(curve, from, direction)) {
                    int chords = curve.chords(Allowance.FLATNESS);
                    for (int i = 1; i < chords; i++) {
                        corners.add(curve.at((double) i / chords));
                    }
                }
            }
        }
        return (corners.size() < 3 ? seamLine() : new Outline(corners)).cuts(from, direction);
    }

    /** Says whether a line may cross a curve: its handles do not all lie on one side. */
    private static boolean crosses(Cubic curve, Point from, Point direction) {
        boolean left = direction.cross(curve.start().minus(from)) < 0;
        return direction.cross(curve.first().minus(from)) < 0 != left
                || direction.cross(curve.second().minus(from)) < 0 != left
                || direction.cross(curve.end().minus(from)) < 0 != left;
    }

    /** Returns what darts take up whose legs begin on a line; two that share a mouth take it up once. */
    private double takenAtMouths(Point from, Point direction) {
        double taken = 0;
        Set<Set<Point>> mouths = new HashSet<>();
        for (Dart dart : darts) {
            if (dart.opensOn(from, direction) && mouths.add(Set.of(dart.first(), dart.second()))) {
                taken += dart.first().distanceTo(dart.second());
            }
        }
        return taken;
    }

    private double insideCentre(Point from, Point direction, double enter, double leave) {
        if (centreX.isEmpty() || Math.abs(direction.x()) < 1e-9) {
            return leave - enter;
        }
        double centre = (centreX.get() - from.x()) / direction.x();
        return direction.x() > 0
                ? Math.max(0, leave - Math.max(enter, centre))
                : Math.max(0, Math.min(leave, centre) - enter);
    }

    /** Says whether another piece is the same but for the side that it is worn on. */
    public boolean isLike(Piece other) {
        return name.equals(other.name)
                && edges.equals(other.edges)
                && points.equals(other.points)
                && equals(other.side == side ? other : other.onSide(side));
    }

    public Piece onSide(Side other) {
        return withSide(other);
    }

    /**
     * Says whether two worn pieces lie one on the other within a tolerance, with their allowances and marks, so that
     * they are cut as a pair or on a fold.
     */
    public boolean sameShapeAs(Piece other, double tolerance) {
        if (!points.keySet().equals(other.points.keySet()) || edges.size() != other.edges.size()) {
            return false;
        }
        return sameEdges(other, tolerance)
                && notches.equals(other.notches)
                && same(darts, other.darts, tolerance, dart -> List.of(dart.point(), dart.first(), dart.second()))
                && same(lines, other.lines, tolerance, line -> List.of(line.from(), line.to()));
    }

    private boolean sameEdges(Piece other, double tolerance) {
        if (edges.equals(other.edges)) {
            return true;
        }
        for (int i = 0; i < edges.size(); i++) {
            Edge mine = edges.get(i);
            Edge theirs = other.edges.get(i);
            if (Math.abs(mine.allowance() - theirs.allowance()) > tolerance
                    || mine.corner() != theirs.corner()
                    || !samePath(mine.path(), theirs.path(), tolerance)) {
                return false;
            }
        }
        return true;
    }

    private static boolean samePath(Path mine, Path theirs, double tolerance) {
        if (mine.segments().size() != theirs.segments().size()) {
            return false;
        }
        for (int j = 0; j < mine.segments().size(); j++) {
            for (double t : new double[] {0, 0.25, 0.5, 0.75}) {
                if (mine.segments()
                                .get(j)
                                .at(t)
                                .distanceTo(theirs.segments().get(j).at(t))
                        > tolerance) {
                    return false;
                }
            }
        }
        return true;
    }

    private static <T> boolean same(List<T> mine, List<T> theirs, double tolerance, Function<T, List<Point>> places) {
        if (mine.size() != theirs.size()) {
            return false;
        }
        for (int i = 0; i < mine.size(); i++) {
            List<Point> here = places.apply(mine.get(i));
            List<Point> there = places.apply(theirs.get(i));
            for (int j = 0; j < here.size(); j++) {
                if (here.get(j).distanceTo(there.get(j)) > tolerance) {
                    return false;
                }
            }
        }
        return true;
    }
}
