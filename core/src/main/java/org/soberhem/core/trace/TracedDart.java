package org.soberhem.core.trace;

import java.util.function.UnaryOperator;
import org.soberhem.core.geometry.Point;

/**
 * Cloth folded away on a traced piece.
 *
 * @param point where it vanishes
 * @param first open end of one leg
 * @param second open end of the other
 */
public record TracedDart(Point point, Point first, Point second) {

    TracedDart mapped(UnaryOperator<Point> to) {
        return new TracedDart(to.apply(point), to.apply(first), to.apply(second));
    }
}
