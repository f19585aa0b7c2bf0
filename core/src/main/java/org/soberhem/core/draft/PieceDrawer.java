package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.soberhem.core.formula.Formula;
import org.soberhem.core.formula.Frame;
import org.soberhem.core.formula.SourceText;
import org.soberhem.core.geometry.Inset;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;

/** Draws one piece whose points are placed: the plate's line, then the seam line with its marks. */
final class PieceDrawer {

    /** Chords for the question whether an outline crosses itself, in millimetres. */
    private static final double CROSSING_FLATNESS = 0.1;

    private final CompiledSheet.PieceRuns runs;
    private final Frame frame;
    private final Side side;
    private final double evenAllowance;
    private final List<DraftedPiece.PlatePoint> placed = new ArrayList<>();
    private final List<Path> drawn = new ArrayList<>();
    private final Map<String, Point> points = new LinkedHashMap<>();
    private final Piece piece;

    /** @throws DraftException if the piece cannot be drawn */
    PieceDrawer(CompiledSheet.PieceRuns runs, Frame frame, Side side, double evenAllowance) {
        this.runs = runs;
        this.frame = frame;
        this.side = side;
        this.evenAllowance = evenAllowance;
        runs.slots().forEach((name, slot) -> points.put(name, frame.point(slot)));
        place();
        for (CompiledSheet.EdgeRun edge : runs.edges()) {
            drawn.add(EdgeDrawer.path(runs.name(), runs.edges(), edge, frame));
        }
        boolean turned = outline(drawn).signedArea() < 0;
        List<Path> sewn = withoutIncluded(turned ? reversed(drawn) : drawn, turned);
        outline(sewn).crossing().ifPresent(at -> {
            throw crossing(at, sewn, turned);
        });
        piece = worn(edges(sewn, turned), turned);
    }

    Piece piece() {
        return piece;
    }

    DraftedPiece plate(Optional<Draft.Scaling> scale) {
        return new DraftedPiece(
                runs.name(), runs.frame().map(CompiledSheet.Ground::name).orElse(""), scale, placed, drawn);
    }

    private void place() {
        for (CompiledSheet.Ground ground :
                runs.frame().isPresent() ? List.of(runs.frame().get(), runs.ground()) : List.of(runs.ground())) {
            for (CompiledSheet.PointAt point : ground.points()) {
                if (points.containsKey(point.name()) && runs.slots().get(point.name()) == point.slot()) {
                    placed.add(platePoint(point));
                }
            }
        }
    }

    private DraftedPiece.PlatePoint platePoint(CompiledSheet.PointAt point) {
        DraftSheet.StepSheet written = point.step().written();
        boolean plain = written.way() == DraftSheet.StepSheet.Way.AT;
        return new DraftedPiece.PlatePoint(
                point.name(),
                plain ? written.amounts().get(0).text() : "",
                plain ? written.amounts().get(1).text() : "",
                points.get(point.name()),
                point.corner());
    }

    private DraftException crossing(Point at, List<Path> edges, boolean turned) {
        for (int i = 0; i < edges.size(); i++) {
            if (edges.get(i).loops(CROSSING_FLATNESS)) {
                return new DraftException(
                        runs.name(),
                        "The {} of piece \"{}\" loops: its curve runs back over itself. Bend it less, or move the points that guide it",
                        edgeAt(i, turned).name(),
                        runs.name());
            }
        }
        List<Integer> nearest = IntStream.range(0, edges.size())
                .boxed()
                .sorted(Comparator.comparingDouble(edge -> edges.get(edge).distanceTo(at)))
                .limit(2)
                .sorted()
                .toList();
        return new DraftException(
                runs.name(),
                "The {} and the {} of piece \"{}\" run into each other, {} along and {} out: there is no room for both",
                edgeAt(nearest.get(0), turned).name().replace('-', ' '),
                edgeAt(nearest.get(1), turned).name().replace('-', ' '),
                runs.name(),
                at.y(),
                at.x());
    }

    private Outline outline(List<Path> edges) {
        List<Point> corners = new ArrayList<>();
        for (Path edge : edges) {
            List<Point> flat = edge.flattened(CROSSING_FLATNESS);
            corners.addAll(flat.subList(0, flat.size() - 1));
        }
        if (corners.size() < 3) {
            throw new DraftException(runs.name(), "Piece \"{}\" has no area", runs.name());
        }
        return new Outline(corners);
    }

    private static List<Path> reversed(List<Path> edges) {
        List<Path> turned = new ArrayList<>(edges.size());
        for (int i = edges.size() - 1; i >= 0; i--) {
            turned.add(edges.get(i).reversed());
        }
        return turned;
    }

    private List<Path> withoutIncluded(List<Path> asDrawn, boolean turned) {
        if (runs.written().drawn() == DraftSheet.Drawn.SEAM_LINE) {
            return asDrawn;
        }
        double[] amounts = new double[asDrawn.size()];
        boolean any = false;
        for (int i = 0; i < amounts.length; i++) {
            Formula included = edgeAt(i, turned).included();
            amounts[i] = included == null ? 0 : included.value(frame);
            any |= amounts[i] != 0;
        }
        if (!any) {
            return asDrawn;
        }
        List<Path> sewn = Inset.of(asDrawn, amounts);
        for (int i = 0; i < amounts.length; i++) {
            CompiledSheet.EdgeRun edge = edgeAt(i, turned);
            points.put(turned ? edge.to() : edge.from(), sewn.get(i).start());
        }
        return sewn;
    }

    private CompiledSheet.EdgeRun edgeAt(int place, boolean turned) {
        return runs.edges().get(turned ? runs.edges().size() - 1 - place : place);
    }

    private List<Edge> edges(List<Path> sewn, boolean turned) {
        List<Edge> edges = new ArrayList<>();
        Optional<String> fold = runs.written().shape() == CutShape.FOLD
                ? runs.written().centre().map(SourceText::text)
                : Optional.empty();
        for (int i = 0; i < sewn.size(); i++) {
            CompiledSheet.EdgeRun run = edgeAt(i, turned);
            frame.paths.set(run.path(), sewn.get(i));
            edges.add(new Edge(
                    run.name(),
                    run.role(),
                    turned ? run.to() : run.from(),
                    turned ? run.from() : run.to(),
                    sewn.get(i),
                    fold.filter(run.name()::equals).isPresent() ? 0 : allowance(run)));
        }
        return edges;
    }

    private double allowance(CompiledSheet.EdgeRun run) {
        return run.added() != null ? run.added().value(frame) : evenAllowance;
    }

    private Piece worn(List<Edge> edges, boolean turned) {
        DraftSheet.PieceSheet written = runs.written();
        List<Notch> notches = new ArrayList<>();
        for (CompiledSheet.NotchAt notch : runs.notches()) {
            double share = notch.share().value(frame);
            if (!(share >= 0 && share <= 1)) {
                throw new DraftException(
                        runs.name(),
                        "Notch \"{}\" must lie at 0 to 1 of its edge: {}",
                        notch.name(),
                        String.valueOf(share));
            }
            notches.add(new Notch(notch.name(), notch.edge(), turned ? 1 - share : share));
        }
        List<Dart> darts = new ArrayList<>();
        written.darts()
                .forEach((name, dart) ->
                        darts.add(new Dart(name, at(dart.point()), at(dart.first()), at(dart.second()))));
        List<MarkLine> lines = new ArrayList<>();
        written.lines()
                .forEach((name, line) -> lines.add(new MarkLine(name, line.kind(), at(line.from()), at(line.to()))));
        Map<String, Level> levels = new LinkedHashMap<>();
        written.levels().forEach((name, level) -> levels.put(name, new Level(name, at(level.from()), at(level.to()))));
        return new Piece(
                runs.name(),
                side,
                written.shape(),
                written.cut(),
                points,
                edges,
                written.centre().map(centre -> centreX(centre.text(), edges, lines)),
                darts,
                lines,
                notches,
                at(written.grain().from()),
                at(written.grain().to()),
                levels,
                written.spans(),
                Optional.empty());
    }

    private Point at(SourceText point) {
        return points.get(point.text());
    }

    private static double centreX(String centre, List<Edge> edges, List<MarkLine> lines) {
        return edges.stream()
                .filter(edge -> edge.name().equals(centre))
                .map(edge -> edge.path().start().x())
                .findFirst()
                .orElseGet(() -> lines.stream()
                        .filter(line -> line.name().equals(centre))
                        .findFirst()
                        .orElseThrow()
                        .from()
                        .x());
    }
}
