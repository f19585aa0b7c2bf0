package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.soberhem.core.formula.Formula;
import org.soberhem.core.formula.SheetException;

/** Puts frames and pieces in an order in which each comes after those whose points and edges it uses. */
final class Ordering {

    private final List<CompiledSheet.Ground> grounds;
    private final Map<String, CompiledSheet.PieceRuns> pieces;
    private final Map<Integer, CompiledSheet.Ground> byEdge = new HashMap<>();
    private final Map<Integer, CompiledSheet.Ground> byPoint = new HashMap<>();
    private final Set<CompiledSheet.Ground> done = new LinkedHashSet<>();

    Ordering(List<CompiledSheet.Ground> grounds, Map<String, CompiledSheet.PieceRuns> pieces) {
        this.grounds = grounds;
        this.pieces = pieces;
        for (CompiledSheet.Ground ground : grounds) {
            ground.slots().values().forEach(slot -> byPoint.put(slot, ground));
            CompiledSheet.PieceRuns piece = pieces.get(ground.name());
            if (piece != null) {
                piece.edges().forEach(edge -> byEdge.put(edge.path(), ground));
            }
        }
    }

    List<CompiledSheet.Ground> inOrder() {
        for (CompiledSheet.Ground ground : grounds) {
            visit(ground, new LinkedHashSet<>());
        }
        return List.copyOf(done);
    }

    private void visit(CompiledSheet.Ground ground, Set<String> path) {
        if (done.contains(ground)) {
            return;
        }
        if (!path.add(ground.name())) {
            throw new SheetException(
                    ground.written().line(),
                    "pieces wait for each other: " + String.join(" → ", path) + " → " + ground.name());
        }
        needs(ground).forEach(needed -> visit(needed, path));
        path.remove(ground.name());
        done.add(ground);
    }

    private Set<CompiledSheet.Ground> needs(CompiledSheet.Ground ground) {
        Set<CompiledSheet.Ground> needed = new LinkedHashSet<>();
        CompiledSheet.PieceRuns piece = pieces.get(ground.name());
        if (piece != null) {
            piece.frame().ifPresent(needed::add);
        }
        ground.points()
                .forEach(point -> GroundCompiler.reads(point.step()).forEach(slot -> needed.add(byPoint.get(slot))));
        for (Formula formula : formulas(ground, piece)) {
            formula.edges().forEach(edge -> needed.add(byEdge.get(edge)));
            formula.points().forEach(slot -> needed.add(byPoint.get(slot)));
        }
        // A solve watches the edges of its own piece while that is being drawn; anything else may not measure itself.
        boolean measuresItself = Stream.concat(
                        ground.points().stream().flatMap(point -> point.step().amounts().stream()), joins(piece))
                .flatMap(formula -> formula.edges().stream())
                .anyMatch(edge -> byEdge.get(edge).equals(ground));
        if (measuresItself) {
            throw new SheetException(
                    ground.written().line(),
                    "\"" + ground.name() + "\" measures its own edges: only a solve may, under until and is");
        }
        needed.remove(ground);
        return needed;
    }

    /** Returns every formula that drawing needs; {@code piece} may be null for a frame. */
    static List<Formula> formulas(CompiledSheet.Ground ground, CompiledSheet.PieceRuns piece) {
        List<Formula> all = new ArrayList<>();
        ground.points().forEach(point -> all.addAll(point.step().amounts()));
        ground.solves().forEach(solve -> all.addAll(List.of(solve.from(), solve.to(), solve.until(), solve.is())));
        joins(piece).forEach(all::add);
        return all;
    }

    private static Stream<Formula> joins(CompiledSheet.PieceRuns piece) {
        return piece == null
                ? Stream.empty()
                : piece.edges().stream()
                        .flatMap(edge -> Stream.concat(
                                edge.joins().stream().flatMap(join -> Stream.of(join.at(), join.amount())),
                                Stream.of(edge.included(), edge.added())))
                        .filter(Objects::nonNull);
    }
}
