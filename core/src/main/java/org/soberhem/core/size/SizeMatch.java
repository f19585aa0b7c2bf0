package org.soberhem.core.size;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
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
 * @param sizes the size that comes nearest by each measure alone, by catalogue id
 * @param between the other of two sizes between which the governing measure lies
 * @param smaller the size below, if the chart's stated ease still leaves the ease that is wanted
 */
public record SizeMatch(
        SizeChart chart,
        String governing,
        SizeChart.Row row,
        Map<String, Double> left,
        boolean outside,
        Map<String, SizeChart.Row> sizes,
        Optional<SizeChart.Row> between,
        Optional<SizeChart.Row> smaller) {

    /** Within this share of a step from half way a measure lies between two sizes. */
    private static final double HALF_WAY = 1.0 / 6;

    /** What is off by less is not altered, in millimetres: a quarter inch. */
    private static final double ALTERED = 25.4 / 4;

    /** Levels at which a measure lies, for altering. */
    private static final Map<String, String> LEVELS = Map.of(
            "full-bust", "bust",
            "chest", "bust",
            "waist-crease", "waist",
            "waist-narrowest", "waist",
            "full-hip", "hip");

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
        int best = nearest(chart, governing, body);
        Map<String, SizeChart.Row> sizes = new LinkedHashMap<>();
        for (String measure : chart.measures()) {
            double own = wearer.applyAsDouble(measure);
            if (!Double.isNaN(own)) {
                sizes.put(measure, chart.rows().get(nearest(chart, measure, own)));
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
        int beside = left.get(governing) > 0 ? best + 1 : best - 1;
        Optional<SizeChart.Row> between = Optional.of(beside)
                .filter(place -> place >= 0 && place < chart.rows().size())
                .map(chart.rows()::get)
                .filter(other -> {
                    double apart =
                            Math.abs(other.body().get(governing) - row.body().get(governing));
                    return Math.abs(left.get(governing)) > apart * (0.5 - HALF_WAY);
                });
        return new SizeMatch(chart, governing, row, left, outside, sizes, between, smaller);
    }

    private static int nearest(SizeChart chart, String measure, double body) {
        int best = 0;
        for (int i = 1; i < chart.rows().size(); i++) {
            if (away(chart, i, measure, body) < away(chart, best, measure, body)) {
                best = i;
            }
        }
        return best;
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

    /**
     * Returns what is then to be added to the pattern, round the body, by level and in millimetres: negative is taken
     * out.
     */
    public Map<String, Double> room() {
        Map<String, Double> room = new LinkedHashMap<>();
        left.forEach((measure, amount) -> {
            String level = LEVELS.get(measure);
            if (level != null) {
                room.putIfAbsent(level, Math.abs(amount) < ALTERED ? 0 : amount);
            }
        });
        return room;
    }

    /**
     * Gives one advice where measures want different sizes, or where the wearer lies between two.
     *
     * @param names says what a measure is called
     */
    public Sentence advice(UnaryOperator<String> names) {
        List<Object> parts = new ArrayList<>();
        List<String> words = new ArrayList<>();
        left.forEach((measure, amount) -> {
            if (!measure.equals(governing) && Math.abs(amount) >= ALTERED) {
                words.add(amount > 0 ? "give {} at {}" : "take in {} at {}");
                parts.add(Math.abs(amount));
                parts.add(names.apply(measure));
            }
        });
        Sentence altered = words.isEmpty()
                ? Sentence.of("nothing else needs altering")
                : Sentence.of(String.join(", ", words), parts.toArray());
        Sentence take = between.map(other -> Sentence.of(
                        "Between {} and {}: {} is taken, being nearer", row.size(), other.size(), row.size()))
                .orElse(Sentence.of("Take {}", row.size()));
        return Sentence.of("{}, by {}; then {}", take, names.apply(governing), altered);
    }
}
