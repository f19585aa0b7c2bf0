package org.soberhem.core.stand;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import org.soberhem.core.figure.Place;

/** A tape drawn taut in a plane: it spans hollows, so that it lies on a convex hull. */
final class Taut {

    /**
     * A place of a surface as it lies in the plane of a tape.
     *
     * @param along coordinate along the tape's chord, millimetres
     * @param out coordinate outwards from the body
     * @param place in space
     */
    record Spot(double along, double out, Place place) {}

    private Taut() {}

    /** Returns a tape drawn round places of a plane, in any order. */
    static TapeRun round(List<Spot> spots) {
        return new TapeRun(hull(spots).stream().map(Spot::place).toList(), true);
    }

    /**
     * Returns a tape from the first to the last place, taut over those between that stand out from the straight line.
     */
    static TapeRun over(List<Spot> way) {
        Spot from = way.get(0);
        Spot to = way.get(way.size() - 1);
        List<Spot> out = new ArrayList<>();
        for (Spot spot : way) {
            if (turn(from, to, spot) >= 0) {
                out.add(spot);
            }
        }
        List<Spot> hull = hull(out);
        Collections.rotate(hull, -hull.indexOf(to));
        List<Place> back = new ArrayList<>();
        for (Spot spot : hull) {
            back.add(spot.place());
            if (spot == from) {
                break;
            }
        }
        Collections.reverse(back);
        return new TapeRun(back, false);
    }

    /**
     * Returns the corners of the convex hull, anticlockwise.
     *
     * @see "A. M. Andrew, Another efficient algorithm for convex hulls in two dimensions, Information Processing
     *     Letters 9 (1979)"
     */
    private static List<Spot> hull(List<Spot> spots) {
        Spot[] sorted = spots.toArray(Spot[]::new);
        Arrays.sort(
                sorted,
                (a, b) -> a.along() == b.along()
                        ? Double.compare(a.out(), b.out())
                        : Double.compare(a.along(), b.along()));
        Spot[] hull = new Spot[2 * sorted.length + 1];
        int size = 0;
        for (Spot spot : sorted) {
            size = turned(hull, size, 2, spot);
        }
        int lower = size + 1;
        for (int i = sorted.length - 2; i >= 0; i--) {
            size = turned(hull, size, lower, sorted[i]);
        }
        return new ArrayList<>(Arrays.asList(hull).subList(0, Math.max(1, size - 1)));
    }

    /** Adds a place and takes away those before it that lie within. */
    private static int turned(Spot[] hull, int size, int least, Spot spot) {
        int kept = size;
        while (kept >= least && turn(hull[kept - 2], hull[kept - 1], spot) <= 0) {
            kept--;
        }
        hull[kept] = spot;
        return kept + 1;
    }

    private static double turn(Spot a, Spot b, Spot c) {
        return (b.along() - a.along()) * (c.out() - a.out()) - (b.out() - a.out()) * (c.along() - a.along());
    }
}
