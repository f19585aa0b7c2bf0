package org.soberhem.core.size;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import org.soberhem.core.length.Sentence;

/**
 * Which row of a chart a garment is taken in.
 *
 * @param chart the chart
 * @param governing measure that decided, by catalogue id
 * @param row the size whose governing measure comes nearest
 * @param left the wearer's measure less the row's, by catalogue id, in millimetres: positive where the pattern is too
 *     small
 * @param outside whether the wearer lies beyond the chart's ends
 * @param smaller the size below, if the chart's stated ease still leaves the ease that is wanted
 */
public record SizeMatch(
        SizeChart chart,
        String governing,
        SizeChart.Row row,
        Map<String, Double> left,
        boolean outside,
        Optional<SizeChart.Row> smaller) {

    /**
     * Matches a chart.
     *
     * @param governing measures that decide for the kind of garment, the best first; the first that chart and wearer
     *     both have is taken
     * @param wearer returns the wearer's measure in millimetres, or NaN
     * @param wantedEase ease wanted at the governing measure, in millimetres
     * @return empty if chart and wearer share none of the governing measures
     */
    public static Optional<SizeMatch> of(
            SizeChart chart, List<String> governing, ToDoubleFunction<String> wearer, double wantedEase) {
        return governing.stream()
                .filter(measure -> chart.measures().contains(measure) && !Double.isNaN(wearer.applyAsDouble(measure)))
                .findFirst()
                .map(measure -> match(chart, measure, wearer, wantedEase));
    }

    private static SizeMatch match(
            SizeChart chart, String governing, ToDoubleFunction<String> wearer, double wantedEase) {
        double body = wearer.applyAsDouble(governing);
        int best = 0;
        for (int i = 1; i < chart.rows().size(); i++) {
            if (away(chart, i, governing, body) < away(chart, best, governing, body)) {
                best = i;
            }
        }
        SizeChart.Row row = chart.rows().get(best);
        Map<String, Double> left = new LinkedHashMap<>();
        for (String measure : chart.measures()) {
            double own = wearer.applyAsDouble(measure);
            if (!Double.isNaN(own)) {
                left.put(measure, own - row.body().get(measure));
            }
        }
        double step = chart.rows().size() < 2
                ? Double.POSITIVE_INFINITY
                : Math.abs(chart.rows().get(best == 0 ? 1 : best - 1).body().get(governing)
                        - row.body().get(governing));
        boolean outside = Math.abs(left.get(governing)) > step / 2
                && (best == 0 || best == chart.rows().size() - 1);
        Optional<SizeChart.Row> smaller = Optional.empty();
        Double ease = chart.ease().get(governing);
        if (best > 0 && ease != null) {
            SizeChart.Row below = chart.rows().get(best - 1);
            if (below.body().get(governing) + ease >= body + wantedEase) {
                smaller = Optional.of(below);
            }
        }
        return new SizeMatch(chart, governing, row, left, outside, smaller);
    }

    private static double away(SizeChart chart, int row, String governing, double body) {
        return Math.abs(chart.rows().get(row).body().get(governing) - body);
    }

    /** Returns what the chart's pattern adds at the governing measure over the wearer, if the chart says. */
    public OptionalDouble easeLeft() {
        Double ease = chart.ease().get(governing);
        return ease == null ? OptionalDouble.empty() : OptionalDouble.of(ease - left.get(governing));
    }

    /** Says in words which size is taken and why. */
    public Sentence sentence(String governingName) {
        return Sentence.of(
                outside ? "Beyond the chart: size {} comes nearest by {}, {} away" : "Size {} by {}, {} away",
                row.size(),
                governingName,
                Math.abs(left.get(governing)));
    }
}
