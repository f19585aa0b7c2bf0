package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.formula.Dimension;
import org.soberhem.core.formula.Formula;
import org.soberhem.core.formula.Names;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.formula.SourceText;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Role;

/** Compiles the outline, the edges and the marks of a piece. */
final class PieceCompiler {

    /** Instead of a letter: square to the edge that meets there. */
    private static final String SQUARE = "square";

    private static final SourceText HALF = new SourceText("1/2", 0);
    private static final SourceText FULLNESS = new SourceText("2/3", 0);

    private final String piece;
    private final DraftSheet.PieceSheet written;
    private final GroundCompiler ground;
    private final Names scope;

    PieceCompiler(String piece, DraftSheet.PieceSheet written, GroundCompiler ground) {
        this.piece = piece;
        this.written = written;
        this.ground = ground;
        this.scope = ground.scope;
    }

    CompiledSheet.PieceRuns compile() {
        List<CompiledSheet.Join> joins = joins();
        List<CompiledSheet.EdgeRun> edges = edges(joins);
        List<CompiledSheet.NotchAt> notches = new ArrayList<>();
        written.notches().forEach((name, notch) -> {
            if (!written.edges().containsKey(notch.edge().text())) {
                throw new SheetException(notch.edge(), edgeMissing(notch.edge().text()));
            }
            notches.add(new CompiledSheet.NotchAt(
                    name, notch.edge().text(), Formula.of(notch.share(), scope, Dimension.NUMBER)));
        });
        marks();
        return new CompiledSheet.PieceRuns(piece, written, finished(edges), ground.frame(), slots(), edges, notches);
    }

    /**
     * Returns the ground with the points marked that only guide a curve, and each solve with the edges that it watches.
     */
    private CompiledSheet.Ground finished(List<CompiledSheet.EdgeRun> edges) {
        Set<String> guides = new HashSet<>();
        for (DraftSheet.JoinSheet join : written.outline()) {
            if (join.form() == DraftSheet.JoinSheet.Form.TOWARDS) {
                join.guides().forEach(guide -> guides.add(guide.text()));
            }
            direction(join.leaves()).ifPresent(guide -> guides.add(guide.text()));
            direction(join.comes()).ifPresent(guide -> guides.add(guide.text()));
        }
        written.outline().forEach(join -> guides.remove(join.to().text()));
        CompiledSheet.Ground plain = ground.compiled();
        return new CompiledSheet.Ground(
                plain.name(),
                plain.written(),
                plain.points().stream()
                        .map(point -> new CompiledSheet.PointAt(
                                point.name(), point.slot(), point.step(), guides.contains(point.name())))
                        .toList(),
                plain.slots(),
                plain.solves().stream().map(solve -> watching(solve, edges)).toList(),
                plain.ruling());
    }

    private static CompiledSheet.Solve watching(CompiledSheet.Solve solve, List<CompiledSheet.EdgeRun> edges) {
        List<CompiledSheet.EdgeRun> watched = edges.stream()
                .filter(edge -> solve.until().edges().contains(edge.path())
                        || solve.is().edges().contains(edge.path()))
                .toList();
        return new CompiledSheet.Solve(
                solve.name(),
                solve.slot(),
                solve.from(),
                solve.to(),
                solve.until(),
                solve.is(),
                solve.moving(),
                edges,
                watched,
                solve.steady()
                        && watched.stream().noneMatch(edge -> solve.is().edges().contains(edge.path())));
    }

    /** Returns the piece's own points and those of its frame that it uses. */
    private Map<String, Integer> slots() {
        Set<String> used = new HashSet<>(ground.compiled().slots().keySet());
        written.outline().forEach(join -> named(join).forEach(point -> used.add(point.text())));
        marked().forEach(point -> used.add(point.text()));
        Map<String, Integer> slots = new LinkedHashMap<>();
        ground.visible().forEach((name, slot) -> {
            if (used.contains(name)) {
                slots.put(name, slot);
            }
        });
        return slots;
    }

    private List<SourceText> marked() {
        List<SourceText> used =
                new ArrayList<>(List.of(written.grain().from(), written.grain().to()));
        written.levels().values().forEach(level -> used.addAll(List.of(level.from(), level.to())));
        written.darts().values().forEach(dart -> used.addAll(List.of(dart.point(), dart.first(), dart.second())));
        written.lines().values().forEach(line -> used.addAll(List.of(line.from(), line.to())));
        return used;
    }

    private void marks() {
        marked().forEach(this::pointExists);
        written.centre().ifPresent(centre -> {
            if (!written.edges().containsKey(centre.text()) && !written.lines().containsKey(centre.text())) {
                throw new SheetException(centre, edgeMissing(centre.text()) + " and no such line");
            }
        });
        if (written.shape() == CutShape.FOLD
                && written.centre()
                        .filter(centre -> written.edges().containsKey(centre.text()))
                        .isEmpty()) {
            throw new SheetException(
                    written.line(), "piece \"" + piece + "\" is cut on a fold: name the fold edge under centre");
        }
    }

    private void pointExists(SourceText point) {
        if (!ground.visible().containsKey(point.text())) {
            throw new SheetException(
                    point,
                    "point \"" + point.text() + "\" is not among the points of piece \"" + piece + "\" "
                            + ground.visible().keySet());
        }
    }

    private String edgeMissing(String edge) {
        return "piece \"" + piece + "\" has no edge \"" + edge + "\"; it has "
                + written.edges().keySet();
    }

    private List<CompiledSheet.Join> joins() {
        List<CompiledSheet.Join> joins = new ArrayList<>();
        List<DraftSheet.JoinSheet> outline = written.outline();
        outline.forEach(this::namesPoints);
        String first = outline.get(0).to().text();
        String from = first;
        Set<String> visited = new HashSet<>();
        for (int i = 1; i < outline.size(); i++) {
            DraftSheet.JoinSheet join = outline.get(i);
            String to = join.to().text();
            if (!visited.add(to) || to.equals(first) && i < outline.size() - 1) {
                throw new SheetException(join.to(), "the outline comes to point \"" + to + "\" twice");
            }
            joins.add(join(from, join));
            from = to;
        }
        if (!from.equals(first)) {
            joins.add(join(from, outline.get(0)));
        }
        if (joins.size() < 3) {
            throw new SheetException(outline.get(0).to(), "an outline needs at least three points");
        }
        return joins;
    }

    /** Returns every point that a join names. */
    private static List<SourceText> named(DraftSheet.JoinSheet join) {
        List<SourceText> named = new ArrayList<>(List.of(join.to()));
        named.addAll(join.guides());
        direction(join.leaves()).ifPresent(named::add);
        direction(join.comes()).ifPresent(named::add);
        return named;
    }

    /** Returns the point that gives a direction, unless the direction is square to another edge. */
    private static Optional<SourceText> direction(Optional<SourceText> guide) {
        return guide.filter(word -> !SQUARE.equals(word.text()));
    }

    private void namesPoints(DraftSheet.JoinSheet join) {
        for (SourceText point : named(join)) {
            if (!ground.visible().containsKey(point.text())) {
                throw new SheetException(
                        point,
                        "point \"" + point.text() + "\" of the outline is not among the points "
                                + ground.visible().keySet());
            }
        }
    }

    private CompiledSheet.Join join(String from, DraftSheet.JoinSheet join) {
        Formula amount = switch (join.form()) {
            case STRAIGHT, THROUGH -> null;
            case HOLLOW, ROUND -> Formula.scaled(join.amount().orElseThrow(), scope, ground.unitSlot);
            case TOWARDS -> Formula.of(join.amount().orElse(FULLNESS), scope, Dimension.NUMBER);
        };
        return new CompiledSheet.Join(
                from,
                join.to().text(),
                join.form(),
                amount,
                Formula.of(join.at().orElse(HALF), scope, Dimension.NUMBER),
                slot(from),
                slot(join.to().text()),
                join.guides().stream().map(guide -> slot(guide.text())).toList(),
                join.leaves().map(guide -> slot(guide.text())),
                join.comes().map(guide -> slot(guide.text())));
    }

    private int slot(String point) {
        return SQUARE.equals(point) ? CompiledSheet.SQUARE : ground.visible().get(point);
    }

    private List<CompiledSheet.EdgeRun> edges(List<CompiledSheet.Join> joins) {
        Map<Integer, String> taken = new HashMap<>();
        Map<String, Integer> starts = new HashMap<>();
        List<CompiledSheet.EdgeRun> runs = new ArrayList<>();
        written.edges().forEach((name, edge) -> {
            int start = indexFrom(joins, edge.from());
            indexFrom(joins, edge.to());
            List<CompiledSheet.Join> run = new ArrayList<>();
            for (int i = start; ; i = (i + 1) % joins.size()) {
                CompiledSheet.Join join = joins.get(i);
                String other = taken.put(i, name);
                if (other != null) {
                    throw new SheetException(
                            edge.from(),
                            "the outline from " + join.from() + " to " + join.to() + " of piece \"" + piece
                                    + "\" belongs to edge \"" + other + "\" and to edge \"" + name + "\"");
                }
                run.add(join);
                if (join.to().equals(edge.to().text())) {
                    break;
                }
            }
            starts.put(name, start);
            runs.add(edge(name, edge, run));
        });
        for (int i = 0; i < joins.size(); i++) {
            if (!taken.containsKey(i)) {
                throw new SheetException(
                        written.line(),
                        "the outline from " + joins.get(i).from() + " to "
                                + joins.get(i).to() + " of piece \"" + piece
                                + "\" belongs to no edge: name it under edges");
            }
        }
        written.allowances().keySet().forEach(name -> {
            if (!written.edges().containsKey(name)) {
                throw new SheetException(written.line(), "allowances: " + edgeMissing(name));
            }
        });
        runs.sort((a, b) -> Integer.compare(starts.get(a.name()), starts.get(b.name())));
        for (int i = 0; i < runs.size(); i++) {
            square(runs.get(i), runs.get((i + 1) % runs.size()));
        }
        return List.copyOf(runs);
    }

    /**
     * Only the ends of an edge can be square to another, and only to one that is not itself drawn by its neighbours.
     */
    private void square(CompiledSheet.EdgeRun edge, CompiledSheet.EdgeRun next) {
        List<CompiledSheet.Join> joins = edge.joins();
        for (int i = 0; i < joins.size(); i++) {
            boolean leaves = i > 0
                    && joins.get(i)
                            .leaves()
                            .filter(s -> s == CompiledSheet.SQUARE)
                            .isPresent();
            boolean comes = i < joins.size() - 1
                    && joins.get(i)
                            .comes()
                            .filter(s -> s == CompiledSheet.SQUARE)
                            .isPresent();
            if (leaves || comes) {
                throw new SheetException(
                        written.line(),
                        "edge \"" + edge.name() + "\" of piece \"" + piece
                                + "\" can be square to another edge at its own ends only");
            }
        }
        boolean nextIsSquare = next.leavesSquare() || next.comesSquare();
        boolean isSquare = edge.leavesSquare() || edge.comesSquare();
        if (edge.comesSquare() && nextIsSquare || next.leavesSquare() && isSquare) {
            throw new SheetException(
                    written.line(),
                    "edges \"" + edge.name() + "\" and \"" + next.name() + "\" of piece \"" + piece
                            + "\": one that is square to its neighbours cannot have another square to it");
        }
    }

    private CompiledSheet.EdgeRun edge(String name, DraftSheet.EdgeSheet edge, List<CompiledSheet.Join> run) {
        Optional<DraftSheet.AllowanceSheet> allowance =
                Optional.ofNullable(written.allowances().get(name));
        return new CompiledSheet.EdgeRun(
                name,
                edge.role().orElse(Role.ofName(name)),
                scope.edge(new EdgeRef(piece, name)).orElseThrow(),
                edge.from().text(),
                edge.to().text(),
                List.copyOf(run),
                allowance
                        .flatMap(DraftSheet.AllowanceSheet::included)
                        .map(included -> Formula.scaled(included, scope, ground.unitSlot))
                        .orElse(null),
                allowance
                        .flatMap(DraftSheet.AllowanceSheet::added)
                        .map(added -> SheetCompiler.range(added, scope, Dimension.LENGTH))
                        .orElse(null));
    }

    private int indexFrom(List<CompiledSheet.Join> joins, SourceText from) {
        for (int i = 0; i < joins.size(); i++) {
            if (joins.get(i).from().equals(from.text())) {
                return i;
            }
        }
        throw new SheetException(
                from, "point \"" + from.text() + "\" is not on the outline of piece \"" + piece + "\"");
    }
}
