package org.soberhem.desk.fitting;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.fitting.Fitting;

/** Colours of the marks: one a round, or the lines get confused (common practice). */
final class Marks {

    static final List<String> COLOURS = List.of("blue", "red", "green", "black", "pencil");

    private Marks() {}

    /** Returns the colour after that of the round before. */
    static String next(Optional<Fitting> before) {
        int place = before.map(fitting -> COLOURS.indexOf(fitting.conditions().mark()))
                .orElse(-1);
        return COLOURS.get((place + 1) % COLOURS.size());
    }
}
