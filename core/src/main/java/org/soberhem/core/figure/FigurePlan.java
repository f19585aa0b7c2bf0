package org.soberhem.core.figure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.body.Age;

/**
 * How a body is put together where it was not measured, and how the tape lies on it.
 *
 * @param ages proportions that change with age
 * @param trunk cross-sections from the neck down
 * @param legs cross-sections from the thigh down
 * @param arms cross-sections from the shoulder down
 * @param tapes how the tape lies, by catalogue id
 * @param hang how cloth hangs on it
 * @param references heights of levels on the bodies that the silhouettes were thought out on, shares of the height, by
 *     who
 */
public record FigurePlan(
        Map<Age, ByAge> ages,
        List<Level> trunk,
        List<Level> legs,
        List<Level> arms,
        Map<String, Tape> tapes,
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
     * @param measures girths that are read there, by catalogue id, the best first
     */
    public record Level(
            String name, double at, double girth, double flat, double ratio, double centre, List<String> measures) {
        public Level {
            measures = List.copyOf(measures);
        }
    }

    /**
     * How the tape lies.
     *
     * @param ring the level that it goes round, if it does
     * @param path landmarks that it runs over, if it does not
     * @param on the views that show the path
     */
    public record Tape(Optional<String> ring, List<String> path, Set<FigureView> on) {
        public Tape {
            path = List.copyOf(path);
            on = Set.copyOf(on);
        }
    }

    public FigurePlan {
        ages = Map.copyOf(ages);
        trunk = List.copyOf(trunk);
        legs = List.copyOf(legs);
        arms = List.copyOf(arms);
        tapes = Map.copyOf(tapes);
        references = Map.copyOf(references);
    }
}
