package org.soberhem.core.formula;

import java.util.Optional;
import org.soberhem.core.pattern.EdgeRef;

/** Tells the formula reader what the names of a sheet mean at one place of it. */
public interface Scope {

    /** A named value: where it is kept and of which kind it is. */
    record Named(int slot, Dimension dimension) {}

    /** Finds a measure, a setting or the unit. */
    Optional<Named> name(String name);

    /** Finds a point; the slot of its distance out, followed by that along. */
    Optional<Integer> point(String name);

    /** Finds an edge's place among the drawn paths. */
    Optional<Integer> edge(EdgeRef ref);

    /** Says whether some piece has a level of the name. */
    boolean level(String name);

    /** Says whether there is a piece of the name, drawn already, so that it can be measured. */
    boolean piece(String name);

    /**
     * Says whether a piece, drawn already, may have a point of the name: one of its own or of a frame that it is drawn
     * on.
     */
    boolean place(EdgeRef point);

    /** Returns the names that may stand here, for messages. */
    String known();
}
