package org.soberhem.core.trace;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.soberhem.core.geometry.Alignment;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Inset;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Role;

/**
 * A traced piece on paper, as a cutter squares it: its seam line, the body's middle upright at x = 0 with the piece
 * beyond it, clockwise as seen; a curve that meets the middle meets it square.
 *
 * @param name the piece's name
 * @param size the size it is drawn in, or empty
 * @param shape how it is cut
 * @param cut how many are cut
 * @param allowance what the drawing had beyond the seam line, in millimetres
 * @param runs its edges in order
 * @param levels heights of the body, by name
 * @param centred whether x = 0 is the body's middle; else it is the middle of the piece
 * @param darts cloth folded away
 */
@RecordBuilder
public record PaperPiece(
        String name,
        String size,
        CutShape shape,
        int cut,
        double allowance,
        List<TracedEdge> runs,
        Map<String, Double> levels,
        boolean centred,
        List<TracedDart> darts)
        implements PaperPieceBuilder.With {

    /** Two knots nearer to each other are one, in millimetres. */
    private static final double SAME = 0.05;

    /** A level this near to a corner is that corner's, in millimetres: a tap is not more exact. */
    private static final double NEAR = 6.5;

    /** How far beside a corner its level is read, in millimetres. */
    private static final double BESIDE = 0.05;

    /** A hem is hollowed by no more, in millimetres. */
    private static final int HOLLOW = 15;

    /** A breadth beside a corner that is less of the whole lies within a hollow; a dart takes up less. */
    private static final double PART = 0.6;

    /** A breadth that is so nearly the whole is whole. */
    private static final double WHOLE = 0.95;

    private static final double FLATNESS = 0.02;

    public PaperPiece {
        runs = List.copyOf(runs);
        levels = Collections.unmodifiableMap(new LinkedHashMap<>(levels));
        darts = List.copyOf(darts);
    }

    /**
     * Puts a traced piece on paper.
     *
     * @throws IllegalArgumentException if it is no piece yet; the message says what is wrong with which
     */
    public static PaperPiece of(TracedPiece piece, Alignment paper) {
        List<TracedEdge> runs = runs(piece, paper);
        if (piece.shape() == CutShape.FOLD && runs.stream().noneMatch(run -> run.role() == Role.CENTRE)) {
            throw new IllegalArgumentException(
                    "\"" + piece.words() + "\" is cut on the fold: call the edge that lies on it \"centre\"");
        }
        UnaryOperator<Point> upright = upright(piece, paper, runs);
        List<TracedEdge> turned = new ArrayList<>(runs.stream()
                .map(run -> run.mapped(upright))
                .map(run -> run.role() == Role.CENTRE ? onCentre(run) : run)
                .toList());
        joinCorners(turned);
        boolean centred = piece.centre().isPresent() || runs.stream().anyMatch(run -> run.role() == Role.CENTRE);
        if (new Outline(corners(turned)).signedArea() < 0) {
            Collections.reverse(turned);
            turned.replaceAll(TracedEdge::reversed);
        }
        List<TracedEdge> sewn = within(turned, piece.included());
        new Outline(corners(sewn)).crossing().ifPresent(at -> {
            throw new IllegalArgumentException("The outline of \"" + piece.words() + "\" crosses itself near "
                    + Math.round(at.x()) + " mm out and " + Math.round(at.y())
                    + " mm along: move or remove a place there");
        });
        List<TracedEdge> square = squared(sewn);
        Map<String, Double> levels = new LinkedHashMap<>();
        piece.levels()
                .forEach((level, at) ->
                        levels.put(level, height(upright.apply(paper.of(at)).y(), square)));
        List<TracedDart> darts = piece.darts().stream()
                .map(dart -> dart.mapped(at -> upright.apply(paper.of(at))))
                .map(dart -> onLevels(dart, levels))
                .toList();
        return new PaperPiece(
                piece.name(),
                piece.size(),
                piece.shape(),
                piece.cut(),
                piece.included(),
                square,
                levels,
                centred,
                darts);
    }

    private static List<TracedEdge> runs(TracedPiece piece, Alignment paper) {
        List<Knot> knots = new ArrayList<>();
        for (Knot knot : piece.outline()) {
            Knot on = knot.at(paper.of(knot.at()));
            if (knots.isEmpty() || knots.get(knots.size() - 1).at().distanceTo(on.at()) > SAME) {
                knots.add(on);
            } else if (on.corner()) {
                knots.set(knots.size() - 1, on);
            }
        }
        int last = knots.size() - 1;
        if (last > 0 && knots.get(last).at().distanceTo(knots.get(0).at()) <= SAME) {
            knots.remove(last);
        }
        List<Integer> corners = new ArrayList<>();
        for (int i = 0; i < knots.size(); i++) {
            if (knots.get(i).corner()) {
                corners.add(i);
            }
        }
        if (corners.size() < 3) {
            throw new IllegalArgumentException(
                    "\"" + piece.words() + "\" needs at least three corners: it has " + corners.size());
        }
        List<TracedEdge> runs = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            int from = corners.get(i);
            int to = corners.get((i + 1) % corners.size());
            List<Point> places = new ArrayList<>();
            for (int k = from; k != to; k = (k + 1) % knots.size()) {
                places.add(knots.get(k).at());
            }
            places.add(knots.get(to).at());
            String edge = knots.get(from).edge();
            runs.add(TracedEdge.free(edge.isEmpty() ? "edge-" + (i + 1) : edge, places));
        }
        List<String> names = runs.stream().map(TracedEdge::edge).toList();
        names.stream()
                .filter(name -> Collections.frequency(names, name) > 1)
                .findFirst()
                .ifPresent(twice -> {
                    throw new IllegalArgumentException("Two edges of \"" + piece.words() + "\" are called \"" + twice
                            + "\": call one of them otherwise");
                });
        return runs;
    }

    /** Returns what turns the piece so that the body's middle stands upright at x = 0 and the piece lies beyond it. */
    private static UnaryOperator<Point> upright(TracedPiece piece, Alignment paper, List<TracedEdge> runs) {
        Point middle = Box.round(corners(runs)).middle();
        Optional<TracedEdge> centre =
                runs.stream().filter(run -> run.role() == Role.CENTRE).findFirst();
        Point direction = new Point(0, 1);
        Point on = middle;
        if (centre.isPresent()) {
            direction = centre.get().end().minus(centre.get().start()).unit();
            on = centre.get().start();
        } else if (piece.centre().isPresent()) {
            on = paper.of(piece.centre().get());
        }
        Point down = direction.y() < 0 ? direction.times(-1) : direction;
        Point out = new Point(down.y(), -down.x());
        double side = middle.minus(on).dot(out) < 0 ? -1 : 1;
        Point from = on;
        return at -> new Point(side * at.minus(from).dot(out), at.dot(down));
    }

    private static TracedEdge onCentre(TracedEdge run) {
        return run.mapped(at -> new Point(0, at.y()));
    }

    /** Where an edge was put on the middle line, its neighbours end there too. */
    private static void joinCorners(List<TracedEdge> runs) {
        for (int i = 0; i < runs.size(); i++) {
            TracedEdge run = runs.get(i);
            if (run.role() == Role.CENTRE) {
                int before = Math.floorMod(i - 1, runs.size());
                int after = (i + 1) % runs.size();
                runs.set(before, ending(runs.get(before), run.start()));
                runs.set(after, starting(runs.get(after), run.end()));
            }
        }
    }

    private static TracedEdge ending(TracedEdge run, Point at) {
        List<Point> places = new ArrayList<>(run.places());
        places.set(places.size() - 1, at);
        return TracedEdge.free(run.edge(), places);
    }

    private static TracedEdge starting(TracedEdge run, Point at) {
        List<Point> places = new ArrayList<>(run.places());
        places.set(0, at);
        return TracedEdge.free(run.edge(), places);
    }

    /** Takes what is drawn beyond the seam line off every edge but the one on the middle. */
    private static List<TracedEdge> within(List<TracedEdge> runs, double beyond) {
        if (beyond == 0) {
            return runs;
        }
        List<Path> sewn = Inset.of(
                runs.stream().map(TracedEdge::path).toList(),
                runs.stream()
                        .mapToDouble(run -> run.role() == Role.CENTRE ? 0 : beyond)
                        .toArray());
        List<TracedEdge> within = new ArrayList<>();
        for (int i = 0; i < runs.size(); i++) {
            Path path = sewn.get(i);
            int between = runs.get(i).places().size() - 2;
            List<Point> places = new ArrayList<>();
            places.add(path.start());
            for (int k = 1; k <= between; k++) {
                places.add(path.atShare(k / (between + 1.0)));
            }
            places.add(path.end());
            within.add(TracedEdge.free(runs.get(i).edge(), places));
        }
        return within;
    }

    /** Binds curves that meet the middle to meet it square. */
    private static List<TracedEdge> squared(List<TracedEdge> runs) {
        List<TracedEdge> square = new ArrayList<>();
        for (int i = 0; i < runs.size(); i++) {
            TracedEdge run = runs.get(i);
            boolean after = runs.get(Math.floorMod(i - 1, runs.size())).role() == Role.CENTRE;
            boolean before = runs.get((i + 1) % runs.size()).role() == Role.CENTRE;
            square.add(
                    run.isStraight()
                            ? run
                            : run.bound(
                                    after ? Optional.of(new Point(1, 0)) : Optional.empty(),
                                    before ? Optional.of(new Point(-1, 0)) : Optional.empty()));
        }
        return square;
    }

    /**
     * Reads a level that was tapped beside a corner just above or below that corner, where the piece is the wider;
     * above a hem that is hollowed upward, as far up as the whole breadth is there.
     */
    private static double height(double tapped, List<TracedEdge> runs) {
        Outline line = new Outline(corners(runs));
        List<Double> near = runs.stream()
                .map(run -> run.start().y())
                .filter(y -> Math.abs(y - tapped) < NEAR)
                .flatMap(y -> Stream.of(y - BESIDE, y + BESIDE))
                .toList();
        if (near.isEmpty()) {
            return tapped;
        }
        double corner = near.stream()
                .max(Comparator.comparingDouble(y -> width(line, y, false)))
                .orElseThrow();
        double whole = 0;
        for (int up = 0; up <= HOLLOW; up++) {
            whole = Math.max(whole, width(line, corner - up, false));
        }
        if (width(line, corner, false) > PART * whole) {
            return corner;
        }
        double level = corner;
        for (int up = 0; up <= HOLLOW && width(line, level, false) < WHOLE * whole; up++) {
            level = corner - up;
        }
        return level;
    }

    /** The legs of a dart that end beside a level end on it. */
    private static TracedDart onLevels(TracedDart dart, Map<String, Double> levels) {
        double near = levels.values().stream()
                .filter(level ->
                        Math.abs(level - (dart.first().y() + dart.second().y()) / 2) < NEAR)
                .findFirst()
                .map(level -> level + BESIDE)
                .orElse(Double.NaN);
        return Double.isNaN(near)
                ? dart
                : new TracedDart(
                        dart.point(),
                        new Point(dart.first().x(), near),
                        new Point(dart.second().x(), near));
    }

    private static List<Point> corners(List<TracedEdge> runs) {
        List<Point> corners = new ArrayList<>();
        for (TracedEdge run : runs) {
            List<Point> flat = run.path().flattened(FLATNESS);
            corners.addAll(flat.subList(0, flat.size() - 1));
        }
        return corners;
    }

    /** Returns the seam line, flattened. */
    public Outline outline() {
        return new Outline(corners(runs));
    }

    /** Returns the width that the piece covers at a height, from the middle outward, less its darts, in millimetres. */
    public double width(double height) {
        double width = width(outline(), height, centred);
        for (TracedDart dart : darts) {
            width -= new Dart("dart", dart.point(), dart.first(), dart.second())
                    .takenUp(new Point(0, height), new Point(1, 0));
        }
        return width;
    }

    private static double width(Outline line, double height, boolean fromCentre) {
        List<Double> cuts = line.cuts(new Point(0, height), new Point(1, 0));
        double least = fromCentre ? 0 : Double.NEGATIVE_INFINITY;
        double width = 0;
        for (int i = 0; i + 1 < cuts.size(); i += 2) {
            width += Math.max(0, cuts.get(i + 1) - Math.max(least, cuts.get(i)));
        }
        return width;
    }

    /** Finds the edge of a role; of several the first. */
    Optional<TracedEdge> run(Role role) {
        return runs.stream().filter(run -> run.role() == role).findFirst();
    }

    /** Returns every edge of a role. */
    List<TracedEdge> all(Role role) {
        return runs.stream().filter(run -> run.role() == role).toList();
    }

    /** Finds the corner at which an edge of one role meets one of another. */
    Optional<Point> corner(Role one, Role other) {
        for (int i = 0; i < runs.size(); i++) {
            TracedEdge run = runs.get(i);
            TracedEdge next = runs.get((i + 1) % runs.size());
            if (run.role() == one && next.role() == other || run.role() == other && next.role() == one) {
                return Optional.of(run.end());
            }
        }
        return Optional.empty();
    }

    boolean is(String part) {
        return name.contains(part);
    }

    double top() {
        return outline().box().minY();
    }

    double bottom() {
        return outline().box().maxY();
    }

    /** Returns the piece moved along the paper. */
    PaperPiece moved(double down) {
        UnaryOperator<Point> by = at -> new Point(at.x(), at.y() + down);
        Map<String, Double> lower = new LinkedHashMap<>();
        levels.forEach((level, height) -> lower.put(level, height + down));
        return with(copy -> copy.runs(runs.stream()
                        .map(run -> run.mapped(by).bound(run.leaves(), run.comes()))
                        .toList())
                .levels(lower)
                .darts(darts.stream().map(dart -> dart.mapped(by)).toList()));
    }

    /** Returns the piece with other edges. */
    PaperPiece with(List<TracedEdge> others) {
        return withRuns(others);
    }

    /** Returns how often its width counts in a girth. */
    int worn() {
        return shape == CutShape.PLAIN ? 1 : 2;
    }
}
