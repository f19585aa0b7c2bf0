package org.soberhem.core.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Heights of a traced piece whose place and width on the wearer are known. What lies between two of them is carried
 * along in its proportion; what lies beyond the last grows as the lengths do.
 */
final class Stations {

    /** Heights nearer to each other are one, in millimetres. */
    private static final double SAME = 0.5;

    private final List<Station> stations = new ArrayList<>();
    private final String longer;
    private final boolean fromMiddle;

    /**
     * A known height.
     *
     * @param y where it is drawn
     * @param at formula of where it lies on the wearer
     * @param wide formula of how much broader the wearer is there
     */
    private record Station(double y, String at, String wide) {}

    /**
     * @param longer formula of how much longer the wearer is
     * @param fromMiddle whether x = 0 is the body's middle
     */
    Stations(String longer, boolean fromMiddle) {
        this.longer = longer;
        this.fromMiddle = fromMiddle;
    }

    /** Adds a height; where one is known already, that stays. */
    void add(double y, String at, String wide) {
        if (stations.stream().noneMatch(station -> Math.abs(station.y() - y) < SAME)) {
            stations.add(new Station(y, at, wide));
            stations.sort(Comparator.comparingDouble(Station::y));
        }
    }

    boolean isEmpty() {
        return stations.isEmpty();
    }

    /** Returns the lowest height that is known. */
    double lowest() {
        return stations.get(stations.size() - 1).y();
    }

    /** Returns the formula of where a height lies. */
    String along(double y) {
        int after = after(y);
        if (after == 0) {
            return FormulaText.plus(stations.get(0).at(), y - stations.get(0).y(), longer);
        }
        Station before = stations.get(after - 1);
        if (after == stations.size()) {
            return FormulaText.plus(before.at(), y - before.y(), longer);
        }
        return FormulaText.between(before.at(), stations.get(after).at(), share(y, after));
    }

    /** Returns the formula of how much broader the wearer is at a height. */
    String wide(double y) {
        int after = after(y);
        if (after == 0) {
            return stations.get(0).wide();
        }
        Station before = stations.get(after - 1);
        return after == stations.size()
                ? before.wide()
                : FormulaText.between(before.wide(), stations.get(after).wide(), share(y, after));
    }

    /** Returns the formula of how far out a place lies; what lies beyond the middle stays as broad as it is drawn. */
    String out(double x, double y) {
        return fromMiddle && x <= 0 ? FormulaText.mm(x) : FormulaText.times(x, FormulaText.bracketed(wide(y)));
    }

    private int after(double y) {
        int after = 0;
        while (after < stations.size() && stations.get(after).y() <= y) {
            after++;
        }
        return after;
    }

    private double share(double y, int after) {
        Station before = stations.get(after - 1);
        return (y - before.y()) / (stations.get(after).y() - before.y());
    }
}
