package org.soberhem.core.figure;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;

/** Moves usual levels to where the wearer's own lengths put them, evenly between. */
final class Anchors {

    /** A taut tape follows the hollow of the back: so much of it is height. */
    private static final double PLUMB = 0.98;

    private final FigurePlan plan;
    private final TreeMap<Double, Double> moved = new TreeMap<>();

    /** Which reading put a level where it is, by level. */
    private final Map<String, String> from = new HashMap<>();

    private final ToDoubleFunction<String> read;

    /**
     * @param read returns the reading of a measure in millimetres, or NaN
     */
    Anchors(FigurePlan plan, FigurePlan.ByAge age, double height, ToDoubleFunction<String> read) {
        this.plan = plan;
        this.read = read;
        double fork = age.fork() * height;
        double chin = age.chin() * height;
        moved.put(0.0, 0.0);
        moved.put(height, height);
        put("fork", fork, "inside-leg", read.applyAsDouble("inside-leg"));
        double waist = fork + (chin - fork) * level("waist").at();
        double usualNape = fork + (chin - fork) * (level("neck-base").at() + 0.06);
        put("neck-base", usualNape, "nape-to-floor", read.applyAsDouble("nape-to-floor"));
        double nape = at(usualNape);
        put("waist", waist, "nape-to-waist", nape - plumb("nape-to-waist"));
        double hip = fork + (chin - fork) * level("hip").at();
        put("hip", hip, "waist-to-full-hip", at(waist) - plumb("waist-to-full-hip"));
        double armpit = fork + (chin - fork) * level("armpit").at();
        put("armpit", armpit, "scye-depth", nape - read.applyAsDouble("scye-depth"));
    }

    private double plumb(String measure) {
        return read.applyAsDouble(measure) * PLUMB;
    }

    /** Returns the measure that put a level where it is; empty if it follows its neighbours. */
    Optional<String> from(String level) {
        return Optional.ofNullable(from.get(level));
    }

    private FigurePlan.Level level(String name) {
        return plan.trunk().stream()
                .filter(level -> level.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Takes a reading only if the order of the levels stays what it is on every body. */
    private void put(String level, double usual, String measure, double is) {
        Map.Entry<Double, Double> below = moved.lowerEntry(usual);
        Map.Entry<Double, Double> above = moved.higherEntry(usual);
        if (is > below.getValue() && is < above.getValue()) {
            moved.put(usual, is);
            from.put(level, measure);
        }
    }

    double at(double usual) {
        Map.Entry<Double, Double> below = moved.floorEntry(usual);
        Map.Entry<Double, Double> above = moved.ceilingEntry(usual);
        if (below.getKey().equals(above.getKey())) {
            return below.getValue();
        }
        double share = (usual - below.getKey()) / (above.getKey() - below.getKey());
        return below.getValue() + share * (above.getValue() - below.getValue());
    }
}
