package org.soberhem.core.stand;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.soberhem.core.figure.Place;
import org.soberhem.core.geometry.Point;

/**
 * A curved panel laid flat as rigidly as can be.
 *
 * @see "L. Liu, L. Zhang, Y. Xu, C. Gotsman, S. J. Gortler, A local/global approach to mesh parameterization, Computer
 *     Graphics Forum 27 (2008)"
 */
final class Flattening {

    private static final int ROUNDS = 300;

    private final int rows;
    private final int columns;
    private final double[] at;
    private final List<int[]> triangles = new ArrayList<>();
    private final List<double[]> shapes = new ArrayList<>();
    private final List<double[]> weights = new ArrayList<>();

    /** @param grid rows from below upwards, columns from left to right */
    Flattening(Place[][] grid) {
        rows = grid.length;
        columns = grid[0].length;
        at = new double[2 * rows * columns];
        Place[] places = new Place[rows * columns];
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                int i = row * columns + column;
                places[i] = grid[row][column];
                at[2 * i] = column == 0 ? 0 : at[2 * i - 2] + places[i].distanceTo(places[i - 1]);
                at[2 * i + 1] = row == 0 ? 0 : at[2 * (i - columns) + 1] - places[i].distanceTo(places[i - columns]);
            }
        }
        for (int row = 0; row + 1 < rows; row++) {
            for (int column = 0; column + 1 < columns; column++) {
                int a = row * columns + column;
                add(places, a, a + 1, a + columns + 1);
                add(places, a, a + columns + 1, a + columns);
            }
        }
        DecompositionSolver solver = solver();
        for (int round = 0; round < ROUNDS; round++) {
            relax(solver);
        }
    }

    private void add(Place[] places, int a, int b, int c) {
        double ab = places[a].distanceTo(places[b]);
        double ac = places[a].distanceTo(places[c]);
        double bc = places[b].distanceTo(places[c]);
        double x = (ab * ab + ac * ac - bc * bc) / (2 * ab);
        double y = Math.sqrt(Math.max(1e-6, ac * ac - x * x));
        triangles.add(new int[] {a, b, c});
        // On paper y goes down.
        double[] shape = {0, 0, ab, 0, x, -y};
        shapes.add(shape);
        double[] cotangents = new double[3];
        for (int k = 0; k < 3; k++) {
            double ux = shape[2 * ((k + 1) % 3)] - shape[2 * k];
            double uy = shape[2 * ((k + 1) % 3) + 1] - shape[2 * k + 1];
            double vx = shape[2 * ((k + 2) % 3)] - shape[2 * k];
            double vy = shape[2 * ((k + 2) % 3) + 1] - shape[2 * k + 1];
            cotangents[k] = Math.max(0.05, (ux * vx + uy * vy) / Math.abs(ux * vy - uy * vx));
        }
        weights.add(cotangents);
    }

    /** The weights between the places; the first place is held. */
    private DecompositionSolver solver() {
        RealMatrix matrix = new Array2DRowRealMatrix(rows * columns, rows * columns);
        matrix.addToEntry(0, 0, 1);
        for (int t = 0; t < triangles.size(); t++) {
            for (int k = 0; k < 3; k++) {
                int i = triangles.get(t)[(k + 1) % 3];
                int j = triangles.get(t)[(k + 2) % 3];
                double weight = weights.get(t)[k];
                matrix.addToEntry(i, i, weight);
                matrix.addToEntry(j, j, weight);
                matrix.addToEntry(i, j, -weight);
                matrix.addToEntry(j, i, -weight);
            }
        }
        return new CholeskyDecomposition(matrix).getSolver();
    }

    /** Turns every triangle as it lies, then puts every place where its triangles want it. */
    private void relax(DecompositionSolver solver) {
        RealVector outs = new ArrayRealVector(rows * columns);
        RealVector downs = new ArrayRealVector(rows * columns);
        for (int t = 0; t < triangles.size(); t++) {
            int[] corner = triangles.get(t);
            double[] shape = shapes.get(t);
            double along = 0;
            double across = 0;
            for (int k = 0; k < 3; k++) {
                int i = (k + 1) % 3;
                int j = (k + 2) % 3;
                double weight = weights.get(t)[k];
                double qx = shape[2 * j] - shape[2 * i];
                double qy = shape[2 * j + 1] - shape[2 * i + 1];
                double ux = at[2 * corner[j]] - at[2 * corner[i]];
                double uy = at[2 * corner[j] + 1] - at[2 * corner[i] + 1];
                along += weight * (qx * ux + qy * uy);
                across += weight * (qx * uy - qy * ux);
            }
            double size = Math.hypot(along, across);
            double cosine = along / size;
            double sine = across / size;
            for (int k = 0; k < 3; k++) {
                for (int[] pair : new int[][] {{(k + 1) % 3, (k + 2) % 3}, {(k + 2) % 3, (k + 1) % 3}}) {
                    int i = corner[pair[0]];
                    double weight = weights.get(t)[k];
                    double qx = shape[2 * pair[0]] - shape[2 * pair[1]];
                    double qy = shape[2 * pair[0] + 1] - shape[2 * pair[1] + 1];
                    outs.addToEntry(i, weight * (cosine * qx - sine * qy));
                    downs.addToEntry(i, weight * (sine * qx + cosine * qy));
                }
            }
        }
        RealVector out = solver.solve(outs);
        RealVector down = solver.solve(downs);
        for (int i = 0; i < rows * columns; i++) {
            at[2 * i] = out.getEntry(i);
            at[2 * i + 1] = down.getEntry(i);
        }
    }

    Point[][] flat() {
        Point[][] flat = new Point[rows][columns];
        for (int i = 0; i < rows * columns; i++) {
            flat[i / columns][i % columns] = new Point(at[2 * i], at[2 * i + 1]);
        }
        return flat;
    }
}
