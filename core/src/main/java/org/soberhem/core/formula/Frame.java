package org.soberhem.core.formula;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.EdgeRef;

/** The numbers of one drafting: a slot for each name and for each coordinate, and the paths drawn so far. */
public final class Frame {

    public final double[] slots;
    public final List<Path> paths;

    /** What formulas may measure once the pieces are drawn; not a number if an alteration has taken it away. */
    public interface Drawn {

        /** Returns the width of all pieces at a level. */
        double girth(String level);

        /** Returns the width of a piece at a share of its length, from its upper end. */
        double across(String piece, double share);

        /** Returns the length of a piece from its upper to its lower end. */
        double tall(String piece);

        /** Returns where a point of a piece lies. */
        Optional<Point> at(EdgeRef point);
    }

    public Drawn drawn;

    public Frame(int slots, int edges) {
        this.slots = new double[slots];
        this.paths = new ArrayList<>(Collections.nCopies(edges, null));
    }

    public Point point(int slot) {
        return new Point(slots[slot], slots[slot + 1]);
    }

    /** Returns the length of an edge; not a number if an alteration has taken the edge away. */
    double length(int edge) {
        Path path = paths.get(edge);
        return path == null ? Double.NaN : path.length();
    }
}
