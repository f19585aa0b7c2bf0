package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.draft.Inputs.Measured;
import org.soberhem.core.geometry.Cubic;
import org.soberhem.core.geometry.Inset;
import org.soberhem.core.geometry.Line;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Side;

/** Draws a sheet at a wearer's size. */
public final class Drafter {

    /** Chords for the question whether an outline crosses itself, in millimetres. */
    private static final double CROSSING_FLATNESS = 0.1;

    private final CompiledSheet sheet;
    private final Inputs inputs;
    private final Side side;
    private final Frame frame;
    private final List<Plate> plates = new ArrayList<>();

    private Drafter(CompiledSheet sheet, Inputs inputs, Side side) {
        this.sheet = sheet;
        this.inputs = inputs;
        this.side = side;
        this.frame = frame(sheet, inputs, side);
    }

    /**
     * Draws a sheet. Left and right are drawn apart where the wearer's readings differ.
     *
     * @throws DraftException if a measurement is missing, a setting is beyond its limits, or a piece cannot be drawn
     */
    public static Draft draft(CompiledSheet sheet, Inputs inputs) {
        Drafter left = new Drafter(sheet, inputs, Side.LEFT);
        Map<String, Piece> onLeft = left.pieces();
        boolean sided = sheet.measures.stream()
                .flatMap(measure -> measured(sheet, measure, inputs).stream())
                .anyMatch(value -> value.left() != value.right());
        Map<String, Piece> onRight = sided ? new Drafter(sheet, inputs, Side.RIGHT).pieces() : onLeft;
        Map<String, Piece> inMiddle = sided ? new Drafter(sheet, inputs, Side.MIDDLE).pieces() : onLeft;
        List<Piece> worn = new ArrayList<>();
        for (String name : sheet.sheet().pieces().keySet()) {
            if (onLeft.get(name).shape() == CutShape.PLAIN) {
                worn.add(inMiddle.get(name).onSide(Side.MIDDLE));
            } else {
                worn.add(onLeft.get(name).onSide(Side.LEFT));
                worn.add(onRight.get(name).onSide(Side.RIGHT));
            }
        }
        List<Seam> seams = new ArrayList<>();
        for (CompiledSheet.SeamRun run : sheet.seams) {
            seams.add(new Seam(
                    run.written().first(),
                    run.written().second(),
                    run.written().kind(),
                    run.least().value(left.frame),
                    run.most().value(left.frame)));
        }
        Pattern pattern = new Pattern(sheet.sheet().id(), worn, seams);
        return new Draft(
                pattern,
                left.platesInSheetOrder(),
                sheet.unit.source().text(),
                left.frame.slots[sheet.unitSlot],
                left.measuresUsed(),
                left.settingsUsed());
    }

    /** Returns a frame with measures, settings and the unit filled in. */
    static Frame frame(CompiledSheet sheet, Inputs inputs, Side side) {
        Frame frame = new Frame(sheet.slots, sheet.edgeCount);
        for (CompiledSheet.Measure measure : sheet.measures) {
            Optional<Measured> measured = measured(sheet, measure, inputs);
            double value = measured.map(m -> m.on(side)).orElse(Double.NaN);
            if (measured.isPresent() && !(value > 0)) {
                throw new DraftException(
                        measure.name(),
                        "Measurement \"" + measure.name() + "\" must be greater than 0: " + value + " mm");
            }
            frame.slots[measure.slot()] = value;
        }
        for (CompiledSheet.Setting setting : sheet.settings) {
            Double chosen = inputs.settings().get(setting.name());
            double value = chosen == null ? setting.value().value(frame) : chosen;
            double least = setting.least().value(frame);
            double most = setting.most().value(frame);
            if (!(value >= least - 1e-6 && value <= most + 1e-6)) {
                throw new DraftException(
                        setting.name(),
                        "Setting \"" + setting.name() + "\" must be "
                                + setting.least().source().text() + " to "
                                + setting.most().source().text() + ": " + Math.round(value * 10) / 10.0 + " mm");
            }
            frame.slots[setting.slot()] = value;
        }
        for (String name : inputs.settings().keySet()) {
            if (!sheet.sheet().settings().containsKey(name)) {
                throw new DraftException(
                        name,
                        "Setting \"" + name + "\" is not among the settings "
                                + sheet.sheet().settings().keySet());
            }
        }
        frame.slots[sheet.unitSlot] = sheet.unit.value(frame);
        return frame;
    }

    private static Optional<Measured> measured(CompiledSheet sheet, CompiledSheet.Measure measure, Inputs inputs) {
        Optional<Measured> found = measure.ids().stream()
                .map(inputs::find)
                .flatMap(Optional::stream)
                .findFirst();
        if (found.isEmpty() && measure.required()) {
            throw new DraftException(
                    measure.ids().get(0),
                    "Measurement \"" + String.join("\" or \"", measure.ids()) + "\" is missing: draft \""
                            + sheet.sheet().id() + "\" needs it");
        }
        return found;
    }

    private Map<String, Double> measuresUsed() {
        Map<String, Double> used = new LinkedHashMap<>();
        for (CompiledSheet.Measure measure : sheet.measures) {
            measure.ids().stream()
                    .filter(each -> inputs.find(each).isPresent())
                    .findFirst()
                    .ifPresent(id -> used.put(id, frame.slots[measure.slot()]));
        }
        return used;
    }

    private Map<String, Double> settingsUsed() {
        Map<String, Double> used = new LinkedHashMap<>();
        sheet.settings.forEach(setting -> used.put(setting.name(), frame.slots[setting.slot()]));
        return used;
    }

    private List<Plate> platesInSheetOrder() {
        List<String> order = List.copyOf(sheet.sheet().pieces().keySet());
        plates.sort((a, b) -> Integer.compare(order.indexOf(a.piece()), order.indexOf(b.piece())));
        return plates;
    }

    private Map<String, Piece> pieces() {
        Map<String, Piece> drawn = new LinkedHashMap<>();
        for (CompiledSheet.PieceRuns piece : sheet.pieces) {
            drawn.put(piece.name(), piece(piece));
        }
        return drawn;
    }

    private Piece piece(CompiledSheet.PieceRuns runs) {
        for (CompiledSheet.PointAt point : runs.points()) {
            frame.slots[point.slot() + 1] = point.along().value(frame);
            frame.slots[point.slot()] = point.out().value(frame);
        }
        Map<String, Point> points = new LinkedHashMap<>();
        runs.slots().forEach((name, slot) -> points.put(name, new Point(frame.slots[slot], frame.slots[slot + 1])));
        List<Path> drawn = new ArrayList<>();
        for (CompiledSheet.EdgeRun edge : runs.edges()) {
            drawn.add(path(runs.name(), edge, points));
        }
        plates.add(plate(runs, points, drawn));
        boolean turned = outline(runs.name(), drawn).signedArea() < 0;
        List<Path> sewn = withoutIncluded(runs, turned ? reversed(drawn) : drawn, turned, points);
        outline(runs.name(), sewn).crossing().ifPresent(at -> {
            throw new DraftException(
                    runs.name(),
                    "Piece \"" + runs.name() + "\" crosses itself near " + Math.round(at.y()) + " mm along, "
                            + Math.round(at.x()) + " mm out");
        });
        return worn(runs, edges(runs, sewn, turned), points, turned);
    }

    private Path path(String piece, CompiledSheet.EdgeRun edge, Map<String, Point> points) {
        List<Segment> segments = new ArrayList<>(edge.joins().size());
        for (CompiledSheet.Join join : edge.joins()) {
            Point from = points.get(join.from());
            Point to = points.get(join.to());
            if (from.distanceTo(to) < 0.01) {
                throw new DraftException(
                        piece,
                        "Points " + join.from() + " and " + join.to() + " of piece \"" + piece + "\" fall together");
            }
            segments.add(segment(join, from, to, points));
        }
        return new Path(segments);
    }

    private Segment segment(CompiledSheet.Join join, Point from, Point to, Map<String, Point> points) {
        return switch (join.form()) {
            case STRAIGHT -> new Line(from, to);
            case TOWARDS ->
                Cubic.towards(from, points.get(join.corner()), to, join.amount().value(frame));
            // Hollow bends into a clockwise outline, round out of it.
            case HOLLOW -> bowed(from, to, -join.amount().value(frame), join);
            case ROUND -> bowed(from, to, join.amount().value(frame), join);
        };
    }

    private Segment bowed(Point from, Point to, double depth, CompiledSheet.Join join) {
        return depth == 0
                ? new Line(from, to)
                : Cubic.bowed(from, to, depth, join.at().value(frame));
    }

    private static Outline outline(String piece, List<Path> edges) {
        List<Point> corners = new ArrayList<>();
        for (Path edge : edges) {
            List<Point> points = edge.flattened(CROSSING_FLATNESS);
            corners.addAll(points.subList(0, points.size() - 1));
        }
        if (corners.size() < 3) {
            throw new DraftException(piece, "Piece \"" + piece + "\" has no area");
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

    private List<Path> withoutIncluded(
            CompiledSheet.PieceRuns runs, List<Path> drawn, boolean turned, Map<String, Point> points) {
        if (runs.written().drawn() == DraftSheet.Drawn.SEAM_LINE) {
            return drawn;
        }
        double[] amounts = new double[drawn.size()];
        boolean any = false;
        for (int i = 0; i < amounts.length; i++) {
            Formula included = edgeAt(runs, i, turned).included();
            amounts[i] = included == null ? 0 : included.value(frame);
            any |= amounts[i] != 0;
        }
        if (!any) {
            return drawn;
        }
        List<Path> sewn = Inset.of(drawn, amounts);
        for (int i = 0; i < amounts.length; i++) {
            CompiledSheet.EdgeRun edge = edgeAt(runs, i, turned);
            points.put(turned ? edge.to() : edge.from(), sewn.get(i).start());
        }
        return sewn;
    }

    private static CompiledSheet.EdgeRun edgeAt(CompiledSheet.PieceRuns runs, int place, boolean turned) {
        return runs.edges().get(turned ? runs.edges().size() - 1 - place : place);
    }

    private List<Edge> edges(CompiledSheet.PieceRuns runs, List<Path> sewn, boolean turned) {
        List<Edge> edges = new ArrayList<>();
        Optional<String> fold = runs.written().shape() == CutShape.FOLD
                ? runs.written().centre().map(Written::text)
                : Optional.empty();
        for (int i = 0; i < sewn.size(); i++) {
            CompiledSheet.EdgeRun run = edgeAt(runs, i, turned);
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
        if (run.added() != null) {
            return run.added().value(frame);
        }
        return sheet.allowanceSlot.map(slot -> frame.slots[slot]).orElse(0.0);
    }

    private Piece worn(CompiledSheet.PieceRuns runs, List<Edge> edges, Map<String, Point> points, boolean turned) {
        DraftSheet.PieceSheet written = runs.written();
        List<Notch> notches = new ArrayList<>();
        for (CompiledSheet.NotchAt notch : runs.notches()) {
            double share = notch.share().value(frame);
            if (!(share >= 0 && share <= 1)) {
                throw new DraftException(
                        runs.name(), "Notch \"" + notch.name() + "\" must lie at 0 to 1 of its edge: " + share);
            }
            notches.add(new Notch(notch.name(), notch.edge(), turned ? 1 - share : share));
        }
        List<Dart> darts = new ArrayList<>();
        written.darts()
                .forEach((name, dart) -> darts.add(new Dart(
                        name,
                        points.get(dart.point().text()),
                        points.get(dart.first().text()),
                        points.get(dart.second().text()))));
        List<MarkLine> lines = new ArrayList<>();
        written.lines()
                .forEach((name, line) -> lines.add(new MarkLine(
                        name,
                        line.kind(),
                        points.get(line.from().text()),
                        points.get(line.to().text()))));
        Map<String, Level> levels = new LinkedHashMap<>();
        written.levels()
                .forEach((name, level) -> levels.put(
                        name,
                        new Level(
                                name,
                                points.get(level.from().text()),
                                points.get(level.to().text()))));
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
                points.get(written.grain().from().text()),
                points.get(written.grain().to().text()),
                levels,
                written.spans());
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

    private Plate plate(CompiledSheet.PieceRuns runs, Map<String, Point> points, List<Path> drawn) {
        Map<String, CompiledSheet.PointAt> byName = new LinkedHashMap<>();
        runs.points().forEach(point -> byName.put(point.name(), point));
        List<Plate.PlatePoint> placed = new ArrayList<>();
        points.forEach((name, at) -> {
            CompiledSheet.PointAt point = byName.get(name);
            placed.add(new Plate.PlatePoint(
                    name, point.written().along().text(), point.written().out().text(), at, point.corner()));
        });
        return new Plate(runs.name(), placed, drawn);
    }
}
