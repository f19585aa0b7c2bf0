package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;

/** The numbers of one drafting: a slot for each name and for each coordinate, and the paths drawn so far. */
final class Frame {

    final double[] slots;
    final List<Path> paths;

    /** Answers {@code girth(level)} once the pieces are drawn. */
    Girths girths = level -> Double.NaN;

    @FunctionalInterface
    interface Girths {
        double girth(String level);
    }

    Frame(int slots, int edges) {
        this.slots = new double[slots];
        this.paths = new ArrayList<>(Collections.nCopies(edges, null));
    }

    Point point(int slot) {
        return new Point(slots[slot], slots[slot + 1]);
    }

    /** Returns the length of an edge; not a number if an alteration has taken the edge away. */
    double length(int edge) {
        Path path = paths.get(edge);
        return path == null ? Double.NaN : path.length();
    }
}
