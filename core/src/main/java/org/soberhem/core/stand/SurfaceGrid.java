package org.soberhem.core.stand;

import org.soberhem.core.figure.Place;

/**
 * A surface sampled in rows, from below upwards, of equally many columns round it.
 *
 * @param rows how many
 * @param columns how many
 * @param at coordinates: three numbers a place, row after row; millimetres
 */
record SurfaceGrid(int rows, int columns, double[] at) {

    SurfaceGrid(int rows, int columns) {
        this(rows, columns, new double[3 * rows * columns]);
    }

    int index(int row, int column) {
        return 3 * (row * columns + column);
    }

    double x(int row, int column) {
        return at[index(row, column)];
    }

    double y(int row, int column) {
        return at[index(row, column) + 1];
    }

    double z(int row, int column) {
        return at[index(row, column) + 2];
    }

    Place place(int row, int column) {
        int i = index(row, column);
        return new Place(at[i], at[i + 1], at[i + 2]);
    }

    void put(int row, int column, double x, double y, double z) {
        int i = index(row, column);
        at[i] = x;
        at[i + 1] = y;
        at[i + 2] = z;
    }

    /** Returns the place on a column at a share between two rows, on the cubic through the four rows about it. */
    Place between(int row, int column, double share) {
        int a = index(Math.max(0, row - 1), column);
        int b = index(row, column);
        int c = index(row + 1, column);
        int d = index(Math.min(rows - 1, row + 2), column);
        double t = share;
        boolean first = row == 0;
        boolean last = row + 2 >= rows;
        // Where a fourth row is wanting, the quadratic through three.
        double wa = first ? 0 : last ? -t * (1 - t) / 2 : -t * (t - 1) * (t - 2) / 6;
        double wb = first ? (1 - t) * (2 - t) / 2 : last ? (1 - t) * (1 + t) : (t + 1) * (t - 1) * (t - 2) / 2;
        double wc = first ? t * (2 - t) : last ? t * (1 + t) / 2 : -(t + 1) * t * (t - 2) / 2;
        double wd = first ? -t * (1 - t) / 2 : last ? 0 : (t + 1) * t * (t - 1) / 6;
        return new Place(
                wa * at[a] + wb * at[b] + wc * at[c] + wd * at[d],
                wa * at[a + 1] + wb * at[b + 1] + wc * at[c + 1] + wd * at[d + 1],
                wa * at[a + 2] + wb * at[b + 2] + wc * at[c + 2] + wd * at[d + 2]);
    }

    /** Returns the place on a column at a row and a share of the way to the next. */
    Place at(double row, int column) {
        int whole = (int) Math.max(0, Math.min(rows - 2, Math.floor(row)));
        return between(whole, column, Math.max(0, Math.min(1, row - whole)));
    }

    /** Returns the row, with its share of the way to the next, at which a column first reaches a height. */
    double rowAt(int column, double height, int lowest, int highest) {
        for (int row = lowest; row < highest; row++) {
            double above = y(row + 1, column);
            if (above >= height) {
                double below = y(row, column);
                return above == below ? row : row + Math.max(0, Math.min(1, (height - below) / (above - below)));
            }
        }
        return highest;
    }
}
