package org.soberhem.core.draft;

import org.soberhem.core.formula.Dimension;
import org.soberhem.core.formula.Formula;
import org.soberhem.core.formula.Frame;
import org.soberhem.core.geometry.Bisection;
import org.soberhem.core.length.Sentence;

/** Finds an amount by trying: halves the way between two limits until what is watched has the value it shall have. */
final class Solver {

    /** Halvings; from limits a metre apart the last step is under a millionth of a millimetre. */
    private static final int ROUNDS = 40;

    private Solver() {}

    /**
     * Returns the amount.
     *
     * @throws DraftException if the value is not reached between the limits
     */
    static double solve(CompiledSheet.Ground ground, CompiledSheet.Solve solve, Frame frame) {
        double low = solve.from().value(frame);
        double high = solve.to().value(frame);
        frame.slots[solve.slot()] = low;
        Drafter.points(ground, frame);
        double steady = solve.steady() ? solve.is().value(frame) : Double.NaN;
        double atLow = missing(ground, solve, frame, low, steady);
        double atHigh = missing(ground, solve, frame, high, steady);
        if (atLow == 0) {
            return low;
        }
        // Also refuses what is no number.
        if (!(atLow * atHigh <= 0)) {
            double wanted = solve.is().value(frame);
            throw new DraftException(
                    ground.name(),
                    "The {} cannot be drawn from these measurements: by its {} what must come to {} can be made {} to {} only",
                    ground.name().replace('-', ' '),
                    solve.name().replace('-', ' '),
                    shown(solve.until(), wanted),
                    shown(solve.until(), wanted + Math.min(atLow, atHigh)),
                    shown(solve.until(), wanted + Math.max(atLow, atHigh)));
        }
        return Bisection.between(
                low, high, ROUNDS, amount -> atLow * missing(ground, solve, frame, amount, steady) > 0);
    }

    /** Returns what is watched less what it shall be. */
    private static double missing(
            CompiledSheet.Ground ground, CompiledSheet.Solve solve, Frame frame, double amount, double steady) {
        frame.slots[solve.slot()] = amount;
        for (CompiledSheet.PointAt point : solve.moving()) {
            point.step().place(frame, point.slot(), ground.name(), point.name());
        }
        for (CompiledSheet.EdgeRun edge : solve.watched()) {
            frame.paths.set(edge.path(), EdgeDrawer.path(ground.name(), solve.edges(), edge, frame));
        }
        return solve.until().value(frame)
                - (solve.steady() ? steady : solve.is().value(frame));
    }

    private static Object shown(Formula kind, double value) {
        if (kind.dimension().equals(Dimension.ANGLE)) {
            return Sentence.degrees(StrictMath.toDegrees(value));
        }
        return kind.dimension().equals(Dimension.LENGTH) && Double.isFinite(value)
                ? (Object) value
                : String.valueOf(Math.round(value * 10) / 10.0);
    }
}
