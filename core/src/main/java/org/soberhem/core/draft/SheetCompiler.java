package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.soberhem.core.formula.Dimension;
import org.soberhem.core.formula.Formula;
import org.soberhem.core.formula.FormulaReader;
import org.soberhem.core.formula.Frame;
import org.soberhem.core.formula.Names;
import org.soberhem.core.formula.Scope;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.formula.SourceText;
import org.soberhem.core.pattern.EdgeRef;

/** Checks a sheet and gives every name its slot. */
final class SheetCompiler {

    /** Name of the choice between scale laws. */
    static final String LAW = "law";

    private static final String EASE = "ease.";

    final DraftSheet sheet;
    final Names names = new Names();
    final List<CompiledSheet.Measure> measures = new ArrayList<>();
    final List<CompiledSheet.Setting> settings = new ArrayList<>();
    final List<CompiledSheet.Choosing> choices = new ArrayList<>();
    final List<CompiledSheet.Constant> constants = new ArrayList<>();
    final List<CompiledSheet.Amount> amounts = new ArrayList<>();
    final Map<String, CompiledSheet.PieceRuns> pieces = new LinkedHashMap<>();
    final List<CompiledSheet.SeamRun> seams = new ArrayList<>();
    final List<CompiledSheet.Opening> openings = new ArrayList<>();
    final List<CompiledSheet.Check> checks = new ArrayList<>();
    final List<CompiledSheet.SumRun> sums = new ArrayList<>();
    Optional<CompiledSheet.WearingRun> wearing = Optional.empty();
    final Map<String, Formula> quantities = new LinkedHashMap<>();
    final Map<String, Formula> notions = new LinkedHashMap<>();
    final Map<String, Double> middle = new LinkedHashMap<>();
    List<CompiledSheet.Ground> grounds = List.of();
    Optional<CompiledSheet.Ruling> ruling = Optional.empty();
    private Map<String, Integer> lawNumbers = Map.of();
    private Integer lawSlot;

    SheetCompiler(DraftSheet sheet) {
        this.sheet = sheet;
    }

    /** Returns the place that a setting of drawn ease is for. */
    static String easeName(String setting) {
        return setting.substring(EASE.length());
    }

    CompiledSheet compile() {
        Limits.check(sheet);
        sheet.measures().forEach(this::measure);
        sheet.choices().forEach(this::choice);
        sheet.settings().forEach(this::setting);
        sheet.ease().forEach(this::drawnEase);
        middle();
        sheet.scale().ifPresent(this::scale);
        sheet.amounts().forEach(this::amount);
        drawn();
        requireWhatIsDrawnFrom();
        Names finished = names.finished();
        sheet.seams().forEach(seam -> seam(seam, finished));
        sheet.openings().forEach(opening -> opening(opening, finished));
        sheet.checks().forEach(check -> checks.add(check(check, finished)));
        SumCompiler summing = new SumCompiler(this, finished);
        sheet.sums().forEach((name, sum) -> sums.add(summing.sum(name, sum)));
        wearing = sheet.wearing().map(summing::wearing);
        sheet.quantities()
                .forEach((name, written) -> quantities.put(name, amount("quantity", name, written, finished)));
        sheet.notions().forEach((name, written) -> notions.put(name, amount("notion", name, written, finished)));
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
            DraftSheet.Ground frame = sheet.frames().get(dead.subject());
            int line = piece != null ? piece.line() : frame != null ? frame.line() : 0;
            throw new SheetException(line, "at its middle size: " + dead.getMessage());
        }
    }

    /** A bare 0 is both no length and no fullness; elsewhere the kind must be right. */
    static Formula range(SourceText written, Scope scope, Dimension wanted) {
        return "0".equals(written.text().strip()) && wanted.equals(Dimension.LENGTH)
                ? Formula.of(new SourceText("0 in", written.line()), scope, wanted)
                : Formula.of(written, scope, wanted);
    }

    private void measure(String name, List<String> ids) {
        measures.add(new CompiledSheet.Measure(name, names.add(name, Dimension.LENGTH), ids, false));
        ids.forEach(id -> names.alias(id, name));
    }

    private void free(String name, SourceText where, String what) {
        if (names.has(name)) {
            throw new SheetException(where, what + " \"" + name + "\" has the name of something else on the sheet");
        }
    }

    private void choice(String name, DraftSheet.Choosing written) {
        SourceText where = new SourceText(name, written.line());
        free(name, where, "choice");
        if (LAW.equals(name)) {
            throw new SheetException(
                    where, "\"" + LAW + "\" is the choice between scale laws: name this one otherwise");
        }
        choosing(name, written.of(), where);
    }

    /** The same way in two choices is the same number, so that it has one meaning in a formula. */
    private List<Integer> choosing(String name, List<String> ways, SourceText where) {
        List<Integer> numbers = new ArrayList<>();
        for (String way : ways) {
            boolean isWay = constants.stream()
                    .anyMatch(c ->
                            names.name(way).filter(n -> n.slot() == c.slot()).isPresent());
            if (!isWay) {
                free(way, where, "way");
                int number = constants.size();
                constants.add(new CompiledSheet.Constant(names.add(way, Dimension.CHOICE), number));
            }
            int slot = names.name(way).orElseThrow().slot();
            numbers.add((int) constants.stream()
                    .filter(c -> c.slot() == slot)
                    .findFirst()
                    .orElseThrow()
                    .value());
        }
        choices.add(new CompiledSheet.Choosing(name, names.add(name, Dimension.CHOICE), numbers));
        return numbers;
    }

    private void setting(String name, DraftSheet.Setting written) {
        free(name, written.value(), "setting");
        setting(name, CompiledSheet.title(name, written.title()), written.value(), written.least(), written.most());
    }

    private void setting(String name, String title, SourceText value, SourceText least, SourceText most) {
        Formula usual = range(value, names, Dimension.LENGTH);
        Formula from = range(least, names, Dimension.LENGTH);
        Formula to = range(most, names, Dimension.LENGTH);
        settings.add(new CompiledSheet.Setting(name, title, names.add(name, Dimension.LENGTH), usual, from, to));
    }

    private void drawnEase(String place, DraftSheet.Ease ease) {
        ease.draw()
                .ifPresent(draw -> setting(
                        EASE + place,
                        CompiledSheet.title("ease-at-the-" + place, Optional.empty()),
                        draw,
                        ease.least(),
                        ease.most()));
    }

    private void middle() {
        for (CompiledSheet.Measure measure : measures) {
            SourceText value = sheet.middle().get(measure.name());
            if (value == null) {
                throw new SheetException(0, "middle has no value for measure \"" + measure.name() + "\"");
            }
            Formula formula = Formula.of(value, new Names(), Dimension.LENGTH);
            middle.put(measure.ids().get(0), formula.value(new Frame(0, 0)));
        }
    }

    private void scale(DraftSheet.Scale scale) {
        List<String> laws = List.copyOf(scale.laws().keySet());
        if (laws.size() > 1) {
            List<Integer> numbers = choosing(LAW, laws, scale.by());
            lawSlot = names.name(LAW).orElseThrow().slot();
            lawNumbers = new LinkedHashMap<>();
            for (int i = 0; i < laws.size(); i++) {
                lawNumbers.put(laws.get(i), numbers.get(i));
            }
        }
        ruling = Optional.of(ruling(scale, names, names.local(Dimension.LENGTH)));
        names.addSlot("unit", new Scope.Named(ruling.get().unitSlot(), Dimension.LENGTH));
    }

    /**
     * Compiles a scale law; a piece's own may be chosen together with the sheet's where its laws have the same names.
     */
    CompiledSheet.Ruling ruling(DraftSheet.Scale scale, Scope scope, Scope.Named unit) {
        if (!sheet.measures().containsKey(scale.by().text())) {
            throw new SheetException(
                    scale.by(),
                    "the scale goes by \"" + scale.by().text() + "\", which is not among the measures "
                            + sheet.measures().keySet());
        }
        int by = names.name(scale.by().text()).orElseThrow().slot();
        List<CompiledSheet.UnitOf> laws = new ArrayList<>();
        scale.laws().forEach((name, law) -> laws.add(unitOf(name, lawNumbers.getOrDefault(name, -1), law, scope, by)));
        return new CompiledSheet.Ruling(scale.by().text(), by, unit.slot(), laws, lawSlot);
    }

    private static CompiledSheet.UnitOf unitOf(String name, int number, DraftSheet.Law law, Scope scope, int by) {
        if (law instanceof DraftSheet.UnitLaw formula) {
            Formula unit = Formula.of(formula.unit(), scope, Dimension.LENGTH);
            return new CompiledSheet.UnitOf(name, number, formula.unit().text(), unit.term(), unit.names());
        }
        RulerTable table = RulerTable.of((DraftSheet.RulerLaw) law);
        return new CompiledSheet.UnitOf(
                name, number, "between rulers", frame -> table.unitAt(frame.slots[by]), Set.of(by));
    }

    private void amount(String name, SourceText written) {
        free(name, written, "amount");
        Formula formula = new FormulaReader(written, names).read();
        amounts.add(new CompiledSheet.Amount(name, names.add(name, formula.dimension()), formula));
    }

    /** Compiles frames and pieces: first all their names, since any may measure another, then what they are. */
    private void drawn() {
        sheet.frames().forEach((name, frame) -> {
            withoutDot(name, frame.line());
            names.addPoints(name, frame.points().keySet());
        });
        sheet.pieces().forEach((name, piece) -> {
            withoutDot(name, piece.line());
            if (sheet.frames().containsKey(name)) {
                throw new SheetException(piece.line(), "piece \"" + name + "\" has the name of a frame");
            }
            names.addPoints(name, piece.ground().points().keySet());
            piece.edges().keySet().forEach(edge -> names.addEdge(new EdgeRef(name, edge)));
            names.addLevels(piece.levels().keySet());
        });
        Map<String, GroundCompiler> begun = new LinkedHashMap<>();
        sheet.frames()
                .forEach((name, frame) -> begun.put(name, new GroundCompiler(this, name, frame, Optional.empty())));
        sheet.pieces().forEach((name, piece) -> {
            Optional<GroundCompiler> frame = piece.on()
                    .map(on -> Optional.ofNullable(begun.get(on.text()))
                            .filter(found -> sheet.frames().containsKey(on.text()))
                            .orElseThrow(() -> new SheetException(
                                    on,
                                    "\"" + on.text() + "\" is not among the frames "
                                            + sheet.frames().keySet())));
            begun.put(name, new GroundCompiler(this, name, piece.ground(), frame));
        });
        sheet.pieces()
                .forEach((name, piece) -> pieces.put(name, new PieceCompiler(name, piece, begun.get(name)).compile()));
        List<CompiledSheet.Ground> all = new ArrayList<>();
        begun.forEach((name, ground) ->
                all.add(pieces.containsKey(name) ? pieces.get(name).ground() : ground.compiled()));
        grounds = new Ordering(all, pieces).inOrder();
    }

    /** The dot of {@code piece.point} is the only one. */
    private static void withoutDot(String name, int line) {
        if (name.indexOf('.') >= 0) {
            throw new SheetException(line, "\"" + name + "\" has a dot: a piece or frame is named without");
        }
    }

    private void requireWhatIsDrawnFrom() {
        Set<Integer> read = new HashSet<>();
        for (CompiledSheet.Setting setting : settings) {
            List.of(setting.value(), setting.least(), setting.most()).forEach(formula -> read.addAll(formula.names()));
        }
        ruling.ifPresent(law -> rules(law, read));
        grounds.forEach(ground -> {
            ground.ruling().ifPresent(law -> rules(law, read));
            Ordering.formulas(ground, pieces.get(ground.name())).forEach(formula -> read.addAll(formula.names()));
        });
        // From the last to the first: an amount is read where something that is read needs it.
        for (int i = amounts.size() - 1; i >= 0; i--) {
            if (read.contains(amounts.get(i).slot())) {
                read.addAll(amounts.get(i).formula().names());
            }
        }
        measures.replaceAll(measure -> new CompiledSheet.Measure(
                measure.name(), measure.slot(), measure.ids(), read.contains(measure.slot())));
    }

    private static void rules(CompiledSheet.Ruling law, Set<Integer> read) {
        read.add(law.bySlot());
        law.laws().forEach(unit -> read.addAll(unit.names()));
    }

    private void refs(List<EdgeRef> run, int line) {
        for (EdgeRef ref : run) {
            if (!names.edges().containsKey(ref)) {
                throw new SheetException(
                        line,
                        "edge \"" + ref + "\" is not known; known are "
                                + names.edges().keySet());
            }
        }
    }

    private void seam(DraftSheet.SeamSheet seam, Scope scope) {
        Dimension wanted = seam.kind().byFullness() ? Dimension.NUMBER : Dimension.LENGTH;
        refs(seam.first(), seam.line());
        refs(seam.second(), seam.line());
        seams.add(
                new CompiledSheet.SeamRun(seam, range(seam.least(), scope, wanted), range(seam.most(), scope, wanted)));
    }

    private void opening(DraftSheet.OpeningSheet opening, Scope scope) {
        refs(opening.loop(), opening.line());
        Scope.Named passes = Optional.of(opening.passes())
                .filter(sheet.measures()::containsKey)
                .flatMap(names::name)
                .orElseThrow(() -> new SheetException(
                        opening.line(),
                        "\"" + opening.passes() + "\" is not among the measures "
                                + sheet.measures().keySet()));
        openings.add(new CompiledSheet.Opening(
                opening,
                passes.slot(),
                range(opening.opens(), scope, Dimension.LENGTH),
                range(opening.over(), scope, Dimension.LENGTH),
                Formula.of(opening.stretch(), scope, Dimension.NUMBER),
                opening.caught().map(caught -> range(caught.at(), scope, Dimension.LENGTH))));
    }

    private CompiledSheet.Check check(DraftSheet.CheckSheet check, Scope scope) {
        refs(check.run(), check.line());
        for (EdgeRef point : check.between()) {
            CompiledSheet.PieceRuns piece = pieces.get(point.piece());
            if (piece == null || !piece.slots().containsKey(point.edge())) {
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
        } else if (!names.levels().contains(remedy.at())) {
            throw new SheetException(
                    remedy.line(),
                    "no piece has a level \"" + remedy.at() + "\"; there are " + new TreeSet<>(names.levels()));
        }
    }

    private static Formula amount(String what, String name, SourceText written, Scope scope) {
        Formula formula = new FormulaReader(written, scope).read();
        if (!formula.dimension().equals(Dimension.LENGTH)
                && !formula.dimension().equals(Dimension.NUMBER)) {
            throw new SheetException(written, what + " \"" + name + "\" must be a length or a number");
        }
        return formula;
    }
}
