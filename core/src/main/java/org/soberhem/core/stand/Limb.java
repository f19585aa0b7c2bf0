package org.soberhem.core.stand;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.Place;

/**
 * An arm or a leg: rows from above downwards, the first column to the wearer's left.
 *
 * @param name of the part
 * @param grid its surface
 * @param levels rows at which its girths are read
 */
record Limb(String name, SurfaceGrid grid, Map<String, Integer> levels) {

    /** Rows between two rings. */
    static final int SPANS = 4;

    Limb {
        levels = Map.copyOf(levels);
    }

    /** Returns it with the girths that were read: their rows made as long, the rows beside them with them. */
    Limb asRead(BodyFigure body) {
        SurfaceGrid made =
                new SurfaceGrid(grid.rows(), grid.columns(), grid.at().clone());
        Limb limb = new Limb(name, made, levels);
        Map<String, Double> factors = new LinkedHashMap<>();
        for (String level : levels.keySet().stream().sorted().toList()) {
            if (body.at(level).measured()) {
                factors.put(level, body.at(level).girth() / girth(level).length());
            }
        }
        factors.forEach((level, factor) -> limb.scale(levels.get(level), factor));
        return limb;
    }

    private void scale(int level, double factor) {
        for (int row = Math.max(0, level - SPANS + 1); row < Math.min(grid.rows(), level + SPANS); row++) {
            double t = Math.abs(row - level) / (double) SPANS;
            double by = 1 + (factor - 1) * (1 - Smooth.step(t));
            Place middle = TrunkSurface.mix(grid.place(row, Angles.LEFT), grid.place(row, Angles.RIGHT), 0.5);
            for (int column = 0; column < grid.columns(); column++) {
                Place place = TrunkSurface.mix(middle, grid.place(row, column), by);
                grid.put(row, column, place.x(), place.y(), place.z());
            }
        }
    }

    /** Returns it on the other side of the wearer. */
    Limb mirrored(String otherName) {
        SurfaceGrid other = new SurfaceGrid(grid.rows(), grid.columns());
        for (int row = 0; row < grid.rows(); row++) {
            for (int column = 0; column < grid.columns(); column++) {
                Place place = grid.place(row, Angles.mirrored(column));
                other.put(row, column, 0.0 - place.x(), place.y(), place.z());
            }
        }
        return new Limb(otherName, other, levels);
    }

    /** Returns how the tape goes round it at a level. */
    TapeRun girth(String level) {
        List<Place> round = new ArrayList<>();
        for (int i = 0; i < grid.columns(); i++) {
            round.add(grid.place(levels.get(level), i));
        }
        return new TapeRun(round, true);
    }

    /** Returns the middles of its rows, from above downwards. */
    List<Place> axis() {
        List<Place> axis = new ArrayList<>();
        for (int row = 0; row < grid.rows(); row++) {
            axis.add(TrunkSurface.mix(grid.place(row, Angles.LEFT), grid.place(row, Angles.RIGHT), 0.5));
        }
        return axis;
    }

    Place at(String level, int column) {
        return grid.place(levels.get(level), column);
    }
}
