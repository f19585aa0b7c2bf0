package org.soberhem.core.stand;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresProblem;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.ValueAndJacobianFunction;
import org.hipparchus.util.Pair;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.pattern.Side;

/**
 * Turns a trunk until all tapes read on it what they read on the wearer, as nearly as one body can: least squares over
 * all of them, each divided by its spread, beyond three spreads counted linearly, with what is usual as prior.
 *
 * @see "K. Levenberg, Quarterly of Applied Mathematics 2 (1944); D. Marquardt, SIAM Journal 11 (1963); P. J. Huber,
 *     Annals of Mathematical Statistics 35 (1964)"
 */
final class TrunkFit {

    /** Rows between two rings while fitting. */
    private static final int SPANS = 3;

    private static final double STEP = 1e-4;
    private static final double STRAIGHT = 3;
    private static final int ROUNDS = 14;

    /** So many settings are tried at most. */
    private static final int MOST_TRIED = 150;

    private static final int LAST_ROUNDS = 2;

    /** A girth that was not read is the usual one beside those that were, within this share of it. */
    private static final double USUAL_GIRTH = 0.035;

    /** A reading so many times longer or shorter than on a usual body like this is not believed. */
    private static final double FURTHEST = 2.2;

    /** What is read within so much, millimetres, pulls more than what is usual does, by so many times. */
    private static final double FINE = 2;

    private static final double PULL = 3;

    /** A setting is held within so many spreads. */
    private static final double WIDEST = 12;

    private static final List<String> USUAL =
            List.of("waist-crease", "high-hip", "full-hip", "under-bust", "neck-base", "neck-mid");

    private record Row(String measure, Side side, double read, double spread, boolean usual, TrunkTapes.Lay lay) {

        double on(TrunkSurface trunk) {
            return lay.on(trunk, side == Side.LEFT).length();
        }
    }

    private final TrunkModel model;
    private final List<Row> rows = new ArrayList<>();
    private final Set<String> refused = new TreeSet<>();

    TrunkFit(TrunkModel model) {
        this.model = model;
        BodyFigure body = model.body();
        for (Map.Entry<String, TrunkTapes.Tape> entry : TrunkTapes.ALL.entrySet()) {
            if (entry.getValue().spread() == TrunkTapes.NOT_FITTED) {
                continue;
            }
            OptionalDouble left = body.read(entry.getKey(), Side.LEFT);
            OptionalDouble right = body.read(entry.getKey(), Side.RIGHT);
            TrunkTapes.Tape tape = entry.getValue();
            if (right.isPresent() && tape.sided()) {
                rows.add(row(entry.getKey(), Side.RIGHT, right.getAsDouble(), tape));
                rows.add(row(entry.getKey(), Side.LEFT, left.orElse(right.getAsDouble()), tape));
            } else if (right.isPresent()) {
                rows.add(row(entry.getKey(), Side.MIDDLE, right.getAsDouble(), tape));
            }
        }
        rows.removeIf(row -> body.notBelieved().contains(row.measure()));
        usual(body);
        TrunkSurface usual = model.surface(new double[TrunkModel.SIZE], false, SPANS);
        rows.removeIf(row -> {
            double ratio = row.read() / row.on(usual);
            boolean refuse = !row.usual() && !(ratio > 1 / FURTHEST && ratio < FURTHEST);
            if (refuse) {
                refused.add(row.measure());
            }
            return refuse;
        });
    }

    /** Returns the measures whose readings no body like this has. */
    Set<String> refused() {
        Set<String> all = new TreeSet<>(model.body().notBelieved());
        all.addAll(refused);
        return all;
    }

    private static Row row(String measure, Side side, double read, TrunkTapes.Tape tape) {
        return new Row(measure, side, read, tape.spread(), false, tape.lay());
    }

    /** Levels of which no girth was read follow those that were. */
    private void usual(BodyFigure body) {
        for (String measure : USUAL) {
            String level = measure.equals("waist-crease") ? "waist" : measure.equals("full-hip") ? "hip" : measure;
            if (!body.at(level).measured()) {
                double girth = body.at(level).girth();
                rows.add(new Row(
                        measure,
                        Side.MIDDLE,
                        girth,
                        girth * USUAL_GIRTH,
                        true,
                        TrunkTapes.ALL.get(measure).lay()));
            }
        }
        if (!body.at("armpit").measured()) {
            double girth = body.at("armpit").girth();
            rows.add(new Row(
                    "high-bust",
                    Side.MIDDLE,
                    girth,
                    girth * USUAL_GIRTH,
                    true,
                    TrunkTapes.ALL.get("high-bust").lay()));
        }
    }

    /** Returns the setting that fits best: sought on few rows, ended on as many as a finished stand has. */
    double[] fitted() {
        return sought(sought(new double[TrunkModel.SIZE], SPANS, ROUNDS), StandMaker.SPANS, LAST_ROUNDS);
    }

    private double[] sought(double[] start, int spans, int rounds) {
        LeastSquaresProblem problem = new LeastSquaresBuilder()
                .start(start)
                .target(new double[values(start, spans).length])
                .model(new Misses(spans))
                .parameterValidator(TrunkFit::held)
                .lazyEvaluation(true)
                .checker((round, before, after) ->
                        round >= rounds || before.getCost() - after.getCost() < 1e-3 * after.getCost() && round > 2)
                .maxEvaluations(MOST_TRIED)
                .maxIterations(MOST_TRIED)
                .build();
        try {
            return held(new LevenbergMarquardtOptimizer()
                            .withInitialStepBoundFactor(10)
                            .optimize(problem)
                            .getPoint())
                    .toArray();
        } catch (MathIllegalStateException nothingBetter) {
            // No step in any direction is better any more: where it began is as good as can be.
            return start;
        }
    }

    private static RealVector held(RealVector setting) {
        return setting.map(value -> Math.max(-WIDEST, Math.min(WIDEST, value)));
    }

    /** What a setting misses, and how that changes with each parameter. */
    private final class Misses implements ValueAndJacobianFunction {

        private final int spans;

        /** Which tapes feel a parameter at all, by parameter; found at the first setting. */
        private boolean[][] felt;

        Misses(int spans) {
            this.spans = spans;
        }

        @Override
        public Pair<RealVector, RealMatrix> value(RealVector point) {
            return new Pair<>(computeValue(point.toArray()), computeJacobian(point.toArray()));
        }

        @Override
        public RealVector computeValue(double[] setting) {
            return new ArrayRealVector(values(setting, spans), false);
        }

        @Override
        public RealMatrix computeJacobian(double[] setting) {
            double[] value = values(setting, spans);
            double[][] jacobian = new double[value.length][setting.length];
            boolean first = felt == null;
            boolean[][] feels = first ? new boolean[setting.length][] : felt;
            // Columns do not depend on each other: on two cores they take half the time and are the same.
            IntStream.range(0, setting.length).parallel().forEach(i -> {
                double[] moved = setting.clone();
                moved[i] += STEP;
                double[] other = values(moved, spans, feels[i], value);
                boolean[] changed = new boolean[rows.size()];
                for (int row = 0; row < value.length; row++) {
                    jacobian[row][i] = (other[row] - value[row]) / STEP;
                    if (row < changed.length) {
                        changed[row] = other[row] != value[row];
                    }
                }
                if (first) {
                    feels[i] = changed;
                }
            });
            felt = feels;
            return new Array2DRowRealMatrix(jacobian, false);
        }
    }

    private double[] values(double[] setting, int spans) {
        return values(setting, spans, null, null);
    }

    /**
     * @param felt the tapes that are laid anew; null for all
     * @param before what the others read
     */
    private double[] values(double[] setting, int spans, boolean[] felt, double[] before) {
        TrunkSurface trunk = model.surface(setting, false, spans);
        double[] waves = model.waves(setting);
        double[] values = new double[rows.size() + setting.length + waves.length];
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            values[i] = felt != null && !felt[i]
                    ? before[i]
                    : robust((row.on(trunk) - row.read()) / row.spread()) * (row.spread() <= FINE ? PULL : 1);
        }
        System.arraycopy(setting, 0, values, rows.size(), setting.length);
        System.arraycopy(waves, 0, values, rows.size() + setting.length, waves.length);
        return values;
    }

    /** Beyond three spreads the square of this grows linearly. */
    private static double robust(double score) {
        double far = Math.abs(score);
        return far <= STRAIGHT ? score : Math.signum(score) * Math.sqrt(STRAIGHT * (2 * far - STRAIGHT));
    }

    /** Returns how far a surface misses each reading. */
    List<Residual> residuals(TrunkSurface trunk) {
        return rows.stream()
                .filter(row -> !row.usual())
                .map(row -> new Residual(row.measure(), row.side(), row.read(), row.on(trunk), row.spread()))
                .toList();
    }
}
