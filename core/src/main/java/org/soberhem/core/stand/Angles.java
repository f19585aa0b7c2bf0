package org.soberhem.core.stand;

/**
 * The directions in which a surface is sampled round its middle: 0 to the wearer's left, then forward, right, behind.
 * Sines and cosines are the strict ones, so that every machine makes the same stand.
 */
final class Angles {

    /** Columns round a surface; a multiple of four. */
    static final int COLUMNS = 96;

    static final int LEFT = 0;
    static final int FRONT = COLUMNS / 4;
    static final int RIGHT = COLUMNS / 2;
    static final int BACK = COLUMNS * 3 / 4;

    static final double[] COS = new double[COLUMNS];
    static final double[] SIN = new double[COLUMNS];
    static final double[] COS3 = new double[COLUMNS];
    static final double[] SIN3 = new double[COLUMNS];

    static {
        for (int i = 0; i < COLUMNS; i++) {
            double angle = 2 * Math.PI * i / COLUMNS;
            COS[i] = StrictMath.cos(angle);
            SIN[i] = StrictMath.sin(angle);
            COS3[i] = StrictMath.cos(3 * angle);
            SIN3[i] = StrictMath.sin(3 * angle);
        }
    }

    private Angles() {}

    /** Returns the column that mirrors one at the wearer's middle. */
    static int mirrored(int column) {
        return Math.floorMod(COLUMNS / 2 - column, COLUMNS);
    }
}
