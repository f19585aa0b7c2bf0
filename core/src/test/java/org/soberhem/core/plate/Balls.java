package org.soberhem.core.plate;

/** Balls and eggs, whose outlines and distances are known. */
final class Balls {

    private Balls() {}

    /**
     * Returns a closed surface of rows and columns.
     *
     * @param deep its half axis forward as a share of the others
     */
    static Mesh ball(String name, double radius, double deep, double y, double z) {
        int columns = 96;
        int rows = 61;
        double[] at = new double[3 * rows * columns];
        for (int row = 0; row < rows; row++) {
            double down = Math.PI * row / (rows - 1);
            double out = row == 0 || row == rows - 1 ? 0 : Math.sin(down);
            for (int column = 0; column < columns; column++) {
                double round = 2 * Math.PI * column / columns;
                int i = 3 * (row * columns + column);
                at[i] = radius * out * Math.cos(round);
                at[i + 1] = y - radius * Math.cos(down);
                at[i + 2] = z + radius * deep * out * Math.sin(round);
            }
        }
        return new Mesh.Maker().wall(columns, at, true).made(name);
    }
}
