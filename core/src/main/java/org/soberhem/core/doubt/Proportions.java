package org.soberhem.core.doubt;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.ToDoubleFunction;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;

/**
 * How the girths of grown bodies go together: a normal distribution of the logarithms of lengths, women and men joined.
 *
 * <p>Each girth is judged given all the others that were read. The covariance is widened, because the bodies it was
 * computed from are not everybody.
 *
 * <p>The bodies of the shipped one: G. Heinz, L. J. Peterson, R. W. Johnson, C. J. Kerk, Exploring Relationships in
 * Body Dimensions, Journal of Statistics Education 11 (2003).
 */
public final class Proportions {

    /** By how much standard deviations are widened for people outside the sample. */
    private static final double WIDER = 1.25;

    /**
     * One measure of the distribution.
     *
     * @param measure catalogue id
     * @param instead readings that stand in where it is missing, the best first
     */
    public record Variable(String measure, List<StandIn> instead) {
        public Variable {
            instead = List.copyOf(instead);
        }
    }

    /**
     * A reading that stands in for another.
     *
     * @param measure catalogue id
     * @param factor how many times the other it usually is
     * @param spread standard deviation of the logarithm of that factor
     */
    public record StandIn(String measure, double factor, double spread) {}

    private final List<Variable> variables;
    private final double[] mean;
    private final double[][] covariance;

    /** Inverses by which variables were read and how; bounded by how few ways of measuring one wearer there are. */
    private final Map<List<String>, double[][]> inverses = new ConcurrentHashMap<>();

    /**
     * @param mean of the logarithms of millimetres
     * @param covariance of the same, symmetric
     */
    public Proportions(List<Variable> variables, double[] mean, double[][] covariance) {
        this.variables = List.copyOf(variables);
        this.mean = mean.clone();
        this.covariance = covariance.clone();
    }

    /**
     * Computes the distribution of measured bodies.
     *
     * @param bodies a row each, in millimetres, in the order of the variables
     */
    public static Proportions fit(List<Variable> variables, List<double[]> bodies) {
        int size = variables.size();
        double[] mean = new double[size];
        for (double[] body : bodies) {
            for (int i = 0; i < size; i++) {
                mean[i] += Math.log(body[i]) / bodies.size();
            }
        }
        double[][] covariance = new double[size][size];
        for (double[] body : bodies) {
            for (int i = 0; i < size; i++) {
                for (int j = 0; j < size; j++) {
                    covariance[i][j] +=
                            (Math.log(body[i]) - mean[i]) * (Math.log(body[j]) - mean[j]) / (bodies.size() - 1);
                }
            }
        }
        return new Proportions(variables, mean, covariance);
    }

    public List<Variable> variables() {
        return variables;
    }

    /**
     * How a set of readings fits.
     *
     * @param residuals how many standard deviations each reading lies above (or below, negative) what the others let
     *     expect, by catalogue id of what was read
     * @param distance squared distance from the middle of all bodies
     */
    public record Fit(Map<String, Double> residuals, double distance) {

        public OptionalDouble residual(String measure) {
            Double found = residuals.get(measure);
            return found == null ? OptionalDouble.empty() : OptionalDouble.of(found);
        }
    }

    /**
     * Judges readings.
     *
     * @param millimetres returns the reading of a measure, or NaN where there is none
     */
    public Fit fit(ToDoubleFunction<String> millimetres) {
        List<String> read = new ArrayList<>();
        List<Integer> places = new ArrayList<>();
        List<Double> logs = new ArrayList<>();
        List<Double> extra = new ArrayList<>();
        for (int i = 0; i < variables.size(); i++) {
            Variable variable = variables.get(i);
            List<StandIn> ways = new ArrayList<>();
            ways.add(new StandIn(variable.measure(), 1, 0));
            ways.addAll(variable.instead());
            for (StandIn way : ways) {
                double value = millimetres.applyAsDouble(way.measure());
                if (value > 0 && (places.isEmpty() || places.get(places.size() - 1) != i)) {
                    read.add(way.measure());
                    places.add(i);
                    logs.add(Math.log(value / way.factor()) - mean[i]);
                    extra.add(way.spread() * way.spread());
                }
            }
        }
        if (read.isEmpty()) {
            return new Fit(Map.of(), 0);
        }
        double[][] inverse = inverses.computeIfAbsent(read, key -> inverse(places, extra));
        Map<String, Double> residuals = new HashMap<>();
        double distance = 0;
        for (int i = 0; i < read.size(); i++) {
            double pull = 0;
            for (int j = 0; j < read.size(); j++) {
                pull += inverse[i][j] * logs.get(j);
            }
            residuals.put(read.get(i), pull / Math.sqrt(inverse[i][i]));
            distance += logs.get(i) * pull;
        }
        return new Fit(residuals, distance);
    }

    private double[][] inverse(List<Integer> places, List<Double> extra) {
        int size = places.size();
        double[][] matrix = new double[size][size];
        for (int i = 0; i < size; i++) {
            for (int j = 0; j < size; j++) {
                matrix[i][j] = covariance[places.get(i)][places.get(j)] * WIDER * WIDER;
            }
            matrix[i][i] += extra.get(i);
        }
        return new CholeskyDecomposition(MatrixUtils.createRealMatrix(matrix))
                .getSolver()
                .getInverse()
                .getData();
    }
}
