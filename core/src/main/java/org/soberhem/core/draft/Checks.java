package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.soberhem.core.formula.Formula;
import org.soberhem.core.formula.Frame;
import org.soberhem.core.garment.BodyLoop;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Fastening;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Side;

/** Measures a finished pattern against the body and the sheet's ease. */
public final class Checks {

    private Checks() {}

    /**
     * Evaluates the checks and openings of a sheet on a pattern drawn from it, altered or not.
     *
     * <p>A length that differs between left and right is judged by its worse side. What has ease over the body, and a
     * body that was read seated too, is judged seated as well: it must not be less than the body there.
     */
    public static List<CheckResult> of(CompiledSheet sheet, Inputs inputs, Pattern pattern) {
        Frame frame = FinishedPieces.frame(sheet, inputs, pattern);
        List<CheckResult> results = new ArrayList<>();
        Inputs sat = inputs.seated();
        Frame seated = sat.equals(inputs) ? frame : FinishedPieces.frame(sheet, sat, pattern);
        for (CompiledSheet.Check check : sheet.checks) {
            CheckResult standing = result(check, frame, pattern);
            results.add(standing);
            double body = check.body().value(seated);
            if (body > standing.body() + CheckResult.TOLERANCE
                    && check.ease().least().value(frame) >= 0) {
                results.add(standing.seated(body));
            }
        }
        for (CompiledSheet.Opening opening : sheet.openings) {
            results.add(opening(
                    FinishedPieces.loop(sheet, opening, frame, pattern),
                    opening.written().loop().get(0)));
        }
        return results;
    }

    /**
     * Returns what a pattern tells the rules of a silhouette: lengths in millimetres and ratios, by the quantity's
     * name. Those that need a missing measurement are left out.
     */
    public static Map<String, Double> quantities(CompiledSheet sheet, Inputs inputs, Pattern pattern) {
        return values(sheet.quantities, sheet, inputs, pattern);
    }

    /**
     * Returns what is sewn in or on beside the cloth: numbers, and lengths in millimetres, by the kind of notion.
     * Fastenings that are marked on the worn pieces are counted instead of those that the sheet works out: buttons on
     * one side, since the other has the holes, eyelets and hooks on both.
     */
    public static Map<String, Double> notions(CompiledSheet sheet, Inputs inputs, Pattern pattern) {
        Map<String, Double> notions = values(sheet.notions, sheet, inputs, pattern);
        for (Fastening kind : Fastening.values()) {
            long left = marks(pattern, Side.LEFT, kind);
            long right = marks(pattern, Side.RIGHT, kind);
            if (left + right > 0) {
                notions.put(kind.word(), (double) (kind == Fastening.BUTTON ? Math.max(left, right) : left + right));
            }
        }
        return notions;
    }

    private static long marks(Pattern pattern, Side side, Fastening kind) {
        return pattern.pieces().stream()
                .filter(piece -> piece.side() == side || piece.side() == Side.MIDDLE && side == Side.LEFT)
                .flatMap(piece -> piece.lines().stream())
                .filter(line -> kind.isMark(line))
                .count();
    }

    private static Map<String, Double> values(
            Map<String, Formula> formulas, CompiledSheet sheet, Inputs inputs, Pattern pattern) {
        Frame frame = FinishedPieces.frame(sheet, inputs, pattern);
        Map<String, Double> values = new TreeMap<>();
        formulas.forEach((name, formula) -> {
            double value = formula.value(frame);
            if (!Double.isNaN(value)) {
                values.put(name, value);
            }
        });
        return values;
    }

    private static CheckResult result(CompiledSheet.Check check, Frame frame, Pattern pattern) {
        DraftSheet.CheckSheet written = check.written();
        double body = check.body().value(frame);
        double least = body + check.ease().least().value(frame);
        double most = body + check.ease().most().value(frame);
        if (written.kind() == DraftSheet.CheckSheet.Kind.GIRTH) {
            return new CheckResult(
                    written.name() + " girth",
                    body,
                    least,
                    most,
                    pattern.girth(written.name(), written.across()),
                    check.ease().why(),
                    new CheckResult.Where(written.across().get(0), written.name()),
                    written.remedy());
        }
        double left = length(written, pattern, Side.LEFT);
        double right = length(written, pattern, Side.RIGHT);
        double middle = (least + most) / 2;
        EdgeRef first = written.run().isEmpty()
                ? written.between().get(0)
                : written.run().get(0);
        return new CheckResult(
                written.name(),
                body,
                least,
                most,
                Math.abs(left - middle) >= Math.abs(right - middle) ? left : right,
                check.ease().why(),
                new CheckResult.Where(first.piece(), first.edge()),
                written.remedy());
    }

    private static double length(DraftSheet.CheckSheet written, Pattern pattern, Side side) {
        if (written.between().isEmpty()) {
            return pattern.has(written.run()) ? pattern.length(written.run(), side) : Double.NaN;
        }
        return pattern.point(written.between().get(0), side)
                .flatMap(from -> pattern.point(written.between().get(1), side).map(from::distanceTo))
                .orElse(Double.NaN);
    }

    private static CheckResult opening(BodyLoop loop, EdgeRef first) {
        return new CheckResult(
                loop.edge(),
                loop.body(),
                loop.needed(),
                Double.POSITIVE_INFINITY,
                loop.reach(),
                "it must pass the " + loop.part()
                        + loop.held()
                                .map(held -> ", and is sewn to the " + held.to())
                                .orElse(""),
                new CheckResult.Where(first.piece(), first.edge()),
                Optional.empty());
    }
}
