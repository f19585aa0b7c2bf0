package org.soberhem.core.cloth;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;

/** Draws pieces that do not overlap straight up towards the beginning of the cloth until they touch. */
final class Settling {

    private static final Point DOWN = new Point(0, 1);

    /** Less is rounding, in millimetres. */
    private static final double TINY = 1e-7;

    private Settling() {}

    /**
     * A piece where it lies.
     *
     * @param fixed whether it stays
     */
    record Lying(Outline outline, boolean fixed) {}

    /** Returns by how much each goes up, in millimetres. */
    static double[] up(List<Lying> lying) {
        int many = lying.size();
        double[] up = new double[many];
        Outline[] now = lying.stream().map(Lying::outline).toArray(Outline[]::new);
        Integer[] order = IntStream.range(0, many).boxed().toArray(Integer[]::new);
        Arrays.sort(
                order,
                Comparator.comparingDouble(i -> lying.get(i).outline().box().minY()));
        for (int i : order) {
            if (lying.get(i).fixed()) {
                continue;
            }
            double free = now[i].box().minY();
            for (int j = 0; j < many && free > 0; j++) {
                if (i != j) {
                    free = Math.min(free, above(now[i], now[j]));
                }
            }
            up[i] = Math.max(0, free);
            now[i] = Shapes.moved(now[i], 0, -up[i]);
        }
        return up;
    }

    /** Returns how far a shape can go up before it meets another that lies above some of it. */
    static double above(Outline shape, Outline other) {
        Box box = shape.box();
        Box there = other.box();
        double left = Math.max(box.minX(), there.minX());
        double right = Math.min(box.maxX(), there.maxX());
        if (right - left < TINY || there.minY() >= box.maxY()) {
            return Double.MAX_VALUE;
        }
        TreeSet<Double> bends = new TreeSet<>(List.of(left, right));
        for (Outline each : List.of(shape, other)) {
            each.corners().stream()
                    .map(Point::x)
                    .filter(x -> x > left && x < right)
                    .forEach(bends::add);
        }
        double free = Double.MAX_VALUE;
        double before = bends.first();
        for (double bend : bends.tailSet(before, false)) {
            double inside = Math.min(TINY, (bend - before) / 4);
            free = Math.min(free, above(shape, other, before + inside));
            free = Math.min(free, above(shape, other, bend - inside));
            before = bend;
        }
        return free;
    }

    private static double above(Outline shape, Outline other, double x) {
        List<Double> mine = shape.cuts(new Point(x, 0), DOWN);
        List<Double> theirs = other.cuts(new Point(x, 0), DOWN);
        double free = Double.MAX_VALUE;
        for (int i = 0; i < mine.size(); i += 2) {
            for (int j = 1; j < theirs.size(); j += 2) {
                double apart = mine.get(i) - theirs.get(j);
                if (apart > -1e-3) {
                    free = Math.min(free, Math.max(0, apart));
                }
            }
        }
        return free;
    }
}
