package org.soberhem.core.figure;

import java.util.List;
import java.util.Map;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;

/**
 * How a body is put together where it was not measured.
 *
 * @param ages proportions that change with age
 * @param trunk cross-sections from the neck down
 * @param legs cross-sections from the thigh down
 * @param arms cross-sections from the shoulder down
 * @param hang how cloth hangs on it
 * @param references heights of levels on the bodies that the silhouettes were thought out on, shares of the height, by
 *     who
 */
public record FigurePlan(
        Map<Age, ByAge> ages,
        List<Level> trunk,
        List<Level> legs,
        List<Level> arms,
        DressedFigure.Hang hang,
        Map<String, Map<String, Double>> references) {

    /**
     * @param chin height of the chin, share of the height
     * @param fork height of the fork, share of the height
     * @param girths factor on the shares of the levels
     */
    public record ByAge(double chin, double fork, double girths) {}

    /**
     * Where a cross-section lies and how it usually looks.
     *
     * @param name of the level
     * @param at share of the trunk from fork to chin, of the leg from the floor, or of the arm from the shoulder
     * @param girth share of the height, of a wearer with a bust
     * @param flat the same of one without
     * @param ratio depth to breadth
     * @param centre how far its middle lies before the ankles, share of the height
     * @param follows how far its girth follows that of the other levels: 1 wholly, 0 not at all
     * @param measures girths that are read there, by catalogue id, the best first
     */
    public record Level(
            String name,
            double at,
            double girth,
            double flat,
            double ratio,
            double centre,
            double follows,
            List<String> measures) {
        public Level {
            measures = List.copyOf(measures);
        }
    }

    public FigurePlan {
        ages = Map.copyOf(ages);
        trunk = List.copyOf(trunk);
        legs = List.copyOf(legs);
        arms = List.copyOf(arms);
        references = Map.copyOf(references);
    }

    /** Returns the usual girth of a level as a share of the height. */
    double usualGirth(Level level, Build build) {
        return (build.bust() ? level.girth() : level.flat())
                * ages.get(build.age()).girths();
    }
}
