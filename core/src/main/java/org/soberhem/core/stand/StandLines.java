package org.soberhem.core.stand;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.figure.Place;
import org.soberhem.core.plate.LineWeight;
import org.soberhem.core.plate.SurfaceLine;
import org.soberhem.core.stand.TrunkModel.At;

/** The lines that are drawn on a stand: its middles and sides, neck and levels. */
final class StandLines {

    /** Level lines lie so far apart, millimetres. */
    private static final double APART = 50;

    private StandLines() {}

    static List<SurfaceLine> trunk(TrunkSurface trunk) {
        List<SurfaceLine> lines = new ArrayList<>();
        for (int column : new int[] {Angles.FRONT, Angles.BACK}) {
            lines.add(new SurfaceLine(
                    LineWeight.SEAM, column(trunk, column, 0, trunk.marks().row(At.NECK_ROOT))));
        }
        for (int column : new int[] {Angles.LEFT, Angles.RIGHT}) {
            lines.add(new SurfaceLine(
                    LineWeight.SEAM, column(trunk, column, 0, trunk.marks().row(At.ARMPIT))));
            lines.add(new SurfaceLine(
                    LineWeight.SEAM,
                    column(
                            trunk,
                            column,
                            trunk.marks().row(At.SHOULDER),
                            trunk.marks().row(At.NECK_ROOT))));
        }
        lines.add(new SurfaceLine(LineWeight.SEAM, row(trunk, trunk.marks().row(At.NECK_ROOT))));
        for (int row = trunk.marks().row(At.CHEST); row < trunk.marks().row(At.NECK_ROOT); row += 3) {
            lines.add(new SurfaceLine(LineWeight.LEVEL, row(trunk, row)));
        }
        double from = trunk.marks().height(At.FORK);
        for (double height = from + APART / 2; height < trunk.marks().height(At.CHEST); height += APART) {
            List<Place> round = new ArrayList<>(trunk.level(height));
            round.add(round.get(0));
            lines.add(new SurfaceLine(LineWeight.LEVEL, round));
        }
        return lines;
    }

    private static List<Place> column(TrunkSurface trunk, int column, int from, int to) {
        List<Place> places = new ArrayList<>();
        for (int row = from; row <= to; row++) {
            places.add(trunk.grid().place(row, column));
        }
        return places;
    }

    private static List<Place> row(TrunkSurface trunk, int row) {
        List<Place> places = new ArrayList<>();
        for (int column = 0; column <= Angles.COLUMNS; column++) {
            places.add(trunk.grid().place(row, column % Angles.COLUMNS));
        }
        return places;
    }
}
