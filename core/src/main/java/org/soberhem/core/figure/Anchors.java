package org.soberhem.core.figure;

import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;

/** Moves usual levels to where the wearer's own lengths put them, evenly between. */
final class Anchors {

    /** A taut tape follows the hollow of the back: so much of it is height. */
    private static final double PLUMB = 0.98;

    private final FigurePlan plan;
    private final TreeMap<Double, Double> moved = new TreeMap<>();

    /**
     * @param read returns the reading of a measure in millimetres, or NaN
     */
    Anchors(FigurePlan plan, FigurePlan.ByAge age, double height, ToDoubleFunction<String> read) {
        this.plan = plan;
        double fork = age.fork() * height;
        double chin = age.chin() * height;
        moved.put(0.0, 0.0);
        moved.put(height, height);
        double inside = read.applyAsDouble("inside-leg");
        put(fork, inside);
        double waist = fork + (chin - fork) * level("waist").at();
        double usualNape = fork + (chin - fork) * (level("neck-base").at() + 0.06);
        double nape = read.applyAsDouble("nape-to-floor");
        double back = read.applyAsDouble("nape-to-waist");
        put(usualNape, nape);
        double napeAt = at(usualNape);
        put(waist, napeAt - back * PLUMB);
        double hip = fork + (chin - fork) * level("hip").at();
        put(hip, at(waist) - read.applyAsDouble("waist-to-full-hip") * PLUMB);
        double armpit = fork + (chin - fork) * level("armpit").at();
        put(armpit, napeAt - read.applyAsDouble("scye-depth"));
    }

    private FigurePlan.Level level(String name) {
        return plan.trunk().stream()
                .filter(level -> level.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Takes a reading only if the order of the levels stays what it is on every body. */
    private void put(double usual, double is) {
        Map.Entry<Double, Double> below = moved.lowerEntry(usual);
        Map.Entry<Double, Double> above = moved.higherEntry(usual);
        if (is > below.getValue() && is < above.getValue()) {
            moved.put(usual, is);
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
