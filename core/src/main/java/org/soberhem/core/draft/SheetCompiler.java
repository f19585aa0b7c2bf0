package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Role;

/** Checks a sheet and gives every name its slot. */
final class SheetCompiler {

    private static final Written HALF = new Written("1/2", 0);
    private static final Written FULLNESS = new Written("2/3", 0);

    final DraftSheet sheet;
    final List<CompiledSheet.Measure> measures = new ArrayList<>();
    final List<CompiledSheet.Setting> settings = new ArrayList<>();
    final List<CompiledSheet.PieceRuns> pieces = new ArrayList<>();
    final List<CompiledSheet.SeamRun> seams = new ArrayList<>();
    final List<CompiledSheet.Opening> openings = new ArrayList<>();
    final List<CompiledSheet.Check> checks = new ArrayList<>();
    final Map<String, Formula> quantities = new LinkedHashMap<>();
    final Map<String, Double> middle = new LinkedHashMap<>();
    final Map<EdgeRef, Integer> edgePlaces = new LinkedHashMap<>();
    private final Map<String, Scope.Named> names = new LinkedHashMap<>();
    private final Set<String> levels = new HashSet<>();
    int slots;
    int unitSlot;
    Formula unit;

    SheetCompiler(DraftSheet sheet) {
        this.sheet = sheet;
    }

    CompiledSheet compile() {
        sheet.measures().forEach(this::measure);
        if (!names.containsKey(sheet.scale().by())) {
            throw new SheetException(
                    sheet.scale().unit(),
                    "the scale goes by \"" + sheet.scale().by() + "\", which is not among the measures "
                            + sheet.measures().keySet());
        }
        sheet.settings().forEach(this::setting);
        middle();
        unit = Formula.of(sheet.scale().unit(), global(), Dimension.LENGTH);
        unitSlot = name("unit", Dimension.LENGTH);
        sheet.pieces().forEach((piece, written) -> {
            written.edges().keySet().forEach(edge -> edgePlaces.put(new EdgeRef(piece, edge), edgePlaces.size()));
            levels.addAll(written.levels().keySet());
        });
        sheet.pieces().forEach((piece, written) -> pieces.add(piece(piece, written)));
        orderPieces();
        requireWhatIsDrawnFrom();
        Scope finished = new Names(Map.of(), true);
        for (DraftSheet.SeamSheet seam : sheet.seams()) {
            Dimension wanted = seam.kind().byFullness() ? Dimension.NUMBER : Dimension.LENGTH;
            refs(seam.first(), seam.line());
            refs(seam.second(), seam.line());
            seams.add(new CompiledSheet.SeamRun(
                    seam, range(seam.least(), finished, wanted), range(seam.most(), finished, wanted)));
        }
        for (DraftSheet.OpeningSheet opening : sheet.openings()) {
            refs(opening.loop(), opening.line());
            Scope.Named passes = Optional.ofNullable(names.get(opening.passes()))
                    .orElseThrow(() -> new SheetException(
                            opening.line(),
                            "\"" + opening.passes() + "\" is not among the measures "
                                    + sheet.measures().keySet()));
            openings.add(new CompiledSheet.Opening(
                    opening, passes.slot(), Formula.of(opening.opens(), finished, Dimension.LENGTH)));
        }
        for (DraftSheet.CheckSheet check : sheet.checks()) {
            checks.add(check(check, finished));
        }
        sheet.quantities().forEach((name, written) -> {
            Formula formula = new FormulaReader(written, finished).read();
            if (!formula.dimension().equals(Dimension.LENGTH)
                    && !formula.dimension().equals(Dimension.NUMBER)) {
                throw new SheetException(written, "quantity \"" + name + "\" must be a length or a number");
            }
            quantities.put(name, formula);
        });
        CompiledSheet compiled = new CompiledSheet(this);
        tryAtMiddleSize(compiled);
        return compiled;
    }

    /** Draws the sheet once at its own middle size, so that an open or crossing outline is found before it is used. */
    private void tryAtMiddleSize(CompiledSheet compiled) {
        try {
            Drafter.draft(compiled, compiled.middle());
        } catch (DraftException dead) {
            DraftSheet.PieceSheet piece = sheet.pieces().get(dead.subject());
            throw new SheetException(piece == null ? 0 : piece.line(), "at its middle size: " + dead.getMessage());
        }
    }

    /** A bare 0 is both no length and no fullness; elsewhere the kind must be right. */
    private static Formula range(Written written, Scope scope, Dimension wanted) {
        return "0".equals(written.text().strip()) && wanted.equals(Dimension.LENGTH)
                ? Formula.of(new Written("0 in", written.line()), scope, wanted)
                : Formula.of(written, scope, wanted);
    }

    private int name(String name, Dimension dimension) {
        names.put(name, new Scope.Named(slots, dimension));
        return slots++;
    }

    private void measure(String name, List<String> ids) {
        measures.add(new CompiledSheet.Measure(name, name(name, Dimension.LENGTH), ids, false));
    }

    private void middle() {
        for (CompiledSheet.Measure measure : measures) {
            Written value = sheet.middle().get(measure.name());
            if (value == null) {
                throw new SheetException(
                        sheet.scale().unit(), "middle has no value for measure \"" + measure.name() + "\"");
            }
            Formula formula = Formula.of(value, new Names(Map.of(), false), Dimension.LENGTH);
            middle.put(measure.ids().get(0), formula.value(new Frame(slots, 0)));
        }
    }

    private void setting(String name, DraftSheet.Setting written) {
        if (names.containsKey(name)) {
            throw new SheetException(written.value(), "setting \"" + name + "\" has the name of a measure");
        }
        Scope scope = global();
        Formula value = Formula.of(written.value(), scope, Dimension.LENGTH);
        Formula least = range(written.least(), scope, Dimension.LENGTH);
        Formula most = range(written.most(), scope, Dimension.LENGTH);
        settings.add(new CompiledSheet.Setting(name, name(name, Dimension.LENGTH), value, least, most));
    }

    private Scope global() {
        return new Names(Map.of(), false);
    }

    private CompiledSheet.PieceRuns piece(String piece, DraftSheet.PieceSheet written) {
        Map<String, Integer> places = new LinkedHashMap<>();
        for (String point : written.points().keySet()) {
            places.put(point, slots);
            slots += 2;
        }
        Scope scope = new Names(places, false);
        Set<String> corners = new HashSet<>();
        written.outline().forEach(join -> join.corner().ifPresent(corner -> corners.add(corner.text())));
        List<CompiledSheet.PointAt> points = new ArrayList<>();
        written.points()
                .forEach((name, at) -> points.add(new CompiledSheet.PointAt(
                        name,
                        places.get(name),
                        Formula.scaled(at.along(), scope, unitSlot),
                        Formula.scaled(at.out(), scope, unitSlot),
                        at,
                        corners.contains(name))));
        List<CompiledSheet.Join> joins = joins(written, scope);
        List<CompiledSheet.EdgeRun> edges = edges(piece, written, joins, scope);
        List<CompiledSheet.NotchAt> notches = new ArrayList<>();
        written.notches().forEach((name, notch) -> {
            if (!written.edges().containsKey(notch.edge().text())) {
                throw new SheetException(notch.edge(), edgeMissing(notch.edge().text(), piece, written));
            }
            notches.add(new CompiledSheet.NotchAt(
                    name, notch.edge().text(), Formula.of(notch.share(), scope, Dimension.NUMBER)));
        });
        pointsExist(piece, written, places);
        return new CompiledSheet.PieceRuns(piece, written, inOrder(piece, points), places, edges, notches);
    }

    private void pointsExist(String piece, DraftSheet.PieceSheet written, Map<String, Integer> places) {
        List<Written> used =
                new ArrayList<>(List.of(written.grain().from(), written.grain().to()));
        written.levels().values().forEach(level -> used.addAll(List.of(level.from(), level.to())));
        written.darts().values().forEach(dart -> used.addAll(List.of(dart.point(), dart.first(), dart.second())));
        written.lines().values().forEach(line -> used.addAll(List.of(line.from(), line.to())));
        used.forEach(point -> pointExists(point, piece, places.keySet()));
        written.centre().ifPresent(centre -> {
            if (!written.edges().containsKey(centre.text()) && !written.lines().containsKey(centre.text())) {
                throw new SheetException(centre, edgeMissing(centre.text(), piece, written) + " and no such line");
            }
        });
        if (written.shape() == CutShape.FOLD
                && written.centre()
                        .filter(c -> written.edges().containsKey(c.text()))
                        .isEmpty()) {
            throw new SheetException(
                    written.line(), "piece \"" + piece + "\" is cut on a fold: name the fold edge under centre");
        }
    }

    private static void pointExists(Written point, String piece, Set<String> known) {
        if (!known.contains(point.text())) {
            throw new SheetException(
                    point,
                    "point \"" + point.text() + "\" is not among the points of piece \"" + piece + "\" " + known);
        }
    }

    private static String edgeMissing(String edge, String piece, DraftSheet.PieceSheet written) {
        return "piece \"" + piece + "\" has no edge \"" + edge + "\"; it has "
                + written.edges().keySet();
    }

    private List<CompiledSheet.Join> joins(DraftSheet.PieceSheet written, Scope scope) {
        List<CompiledSheet.Join> joins = new ArrayList<>();
        List<DraftSheet.JoinSheet> outline = written.outline();
        String first = outline.get(0).to().text();
        String from = first;
        Set<String> visited = new HashSet<>();
        for (int i = 1; i < outline.size(); i++) {
            DraftSheet.JoinSheet join = outline.get(i);
            String to = join.to().text();
            if (!visited.add(to) || to.equals(first) && i < outline.size() - 1) {
                throw new SheetException(join.to(), "the outline comes to point \"" + to + "\" twice");
            }
            joins.add(join(from, join, scope));
            from = to;
        }
        if (!from.equals(first)) {
            joins.add(join(from, outline.get(0), scope));
        }
        if (joins.size() < 3) {
            throw new SheetException(outline.get(0).to(), "an outline needs at least three points");
        }
        for (CompiledSheet.Join join : joins) {
            for (String point : join.corner() == null ? List.of(join.to()) : List.of(join.to(), join.corner())) {
                if (scope.point(point).isEmpty()) {
                    throw new SheetException(
                            outline.stream()
                                    .filter(j -> j.to().text().equals(join.to()))
                                    .findFirst()
                                    .orElseThrow()
                                    .to(),
                            "point \"" + point + "\" of the outline is not among the points "
                                    + written.points().keySet());
                }
            }
        }
        return joins;
    }

    private CompiledSheet.Join join(String from, DraftSheet.JoinSheet join, Scope scope) {
        Formula at = Formula.of(join.at().orElse(HALF), scope, Dimension.NUMBER);
        Formula amount = switch (join.form()) {
            case STRAIGHT -> null;
            case HOLLOW, ROUND -> Formula.scaled(join.amount().orElseThrow(), scope, unitSlot);
            case TOWARDS -> Formula.of(join.amount().orElse(FULLNESS), scope, Dimension.NUMBER);
        };
        return new CompiledSheet.Join(
                from,
                join.to().text(),
                join.form(),
                amount,
                at,
                join.corner().map(Written::text).orElse(null));
    }

    private List<CompiledSheet.EdgeRun> edges(
            String piece, DraftSheet.PieceSheet written, List<CompiledSheet.Join> joins, Scope scope) {
        Map<Integer, String> taken = new HashMap<>();
        Map<String, Integer> starts = new HashMap<>();
        List<CompiledSheet.EdgeRun> runs = new ArrayList<>();
        written.edges().forEach((name, edge) -> {
            int start = indexFrom(joins, edge.from(), piece);
            indexFrom(joins, edge.to(), piece);
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
            DraftSheet.AllowanceSheet allowance = written.allowances().get(name);
            runs.add(new CompiledSheet.EdgeRun(
                    name,
                    edge.role().orElse(Role.ofName(name)),
                    edgePlaces.get(new EdgeRef(piece, name)),
                    edge.from().text(),
                    edge.to().text(),
                    List.copyOf(run),
                    allowance == null
                            ? null
                            : allowance
                                    .included()
                                    .map(a -> Formula.scaled(a, scope, unitSlot))
                                    .orElse(null),
                    allowance == null
                            ? null
                            : allowance
                                    .added()
                                    .map(a -> range(a, scope, Dimension.LENGTH))
                                    .orElse(null)));
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
                throw new SheetException(written.line(), "allowances: " + edgeMissing(name, piece, written));
            }
        });
        runs.sort((a, b) -> Integer.compare(starts.get(a.name()), starts.get(b.name())));
        return List.copyOf(runs);
    }

    private static int indexFrom(List<CompiledSheet.Join> joins, Written from, String piece) {
        for (int i = 0; i < joins.size(); i++) {
            if (joins.get(i).from().equals(from.text())) {
                return i;
            }
        }
        throw new SheetException(
                from, "point \"" + from.text() + "\" is not on the outline of piece \"" + piece + "\"");
    }

    /** Puts the points in an order in which each comes after those it is computed from. */
    private static List<CompiledSheet.PointAt> inOrder(String piece, List<CompiledSheet.PointAt> points) {
        Map<Integer, CompiledSheet.PointAt> bySlot = new LinkedHashMap<>();
        points.forEach(point -> bySlot.put(point.slot(), point));
        Set<CompiledSheet.PointAt> done = new LinkedHashSet<>();
        for (CompiledSheet.PointAt point : points) {
            visit(piece, point, bySlot, done, new LinkedHashSet<>());
        }
        return List.copyOf(done);
    }

    private static void visit(
            String piece,
            CompiledSheet.PointAt point,
            Map<Integer, CompiledSheet.PointAt> bySlot,
            Set<CompiledSheet.PointAt> done,
            Set<String> path) {
        if (done.contains(point)) {
            return;
        }
        if (!path.add(point.name())) {
            throw new SheetException(
                    point.written().along(),
                    "points of piece \"" + piece + "\" wait for each other: " + String.join(" → ", path) + " → "
                            + point.name());
        }
        Set<Integer> needs = new TreeSet<>(point.along().points());
        needs.addAll(point.out().points());
        for (int slot : needs) {
            visit(piece, bySlot.get(slot), bySlot, done, path);
        }
        path.remove(point.name());
        done.add(point);
    }

    /** Puts the pieces in an order in which each comes after those whose edges it measures. */
    private void orderPieces() {
        Map<Integer, CompiledSheet.PieceRuns> byEdge = new HashMap<>();
        pieces.forEach(piece -> piece.edges().forEach(edge -> byEdge.put(edge.path(), piece)));
        Set<CompiledSheet.PieceRuns> done = new LinkedHashSet<>();
        for (CompiledSheet.PieceRuns piece : pieces) {
            visit(piece, byEdge, done, new LinkedHashSet<>());
        }
        pieces.clear();
        pieces.addAll(done);
    }

    private static void visit(
            CompiledSheet.PieceRuns piece,
            Map<Integer, CompiledSheet.PieceRuns> byEdge,
            Set<CompiledSheet.PieceRuns> done,
            Set<String> path) {
        if (done.contains(piece)) {
            return;
        }
        if (!path.add(piece.name())) {
            throw new SheetException(
                    piece.written().line(),
                    "pieces measure each other's edges: " + String.join(" → ", path) + " → " + piece.name());
        }
        formulas(piece)
                .forEach(formula -> formula.edges().forEach(edge -> visit(byEdge.get(edge), byEdge, done, path)));
        path.remove(piece.name());
        done.add(piece);
    }

    private static List<Formula> formulas(CompiledSheet.PieceRuns piece) {
        List<Formula> all = new ArrayList<>();
        piece.points().forEach(point -> all.addAll(List.of(point.along(), point.out())));
        for (CompiledSheet.EdgeRun edge : piece.edges()) {
            edge.joins().forEach(join -> {
                all.add(join.at());
                if (join.amount() != null) {
                    all.add(join.amount());
                }
            });
            Stream.of(edge.included(), edge.added()).filter(Objects::nonNull).forEach(all::add);
        }
        return all;
    }

    private void requireWhatIsDrawnFrom() {
        Set<Integer> read = new HashSet<>(unit.names());
        settings.forEach(setting -> List.of(setting.value(), setting.least(), setting.most())
                .forEach(formula -> read.addAll(formula.names())));
        pieces.forEach(piece -> formulas(piece).forEach(formula -> read.addAll(formula.names())));
        measures.replaceAll(measure -> new CompiledSheet.Measure(
                measure.name(),
                measure.slot(),
                measure.ids(),
                read.contains(measure.slot())
                        || measure.name().equals(sheet.scale().by())));
    }

    private void refs(List<EdgeRef> run, int line) {
        for (EdgeRef ref : run) {
            if (!edgePlaces.containsKey(ref)) {
                throw new SheetException(line, "edge \"" + ref + "\" is not known; known are " + edgePlaces.keySet());
            }
        }
    }

    private CompiledSheet.Check check(DraftSheet.CheckSheet check, Scope scope) {
        refs(check.run(), check.line());
        for (EdgeRef point : check.between()) {
            DraftSheet.PieceSheet written = sheet.pieces().get(point.piece());
            if (written == null || !written.points().containsKey(point.edge())) {
                throw new SheetException(check.line(), "point \"" + point + "\" is not known");
            }
        }
        for (String piece : check.across()) {
            DraftSheet.PieceSheet written = sheet.pieces().get(piece);
            if (written == null || !written.levels().containsKey(check.name())) {
                throw new SheetException(
                        check.line(),
                        written == null
                                ? "piece \"" + piece + "\" is not among the pieces "
                                        + sheet.pieces().keySet()
                                : "piece \"" + piece + "\" has no level \"" + check.name() + "\"");
            }
        }
        DraftSheet.Ease ease = check.ease();
        check.remedy().ifPresent(this::remedy);
        return new CompiledSheet.Check(
                check,
                Formula.of(check.body(), scope, Dimension.LENGTH),
                new CompiledSheet.Ease(
                        range(ease.least(), scope, Dimension.LENGTH),
                        range(ease.most(), scope, Dimension.LENGTH),
                        ease.why()));
    }

    private void remedy(DraftSheet.Remedy remedy) {
        if (remedy.kind() == DraftSheet.Remedy.Kind.LET_OUT_SEAM) {
            refs(List.of(EdgeRef.parse(remedy.at())), remedy.line());
        } else if (!levels.contains(remedy.at())) {
            throw new SheetException(
                    remedy.line(), "no piece has a level \"" + remedy.at() + "\"; there are " + new TreeSet<>(levels));
        }
    }

    /** The names of the sheet, with one piece's points. */
    private final class Names implements Scope {

        private final Map<String, Integer> points;
        private final boolean finished;

        Names(Map<String, Integer> points, boolean finished) {
            this.points = points;
            this.finished = finished;
        }

        @Override
        public Optional<Named> name(String name) {
            return Optional.ofNullable(names.get(name)).or(() -> catalogueId(name));
        }

        private Optional<Named> catalogueId(String id) {
            return measures.stream()
                    .filter(measure -> measure.ids().contains(id))
                    .findFirst()
                    .map(measure -> names.get(measure.name()));
        }

        @Override
        public Optional<Integer> point(String name) {
            return Optional.ofNullable(points.get(name));
        }

        @Override
        public Optional<Integer> edge(EdgeRef ref) {
            return Optional.ofNullable(edgePlaces.get(ref));
        }

        @Override
        public boolean level(String name) {
            return finished && levels.contains(name);
        }

        @Override
        public String known() {
            return names.keySet().toString();
        }
    }
}
