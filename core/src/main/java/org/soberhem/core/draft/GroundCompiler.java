package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.soberhem.core.formula.Dimension;
import org.soberhem.core.formula.Formula;
import org.soberhem.core.formula.FormulaReader;
import org.soberhem.core.formula.Names;
import org.soberhem.core.formula.Scope;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.formula.SourceText;

/** Compiles the points of a frame or a piece. */
final class GroundCompiler {

    private final String name;
    private final Map<String, Integer> places = new LinkedHashMap<>();
    private final Map<String, Integer> visible = new LinkedHashMap<>();
    private final Map<String, Scope.Named> own = new LinkedHashMap<>();
    private final CompiledSheet.Ground compiled;
    private final Optional<GroundCompiler> frame;
    final Names scope;
    final int unitSlot;

    GroundCompiler(SheetCompiler sheet, String name, DraftSheet.Ground written, Optional<GroundCompiler> frame) {
        this.name = name;
        this.frame = frame;
        frame.ifPresent(on -> {
            own.putAll(on.own);
            visible.putAll(on.places);
        });
        for (String letter : written.points().keySet()) {
            int slot = sheet.names.point(name + "." + letter).orElseThrow();
            places.put(letter, slot);
            visible.put(letter, slot);
        }
        Optional<CompiledSheet.Ruling> ruling = written.scale().map(scale -> {
            Scope.Named unit = sheet.names.local(Dimension.LENGTH);
            own.put("unit", unit);
            return sheet.ruling(scale, sheet.names, unit);
        });
        this.unitSlot = ruling.map(CompiledSheet.Ruling::unitSlot)
                .or(() -> frame.map(on -> on.unitSlot))
                .or(() -> sheet.ruling.map(CompiledSheet.Ruling::unitSlot))
                .orElse(Formula.NO_UNIT);
        List<Wanted> limits = limits(sheet, written);
        this.scope = sheet.names.within(own, visible);
        List<CompiledSheet.PointAt> points = new ArrayList<>();
        written.points()
                .forEach((letter, step) ->
                        points.add(new CompiledSheet.PointAt(letter, places.get(letter), step(step), false)));
        List<CompiledSheet.PointAt> ordered = inOrder(points);
        List<CompiledSheet.Solve> solves = new ArrayList<>();
        limits.forEach(each -> solves.add(solve(each, ordered)));
        compiled = new CompiledSheet.Ground(name, written, ordered, places, solves, ruling);
    }

    /** An amount to be found, with the limits between which it is tried. */
    private record Wanted(String name, int slot, DraftSheet.SolveSheet written, Formula from, Formula to) {}

    /** Reads the limits, which may not use the amounts, and makes the amounts known. */
    private List<Wanted> limits(SheetCompiler sheet, DraftSheet.Ground written) {
        Names outside = sheet.names.within(Map.copyOf(own), visible);
        List<Wanted> limits = new ArrayList<>();
        written.solve().forEach((amount, solve) -> {
            if (sheet.names.has(amount) || own.containsKey(amount)) {
                throw new SheetException(
                        solve.from(), "\"" + amount + "\" has the name of something else on the sheet");
            }
            Formula from = new FormulaReader(solve.from(), outside).read();
            Formula to = Formula.of(solve.to(), outside, from.dimension());
            Scope.Named named = sheet.names.local(from.dimension());
            own.put(amount, named);
            limits.add(new Wanted(amount, named.slot(), solve, from, to));
        });
        return limits;
    }

    private CompiledSheet.Solve solve(Wanted wanted, List<CompiledSheet.PointAt> ordered) {
        Formula until = new FormulaReader(wanted.written.until(), scope).read();
        Formula is = Formula.of(wanted.written.is(), scope, until.dimension());
        List<CompiledSheet.PointAt> moving = moving(ordered, wanted.slot);
        boolean steady = !is.names().contains(wanted.slot)
                && moving.stream().noneMatch(point -> is.points().contains(point.slot()));
        return new CompiledSheet.Solve(
                wanted.name, wanted.slot, wanted.from, wanted.to, until, is, moving, List.of(), List.of(), steady);
    }

    CompiledSheet.Ground compiled() {
        return compiled;
    }

    /** Returns the frame that a piece lies on, if it does. */
    Optional<CompiledSheet.Ground> frame() {
        return frame.map(GroundCompiler::compiled);
    }

    /** Returns the points that a piece on this ground can name: its own and those of its frame. */
    Map<String, Integer> visible() {
        return visible;
    }

    private Step step(DraftSheet.StepSheet step) {
        List<Integer> from = new ArrayList<>();
        for (SourceText letter : step.points()) {
            from.add(scope.point(letter.text())
                    .orElseThrow(() -> new SheetException(
                            letter,
                            "point \"" + letter.text() + "\" is not among the points of \"" + name + "\" "
                                    + visible.keySet())));
        }
        List<Formula> amounts = new ArrayList<>();
        for (int i = 0; i < step.amounts().size(); i++) {
            SourceText amount = step.amounts().get(i);
            amounts.add(
                    step.way() == DraftSheet.StepSheet.Way.BETWEEN
                            ? Formula.of(amount, scope, Dimension.NUMBER)
                            : step.way() == DraftSheet.StepSheet.Way.TOWARDS && i == 1
                                    ? Formula.of(amount, scope, Dimension.ANGLE)
                                    : Formula.scaled(amount, scope, unitSlot));
        }
        return new Step(step, from, amounts);
    }

    /** Puts the points in an order in which each comes after those it is computed from. */
    private List<CompiledSheet.PointAt> inOrder(List<CompiledSheet.PointAt> points) {
        Map<Integer, CompiledSheet.PointAt> bySlot = new LinkedHashMap<>();
        points.forEach(point -> bySlot.put(point.slot(), point));
        Set<CompiledSheet.PointAt> done = new LinkedHashSet<>();
        for (CompiledSheet.PointAt point : points) {
            visit(point, bySlot, done, new LinkedHashSet<>());
        }
        return List.copyOf(done);
    }

    private void visit(
            CompiledSheet.PointAt point,
            Map<Integer, CompiledSheet.PointAt> bySlot,
            Set<CompiledSheet.PointAt> done,
            Set<String> path) {
        if (done.contains(point)) {
            return;
        }
        if (!path.add(point.name())) {
            throw new SheetException(
                    point.step().written().line(),
                    "points of \"" + name + "\" wait for each other: " + String.join(" → ", path) + " → "
                            + point.name());
        }
        for (int slot : new TreeSet<>(reads(point.step()))) {
            if (bySlot.containsKey(slot)) {
                visit(bySlot.get(slot), bySlot, done, path);
            }
        }
        path.remove(point.name());
        done.add(point);
    }

    /** Returns the points that move with an amount: those that read it, and those that are found from them. */
    private static List<CompiledSheet.PointAt> moving(List<CompiledSheet.PointAt> ordered, int amount) {
        List<CompiledSheet.PointAt> moving = new ArrayList<>();
        Set<Integer> slots = new HashSet<>();
        for (CompiledSheet.PointAt point : ordered) {
            boolean reads = point.step().amounts().stream()
                    .anyMatch(formula -> formula.names().contains(amount));
            if (reads || reads(point.step()).stream().anyMatch(slots::contains)) {
                moving.add(point);
                slots.add(point.slot());
            }
        }
        return moving;
    }

    /** Returns the slots of the points that a step needs. */
    static Set<Integer> reads(Step step) {
        Set<Integer> slots = new HashSet<>(step.points());
        step.amounts().forEach(formula -> slots.addAll(formula.points()));
        return slots;
    }
}
