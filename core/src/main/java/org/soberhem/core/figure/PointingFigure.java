package org.soberhem.core.figure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;

/**
 * A plain figure to point at, front and back, eight heads high. A head is 100 units; x runs out from the middle towards
 * the right of the picture, y down from the crown.
 *
 * @param half the outline right of the middle, from the neck to the fork
 */
public record PointingFigure(List<Point> half) {

    /** Height from crown to floor. */
    public static final double HEIGHT = 800;

    /** Half of the breadth that a figure needs with its arms. */
    public static final double HALF_BREADTH = 135;

    public PointingFigure {
        half = List.copyOf(half);
    }

    /** Returns the outline below the head as one smooth line from one side of the neck to the other. */
    public Path outline() {
        List<Point> all = new ArrayList<>();
        half.forEach(point -> all.add(new Point(-point.x(), point.y())));
        List<Point> right = new ArrayList<>(half);
        Collections.reverse(right);
        all.addAll(right.subList(1, right.size()));
        return Path.through(all);
    }
}
