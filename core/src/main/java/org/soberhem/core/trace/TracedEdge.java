package org.soberhem.core.trace;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Role;

/**
 * One edge of a traced piece: the places from one corner to the next.
 *
 * @param edge its name
 * @param places at least the two corners; a smooth curve goes through those between
 * @param leaves direction in which it is bound to leave, with length 1
 * @param comes direction in which it is bound to come in
 */
record TracedEdge(String edge, List<Point> places, Optional<Point> leaves, Optional<Point> comes) {

    TracedEdge {
        places = List.copyOf(places);
    }

    static TracedEdge free(String edge, List<Point> places) {
        return new TracedEdge(edge, places, Optional.empty(), Optional.empty());
    }

    Role role() {
        return Role.ofName(edge);
    }

    Point start() {
        return places.get(0);
    }

    Point end() {
        return places.get(places.size() - 1);
    }

    boolean isStraight() {
        return places.size() == 2;
    }

    Path path() {
        return isStraight() ? Path.of(new LineSegment(start(), end())) : Path.bent(places, leaves, comes);
    }

    double chord() {
        return start().distanceTo(end());
    }

    TracedEdge mapped(UnaryOperator<Point> to) {
        return free(edge, places.stream().map(to).toList());
    }

    TracedEdge reversed() {
        List<Point> turned = new ArrayList<>(places);
        Collections.reverse(turned);
        return free(edge, turned);
    }

    /** Returns the run through as many places, evenly spread, as are wanted between its corners. */
    TracedEdge through(int between) {
        if (between == places.size() - 2) {
            return this;
        }
        Path path = path();
        List<Point> spread = new ArrayList<>();
        spread.add(start());
        for (int i = 1; i <= between; i++) {
            spread.add(path.atShare(i / (between + 1.0)));
        }
        spread.add(end());
        return new TracedEdge(edge, spread, leaves, comes);
    }

    /** Returns the run with a place more on its line where it crosses a height, unless one lies there already. */
    TracedEdge crossing(double height, double near) {
        Path path = path();
        if (places.stream().anyMatch(place -> Math.abs(place.y() - height) < near)) {
            return this;
        }
        List<Point> more = new ArrayList<>(places);
        // Each place between is a joint of the curve, so that the crossing lies between the two joints round it.
        for (int i = places.size() - 1; i > 0; i--) {
            if ((places.get(i - 1).y() - height) * (places.get(i).y() - height) < 0) {
                Path part = isStraight() ? path : Path.of(path.segments().get(i - 1));
                int place = i;
                part.shareWhere(at -> at.y() - height)
                        .ifPresent(share ->
                                more.add(place, new Point(part.atShare(share).x(), height)));
            }
        }
        return more.size() == places.size() ? this : new TracedEdge(edge, more, leaves, comes);
    }

    /** Returns the run bound to leave or to come in in a direction. */
    TracedEdge bound(Optional<Point> leaving, Optional<Point> coming) {
        return new TracedEdge(edge, places, leaving, coming);
    }
}
