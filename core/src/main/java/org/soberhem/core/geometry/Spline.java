package org.soberhem.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Draws the smooth line that a bent lath would take through places: its direction and its bend are continuous. The
 * parameter runs by the length of the chords, so that places may lie near and far from each other.
 *
 * @see <a href="https://doi.org/10.1007/978-1-4612-6333-3">C. de Boor, A Practical Guide to Splines, 1978, chapter
 *     IV</a> (the equations, with either end bound in direction or left free)
 */
final class Spline {

    private final List<Point> places;
    private final double[] steps;
    private final double[] below;
    private final double[] middle;
    private final double[] above;
    private final Point[] right;

    private Spline(List<Point> places, Optional<Point> leave, Optional<Point> come) {
        this.places = places;
        int last = places.size() - 1;
        steps = new double[last];
        for (int i = 0; i < last; i++) {
            steps[i] = places.get(i).distanceTo(places.get(i + 1));
            if (steps[i] == 0) {
                throw new ArithmeticException("A curve cannot go through the same place twice in a row");
            }
        }
        below = new double[last + 1];
        middle = new double[last + 1];
        above = new double[last + 1];
        right = new Point[last + 1];
        end(0, leave, 0);
        for (int i = 1; i < last; i++) {
            double before = 1 / steps[i - 1];
            double after = 1 / steps[i];
            below[i] = before;
            middle[i] = 2 * (before + after);
            above[i] = after;
            right[i] = chord(i - 1).times(3 * before * before).plus(chord(i).times(3 * after * after));
        }
        end(last, come, last - 1);
    }

    static Path through(List<Point> places, Optional<Point> leave, Optional<Point> come) {
        return new Spline(places, leave, come).path();
    }

    /** An end that is bound has its direction; one that is free has no bend. */
    private void end(int at, Optional<Point> bound, int chord) {
        if (bound.isPresent()) {
            middle[at] = 1;
            right[at] = bound.get();
            return;
        }
        middle[at] = 2;
        if (at == 0) {
            above[at] = 1;
        } else {
            below[at] = 1;
        }
        right[at] = chord(chord).times(3 / steps[chord]);
    }

    private Point chord(int i) {
        return places.get(i + 1).minus(places.get(i));
    }

    private Path path() {
        Point[] velocity = solved();
        List<Segment> segments = new ArrayList<>(steps.length);
        for (int i = 0; i < steps.length; i++) {
            Point from = places.get(i);
            Point to = places.get(i + 1);
            segments.add(new Cubic(
                    from,
                    from.plus(velocity[i].times(steps[i] / 3)),
                    to.minus(velocity[i + 1].times(steps[i] / 3)),
                    to));
        }
        return new Path(segments);
    }

    /** Eliminates forward and substitutes back; the equations are diagonally dominant, so no exchange is needed. */
    private Point[] solved() {
        int last = middle.length - 1;
        for (int i = 1; i <= last; i++) {
            double factor = below[i] / middle[i - 1];
            middle[i] -= factor * above[i - 1];
            right[i] = right[i].minus(right[i - 1].times(factor));
        }
        Point[] velocity = new Point[last + 1];
        velocity[last] = right[last].times(1 / middle[last]);
        for (int i = last - 1; i >= 0; i--) {
            velocity[i] = right[i].minus(velocity[i + 1].times(above[i])).times(1 / middle[i]);
        }
        return velocity;
    }
}
