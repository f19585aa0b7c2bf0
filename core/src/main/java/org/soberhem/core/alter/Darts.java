package org.soberhem.core.alter;

import java.util.HashSet;
import java.util.Set;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Role;

/** Darts within a piece in the making. */
final class Darts {

    private Darts() {}

    /** Returns the names that a new dart and its mouth cannot have. */
    static Set<String> names(Making making) {
        Set<String> names = new HashSet<>();
        making.darts.forEach(dart -> names.add(dart.name()));
        making.edges.forEach(edge -> names.add(edge.name()));
        return names;
    }

    /**
     * Returns the place in the outline of a dart's mouth.
     *
     * @throws Refusal if its legs do not end on the outline
     */
    static int mouth(Making making, Dart dart) {
        for (int i = 0; i < making.edges.size(); i++) {
            Edge edge = making.edges.get(i);
            Point start = edge.path().start();
            Point end = edge.path().end();
            boolean same = start.distanceTo(dart.first()) < Making.SAME_PLACE
                            && end.distanceTo(dart.second()) < Making.SAME_PLACE
                    || start.distanceTo(dart.second()) < Making.SAME_PLACE
                            && end.distanceTo(dart.first()) < Making.SAME_PLACE;
            if (same && edge.role() == Role.DART) {
                return i;
            }
        }
        throw new Refusal("The dart \"{}\" of the {} does not open at an edge", dart.name(), making.name);
    }
}
