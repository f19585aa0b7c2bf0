package org.soberhem.core.worn;

import java.util.List;

/**
 * Two runs of edges that are sewn together on one side of the wearer, both walked from the same end.
 *
 * @param name in words
 * @param kind what it is
 * @param first edges in the order in which they are walked
 * @param second edges in the order in which they are walked
 * @param knots places that meet, from the beginning to the end: two distances along the runs each, millimetres
 */
public record SewnSeam(String name, Kind kind, List<Stretch> first, List<Stretch> second, List<double[]> knots) {

    /** What is sewn. */
    public enum Kind {
        SEAM,
        DART,
        /** Left and right along the middle: a seam, a fold or a fastening, closed. */
        MIDDLE
    }

    /**
     * One edge on its way along a seam, whole as the pattern has it.
     *
     * @param piece number of the piece in the worn pattern
     * @param edge name of the edge
     * @param reversed whether it is walked against the outline
     * @param from where it begins on its run, millimetres
     * @param to where it ends
     */
    public record Stretch(int piece, String edge, boolean reversed, double from, double to) {

        /** Returns the share of the edge at a distance along the run. */
        double share(double along) {
            double share = to == from ? 0 : (along - from) / (to - from);
            return reversed ? 1 - share : share;
        }
    }

    public SewnSeam {
        first = List.copyOf(first);
        second = List.copyOf(second);
        knots = List.copyOf(knots);
    }

    /** Says whether both sides run the same way round their pieces, so that one of them must be turned over. */
    public boolean turnsOver() {
        return first.get(0).reversed() == second.get(0).reversed();
    }

    /** Says whether it joins two pieces. */
    public boolean joins(int one, int other) {
        return touches(first, one) && touches(second, other) || touches(first, other) && touches(second, one);
    }

    static boolean touches(List<Stretch> run, int piece) {
        return run.stream().anyMatch(each -> each.piece() == piece);
    }
}
