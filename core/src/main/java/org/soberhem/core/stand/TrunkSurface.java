package org.soberhem.core.stand;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.soberhem.core.figure.Place;
import org.soberhem.core.stand.TrunkModel.At;

/**
 * A trunk's surface with its landmarks, and how it is cut.
 *
 * @param grid rows from the fork upwards
 * @param marks where the tape begins and ends
 * @param levels sections that were cut already, by height
 */
record TrunkSurface(SurfaceGrid grid, TrunkLandmarks marks, Map<Double, List<Place>> levels) {

    private static final Place UP = new Place(0, 1, 0);

    TrunkSurface(SurfaceGrid grid, TrunkLandmarks marks) {
        this(grid, marks, new ConcurrentHashMap<>());
    }

    /** Returns a landmark on the middle or side line of the surface. */
    Place at(At ring, int column) {
        return grid.place(marks.row(ring), column);
    }

    /** Returns the place where a column passes a height between two rings. */
    Place onColumn(int column, double height, At from, At to) {
        int last = Math.min(marks.row(to), grid.rows() - 1) - 1;
        for (int row = marks.row(from); row <= last; row++) {
            double below = grid.y(row, column);
            double above = grid.y(row + 1, column);
            if (above >= height || row == last) {
                double share = Math.max(0, Math.min(1, above == below ? 0 : (height - below) / (above - below)));
                double miss = grid.between(row, column, share).y() - Math.max(below, Math.min(above, height));
                return grid.between(row, column, above == below ? 0 : share - miss / (above - below));
            }
        }
        throw new IllegalArgumentException("no rows between " + from + " and " + to);
    }

    /**
     * Returns where a plane cuts the columns, for those that it cuts.
     *
     * @param through a place of the plane
     * @param normal of the plane, pointing upwards
     * @param from first column
     * @param count how many
     */
    List<Place> cut(Place through, Place normal, int from, int count, At lowest, At highest) {
        double level = dot(normal, through);
        int first = marks.row(lowest);
        int last = Math.min(marks.row(highest), grid.rows() - 1);
        List<Place> cut = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            int column = (from + i) % grid.columns();
            double below = side(first, column, normal, level);
            for (int row = first + 1; row <= last; row++) {
                double above = side(row, column, normal, level);
                if (below <= 0 && above > 0) {
                    double share = below / (below - above);
                    double miss = dot(normal, grid.between(row - 1, column, share)) - level;
                    cut.add(grid.between(row - 1, column, share - miss / (above - below)));
                    break;
                }
                below = above;
            }
        }
        return cut;
    }

    private double side(int row, int column, Place normal, double level) {
        int i = grid.index(row, column);
        return normal.x() * grid.at()[i] + normal.y() * grid.at()[i + 1] + normal.z() * grid.at()[i + 2] - level;
    }

    /** Returns the level section at a height, all round. */
    List<Place> level(double height) {
        return levels.computeIfAbsent(
                height, at -> cut(new Place(0, at, 0), UP, 0, grid.columns(), At.FORK, At.NECK_TOP));
    }

    /** Returns a section whose front lies higher: up for each millimetre forward. */
    List<Place> slanted(double height, double rise) {
        double length = Math.sqrt(1 + rise * rise);
        return cut(
                new Place(0, height, grid.z(marks.row(At.ARMPIT), 0)),
                new Place(0, 1 / length, -rise / length),
                0,
                grid.columns(),
                At.FORK,
                At.SHOULDER_HALF);
    }

    /**
     * Returns where an upright plane cuts the rows in one quarter of the surface, from the lower row to the upper.
     *
     * @param normal of the plane, level or nearly so
     * @param from first column of the quarter
     */
    List<Place> upright(Place through, Place normal, int from, int lowest, int highest) {
        double level = dot(normal, through);
        List<Place> cut = new ArrayList<>();
        for (int row = lowest; row <= highest; row++) {
            for (int i = 0; i < grid.columns() / 4; i++) {
                int column = (from + i) % grid.columns();
                int next = (column + 1) % grid.columns();
                double a = side(row, column, normal, level);
                double b = side(row, next, normal, level);
                if (a == 0 || a < 0 != b < 0) {
                    cut.add(mix(grid.place(row, column), grid.place(row, next), a == b ? 0 : a / (a - b)));
                    break;
                }
            }
        }
        return cut;
    }

    /** Returns how far forward a taut tape would lie in the middle of a row: it spans the hollow between two mounds. */
    double foremost(int row) {
        double most = grid.z(row, Angles.FRONT);
        for (int i = 1; i < Angles.COLUMNS / 6; i++) {
            most = Math.max(most, Math.min(grid.z(row, Angles.FRONT - i), grid.z(row, Angles.FRONT + i)));
        }
        return most;
    }

    /** Returns the bust point; on a body without a bust, where it is reckoned. */
    Place bustPoint(boolean left) {
        double x = left ? marks.apart() : -marks.apart();
        List<Place> section = level(marks.height(At.BUST));
        Place before = section.get(Angles.FRONT);
        int step = left ? -1 : 1;
        for (int i = 1; i < Angles.FRONT; i++) {
            Place next = section.get(Angles.FRONT + step * i);
            if (Math.abs(next.x()) >= Math.abs(x)) {
                return mix(before, next, (x - before.x()) / (next.x() - before.x()));
            }
            before = next;
        }
        return before;
    }

    static Place mix(Place a, Place b, double share) {
        return new Place(
                a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y()), a.z() + share * (b.z() - a.z()));
    }

    static double dot(Place a, Place b) {
        return a.x() * b.x() + a.y() * b.y() + a.z() * b.z();
    }

    static Place cross(Place a, Place b) {
        return new Place(a.y() * b.z() - a.z() * b.y(), a.z() * b.x() - a.x() * b.z(), a.x() * b.y() - a.y() * b.x());
    }

    static Place minus(Place a, Place b) {
        return new Place(a.x() - b.x(), a.y() - b.y(), a.z() - b.z());
    }

    static Place unit(Place a) {
        double length = Math.sqrt(dot(a, a));
        return new Place(a.x() / length, a.y() / length, a.z() / length);
    }
}
