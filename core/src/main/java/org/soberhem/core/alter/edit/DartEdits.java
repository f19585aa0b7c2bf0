package org.soberhem.core.alter.edit;

import java.util.HashSet;
import java.util.Set;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Role;

/** Darts within a piece in the making. */
public final class DartEdits {

    private DartEdits() {}

    /** Returns the names that a new dart and its mouth cannot have. */
    public static Set<String> names(PieceEditor making) {
        Set<String> names = new HashSet<>();
        making.darts.forEach(dart -> names.add(dart.name()));
        making.edges.forEach(edge -> names.add(edge.name()));
        return names;
    }

    /**
     * Returns the place in the outline of a dart's mouth.
     *
     * @throws AlterationRefusal if its legs do not end on the outline
     */
    public static int mouth(PieceEditor making, Dart dart) {
        for (int i = 0; i < making.edges.size(); i++) {
            Edge edge = making.edges.get(i);
            Point start = edge.path().start();
            Point end = edge.path().end();
            boolean same = start.distanceTo(dart.first()) < PieceEditor.SAME_PLACE
                            && end.distanceTo(dart.second()) < PieceEditor.SAME_PLACE
                    || start.distanceTo(dart.second()) < PieceEditor.SAME_PLACE
                            && end.distanceTo(dart.first()) < PieceEditor.SAME_PLACE;
            if (same && edge.role() == Role.DART) {
                return i;
            }
        }
        throw new AlterationRefusal("The dart \"{}\" of the {} does not open at an edge", dart.name(), making.name);
    }
}
