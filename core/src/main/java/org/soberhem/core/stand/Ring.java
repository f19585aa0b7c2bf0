package org.soberhem.core.stand;

import static org.soberhem.core.stand.Angles.COLUMNS;
import static org.soberhem.core.stand.Angles.COS;
import static org.soberhem.core.stand.Angles.COS3;
import static org.soberhem.core.stand.Angles.SIN;
import static org.soberhem.core.stand.Angles.SIN3;

/**
 * A control ring round a body: an oval whose sides, front and back may lie at heights of their own. Millimetres.
 *
 * @param breadth half of it
 * @param depth half of it
 * @param middle z of its sides
 * @param forward how far front and back lie before (-: behind) an oval with that middle
 * @param square third harmonic: 0 an ellipse, more the squarer
 * @param heights of its left, front, right and back
 */
record Ring(double breadth, double depth, double middle, double forward, double square, double[] heights) {

    /** Returns a level ring. */
    static Ring level(double height, double breadth, double depth, double middle, double forward, double square) {
        return new Ring(breadth, depth, middle, forward, square, new double[] {height, height, height, height});
    }

    /**
     * Returns a ring that reaches from a front to a back.
     *
     * @param sides z of its sides
     */
    static Ring between(double breadth, double front, double back, double sides, double square, double[] heights) {
        return new Ring(breadth, (front - back) / 2, sides, (front + back) / 2 - sides, square, heights);
    }

    void into(SurfaceGrid rings, int row) {
        double left = heights[0];
        double front = heights[1];
        double right = heights[2];
        double back = heights[3];
        for (int i = 0; i < COLUMNS; i++) {
            double across = COS[i] * COS[i];
            double along = SIN[i] * SIN[i];
            double x = breadth * (COS[i] - square * COS3[i]) / (1 - square);
            double z = middle + depth * (SIN[i] + square * SIN3[i]) / (1 - square) + forward * along;
            double y = along * ((front + back) / 2 + (front - back) / 2 * SIN[i])
                    + across * ((left + right) / 2 + (left - right) / 2 * COS[i]);
            rings.put(row, i, x, y, z);
        }
    }
}
