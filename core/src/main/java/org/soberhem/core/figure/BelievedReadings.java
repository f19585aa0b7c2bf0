package org.soberhem.core.figure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;
import org.soberhem.core.body.Build;

/**
 * Which readings a body is built of: a height that no one has, and a girth that is far from all others beside what is
 * usual, are left out. Limits from memory, wide enough for every measured body and for laced waists.
 */
final class BelievedReadings {

    /** Heights from the smallest newborn to the tallest grown person, millimetres. */
    private static final double[] HEIGHTS = {400, 2500};

    /** A girth is no more than so many times larger or smaller than the others would make it. */
    private static final double BESIDE_OTHERS = 1.65;

    /** The same where no other was read, beside the usual. */
    private static final double ALONE = 2.6;

    private final OptionalDouble height;
    private final ToDoubleFunction<String> read;
    private final Set<String> refused = new TreeSet<>();

    BelievedReadings(FigurePlan plan, Build build, ToDoubleFunction<String> read) {
        this.read = read;
        double tall = read.applyAsDouble("height");
        boolean human = tall >= HEIGHTS[0] && tall <= HEIGHTS[1];
        height = human ? OptionalDouble.of(tall) : OptionalDouble.empty();
        if (!Double.isNaN(tall) && !human) {
            refused.add("height");
        }
        List<List<FigurePlan.Level>> limbs = List.of(plan.trunk(), plan.legs(), plan.arms());
        List<Map<String, Double>> larger = new ArrayList<>();
        for (List<FigurePlan.Level> limb : limbs) {
            Map<String, Double> own = new LinkedHashMap<>();
            for (FigurePlan.Level level : limb) {
                for (String measure : level.measures()) {
                    double value = read.applyAsDouble(measure);
                    if (!Double.isNaN(value)) {
                        own.put(
                                measure,
                                value <= 0
                                        ? Double.NEGATIVE_INFINITY
                                        : Math.log(value / plan.usualGirth(level, build)));
                    }
                }
            }
            larger.add(own);
        }
        // A wrong one among few moves the middle: the furthest is refused first, then the others are judged again.
        while (refuseFurthest(larger)) {
            continue;
        }
    }

    private boolean refuseFurthest(List<Map<String, Double>> larger) {
        String furthest = null;
        double most = 1;
        Map<String, Double> from = null;
        for (Map<String, Double> limb : larger) {
            for (Map.Entry<String, Double> each : limb.entrySet()) {
                double far = far(larger, limb, each.getKey());
                if (far > most) {
                    most = far;
                    furthest = each.getKey();
                    from = limb;
                }
            }
        }
        if (furthest == null) {
            return false;
        }
        refused.add(furthest);
        from.remove(furthest);
        return true;
    }

    /** Returns how far a reading is from the middle of the others, 1 being the limit. */
    private double far(List<Map<String, Double>> larger, Map<String, Double> limb, String measure) {
        double own = limb.get(measure);
        List<Double> beside = others(List.of(limb), measure);
        if (beside.size() < 2) {
            beside = others(larger, measure);
        }
        if (beside.size() < 2) {
            double tall = height.orElse(1500);
            return Math.abs(own - Math.log(tall)) / Math.log(ALONE);
        }
        return Math.abs(own - middle(beside)) / Math.log(BESIDE_OTHERS);
    }

    private static List<Double> others(List<Map<String, Double>> limbs, String measure) {
        List<Double> others = new ArrayList<>();
        limbs.forEach(limb -> limb.forEach((each, value) -> {
            if (!each.equals(measure)) {
                others.add(value);
            }
        }));
        return others;
    }

    private static double middle(List<Double> values) {
        double[] sorted = values.stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(sorted);
        return (sorted[(sorted.length - 1) / 2] + sorted[sorted.length / 2]) / 2;
    }

    OptionalDouble height() {
        return height;
    }

    /** Returns the girth of a level, if one was read that is believed. */
    OptionalDouble girth(FigurePlan.Level level) {
        return level.measures().stream()
                .filter(measure -> !refused.contains(measure))
                .mapToDouble(read)
                .filter(value -> !Double.isNaN(value))
                .findFirst();
    }

    Set<String> refused() {
        return refused;
    }
}
