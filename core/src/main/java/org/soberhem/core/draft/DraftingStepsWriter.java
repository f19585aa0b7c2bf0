package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.soberhem.core.formula.Frame;
import org.soberhem.core.formula.SourceText;
import org.soberhem.core.formula.Units;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Piece;

/** Puts a drawn sheet into words. */
final class DraftingStepsWriter {

    /** A choice of this name between {@code pulled-thread} and {@code tape} says how rectangles are cut. */
    private static final String CUTTING = "cutting";

    private static final String PULLED_THREAD = "pulled-thread";

    /** Stands for the piece where the sheet's amounts are worked out, before anything is drawn. */
    private static final String AMOUNTS = "first";

    /** The system of a sheet whose pieces are rectangles for the most part. */
    private static final String RECTANGLES = "rectangles";

    /** An outline that fills its box but for less is a rectangle. */
    private static final double ALL_OF_ITS_BOX = 0.999;

    private final CompiledSheet sheet;
    private final Frame frame;
    private final Map<String, PieceDrawer> drawn;
    private final List<DraftingSteps.Step> steps = new ArrayList<>();

    DraftingStepsWriter(CompiledSheet sheet, Frame frame, Map<String, PieceDrawer> drawn) {
        this.sheet = sheet;
        this.frame = frame;
        this.drawn = drawn;
    }

    DraftingSteps walk() {
        if (RECTANGLES.equals(sheet.sheet().about().system())) {
            sheet.pieces.values().forEach(this::size);
        }
        sheet.amounts.forEach(this::amount);
        for (CompiledSheet.Ground ground : sheet.grounds) {
            CompiledSheet.PieceRuns piece = sheet.pieces.get(ground.name());
            ground.solves().forEach(solve -> solved(ground, solve));
            if (piece != null && piece.written().rectangle()) {
                rectangle(piece);
                lines(piece);
            } else {
                Set<String> apart = piece == null ? Set.of() : apart(piece);
                StepWriter writer = new StepWriter(frame);
                for (boolean helps : new boolean[] {false, true}) {
                    if (helps && piece != null) {
                        lines(piece);
                    }
                    ground.points().stream()
                            .filter(point -> apart.contains(point.name()) == helps)
                            .forEach(point -> steps.add(writer.step(ground, point)));
                }
            }
            if (piece != null) {
                cut(piece);
            }
        }
        return new DraftingSteps(steps);
    }

    private void amount(CompiledSheet.Amount amount) {
        Object value = StepWriter.value(amount.formula().dimension(), frame.slots[amount.slot()]);
        String written = amount.formula().source().text();
        String name = amount.name().replace('-', ' ');
        // What hangs on a choice, or on more than a sum, is told by its value alone.
        Sentence sentence = Units.formula(written)
                .map(rule -> Sentence.of("{} is {}: {}", name, rule, value))
                .orElse(Sentence.of("{} is {}", name, value));
        steps.add(plain(AMOUNTS, DraftingSteps.Kind.AMOUNT, sentence));
    }

    private void solved(CompiledSheet.Ground ground, CompiledSheet.Solve solve) {
        steps.add(plain(
                ground.name(),
                DraftingSteps.Kind.AMOUNT,
                Sentence.of(
                        "{} is {}: tried between {} and {} until {} came to {}",
                        solve.name().replace('-', ' '),
                        StepWriter.value(solve.from().dimension(), frame.slots[solve.slot()]),
                        StepWriter.value(solve.from().dimension(), solve.from().value(frame)),
                        StepWriter.value(solve.to().dimension(), solve.to().value(frame)),
                        what(solve),
                        StepWriter.value(solve.is().dimension(), solve.is().value(frame)))));
    }

    /** Says what is watched while something is tried: the edges that a formula adds up, or only that it is a sum. */
    private static String what(CompiledSheet.Solve solve) {
        List<String> edges = solve.watched().stream()
                .map(edge -> edge.name().replace('-', ' '))
                .distinct()
                .toList();
        return edges.isEmpty() ? "what is wanted" : "the " + String.join(" and the ", edges);
    }

    private static DraftingSteps.Step plain(String owner, DraftingSteps.Kind kind, Sentence sentence) {
        return new DraftingSteps.Step(
                owner, "", kind, sentence, Optional.empty(), List.of(), Optional.empty(), Optional.empty());
    }

    /** A piece that is a rectangle is told first, with its size: many are cut without drawing anything. */
    private void size(CompiledSheet.PieceRuns runs) {
        Piece piece = drawn.get(runs.name()).piece();
        Box seam = piece.seamLine().box();
        boolean isRectangle = Math.abs(piece.seamLine().signedArea()) > ALL_OF_ITS_BOX * seam.width() * seam.height();
        if (isRectangle) {
            double wide = piece.shape() == CutShape.FOLD ? 2 : 1;
            Box cut = piece.cuttingLine().box();
            steps.add(plain(
                    AMOUNTS,
                    DraftingSteps.Kind.AMOUNT,
                    Sentence.of(
                            "{}: {} by {} finished, cut {} by {} ({})",
                            runs.name().replace('-', ' '),
                            seam.height(),
                            seam.width() * wide,
                            cut.height(),
                            cut.width() * wide,
                            runs.written().shape().words(cutCounts(piece)))));
        }
    }

    /** Returns the points that nothing of the outline hangs on: they only place grain, levels and marks. */
    private static Set<String> apart(CompiledSheet.PieceRuns runs) {
        Set<String> needed = new HashSet<>();
        for (DraftSheet.JoinSheet join : runs.written().outline()) {
            needed.add(join.to().text());
            Stream.of(join.guides().stream(), join.leaves().stream(), join.comes().stream())
                    .flatMap(each -> each)
                    .map(SourceText::text)
                    .forEach(needed::add);
        }
        runs.written()
                .darts()
                .values()
                .forEach(dart -> Stream.of(dart.point(), dart.first(), dart.second())
                        .map(SourceText::text)
                        .forEach(needed::add));
        Map<String, DraftSheet.StepSheet> points = runs.written().ground().points();
        int before;
        do {
            before = needed.size();
            points.forEach((name, step) -> {
                if (needed.contains(name)) {
                    step.points().stream().map(SourceText::text).forEach(needed::add);
                }
            });
        } while (needed.size() > before);
        // What formulas measure from point to point is not followed: such a piece keeps its order.
        boolean measures = points.values().stream()
                .flatMap(step -> step.amounts().stream())
                .anyMatch(amount -> amount.text().contains("("));
        Set<String> apart = new HashSet<>(points.keySet());
        apart.removeAll(needed);
        return measures ? Set.of() : apart;
    }

    private void rectangle(CompiledSheet.PieceRuns runs) {
        Piece piece = drawn.get(runs.name()).piece();
        Box seam = piece.seamLine().box();
        Box cut = piece.cuttingLine().box();
        Sentence size = Sentence.of(
                "a rectangle of {} along the grain by {} across, {} by {} with its allowances",
                seam.height(),
                seam.width(),
                cut.height(),
                cut.width());
        boolean byThread = sheet.choices.stream()
                .filter(choice -> choice.name().equals(CUTTING))
                .anyMatch(choice -> PULLED_THREAD.equals(sheet.sheet()
                        .choices()
                        .get(CUTTING)
                        .of()
                        .get(choice.ways().indexOf((int) frame.slots[choice.slot()]))));
        steps.add(plain(
                runs.name(),
                DraftingSteps.Kind.POINT,
                byThread
                        ? Sentence.of(
                                "{}: measure each way from a straightened edge, snip, pull a thread and cut along the gap that it leaves",
                                size)
                        : Sentence.of("{}: rule it with the tape and a square from the selvedge", size)));
    }

    private void lines(CompiledSheet.PieceRuns runs) {
        Piece piece = drawn.get(runs.name()).piece();
        for (CompiledSheet.EdgeRun run : runs.edges()) {
            Edge edge = piece.edge(run.name()).orElseThrow();
            Path line = EdgeDrawer.path(runs.name(), runs.edges(), run, frame);
            steps.add(new DraftingSteps.Step(
                    runs.name(),
                    run.name(),
                    DraftingSteps.Kind.LINE,
                    Sentence.of(
                            "draw the {} {}; sewn, it measures {}",
                            run.name(),
                            joins(runs, run),
                            edge.path().length()),
                    Optional.empty(),
                    List.of(),
                    Optional.empty(),
                    Optional.of(line)));
        }
        marks(piece);
    }

    private void cut(CompiledSheet.PieceRuns runs) {
        Piece piece = drawn.get(runs.name()).piece();
        steps.add(plain(
                runs.name(),
                DraftingSteps.Kind.CUT,
                Sentence.of("cut {}: {}", runs.written().shape().words(cutCounts(piece)), allowances(piece))));
    }

    private static String cutCounts(Piece piece) {
        return String.join(
                ", ",
                piece.cut().entrySet().stream()
                        .map(use -> use.getValue() + " " + use.getKey())
                        .toList());
    }

    /** Says how an edge goes from point to point. */
    private Sentence joins(CompiledSheet.PieceRuns runs, CompiledSheet.EdgeRun run) {
        Sentence all = Sentence.of("from {}", run.from());
        for (CompiledSheet.Join join : run.joins()) {
            all = Sentence.of("{} {}", all, join(runs, join));
        }
        return all;
    }

    private Sentence join(CompiledSheet.PieceRuns runs, CompiledSheet.Join join) {
        DraftSheet.JoinSheet written = runs.written().outline().stream()
                .filter(each -> each.to().text().equals(join.to()) && each.form() == join.form())
                .findFirst()
                .orElseThrow();
        List<String> guides = written.guides().stream().map(SourceText::text).toList();
        return switch (join.form()) {
            case STRAIGHT -> Sentence.of("straight to {}", join.to());
            case HOLLOW ->
                Sentence.of("to {}, hollowed by {}", join.to(), join.amount().value(frame));
            case ROUND ->
                Sentence.of("to {}, rounded by {}", join.to(), join.amount().value(frame));
            case TOWARDS -> Sentence.of("to {} in a curve into the corner {}", join.to(), guides.get(0));
            case THROUGH -> {
                Sentence through = guides.isEmpty()
                        ? Sentence.of("to {} in a curve", join.to())
                        : Sentence.of("to {} in a curve through {}", join.to(), String.join(", ", guides));
                Sentence setOut = written.leaves()
                        .map(guide -> Sentence.of("{}, setting out {}", through, towards(guide, "towards", "before")))
                        .orElse(through);
                yield written.comes()
                        .map(guide -> Sentence.of("{}, coming in {}", setOut, towards(guide, "from", "after")))
                        .orElse(setOut);
            }
        };
    }

    private static String towards(SourceText guide, String way, String neighbour) {
        return "square".equals(guide.text()) ? "square to the edge " + neighbour : way + " " + guide.text();
    }

    private void marks(Piece piece) {
        for (Dart dart : piece.darts()) {
            steps.add(new DraftingSteps.Step(
                    piece.name(),
                    dart.name(),
                    DraftingSteps.Kind.MARK,
                    Sentence.of(
                            "mark the dart {}: {} wide, {} long",
                            dart.name(),
                            dart.first().distanceTo(dart.second()),
                            dart.point().distanceTo(dart.first().towards(dart.second(), 0.5))),
                    Optional.empty(),
                    List.of(),
                    Optional.empty(),
                    Optional.of(Path.of(
                            new LineSegment(dart.first(), dart.point()),
                            new LineSegment(dart.point(), dart.second())))));
        }
        if (!piece.notches().isEmpty()) {
            Sentence all = null;
            for (Notch notch : piece.notches()) {
                Edge edge = piece.edge(notch.edge()).orElseThrow();
                Sentence one = Sentence.of(
                        "{} on the {}, {} from {}",
                        notch.name(),
                        edge.name(),
                        edge.path().length() * notch.share(),
                        edge.from());
                all = all == null ? one : Sentence.of("{}; {}", all, one);
            }
            steps.add(plain(piece.name(), DraftingSteps.Kind.MARK, Sentence.of("notch: {}", all)));
        }
    }

    /** Names each allowance once, with the edges that have it. */
    private static Sentence allowances(Piece piece) {
        Set<Double> amounts = new TreeSet<>();
        piece.edges().forEach(edge -> amounts.add(edge.allowance()));
        Sentence all = null;
        for (double amount : amounts) {
            List<String> names = piece.edges().stream()
                    .filter(edge -> edge.allowance() == amount)
                    .map(Edge::name)
                    .toList();
            boolean everywhere = names.size() == piece.edges().size();
            String where = everywhere ? "all round" : "at " + String.join(", ", names);
            Sentence one = amount == 0
                    ? Sentence.of("no allowance {}", where)
                    : Sentence.of("{} of allowance {}", amount, where);
            all = all == null ? one : Sentence.of("{}, {}", all, one);
        }
        return all;
    }
}
