package org.soberhem.core.alter;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;

/**
 * How one girth or length of a pattern changed.
 *
 * @param name what changed, such as "bust girth"
 * @param before in millimetres
 * @param after in millimetres
 */
public record Effect(String name, double before, double after) {

    /** Smaller changes are not told: a sixteenth of an inch would be shown as nothing. */
    private static final double LEAST = 25.4 / 16;

    public double change() {
        return after - before;
    }

    /** Returns the change in words. */
    public Sentence sentence() {
        return Sentence.of("{} {} {}, now {}", name, change() < 0 ? "less by" : "more by", Math.abs(change()), after);
    }

    /** Returns every girth at a level of the body, width of another piece, and length of an edge's kind, that differs between two patterns. */
    public static List<Effect> between(Pattern before, Pattern after) {
        Map<String, Double> old = quantities(before);
        List<Effect> effects = new ArrayList<>();
        quantities(after).forEach((name, value) -> {
            double was = old.getOrDefault(name, value);
            if (Math.abs(value - was) >= LEAST) {
                effects.add(new Effect(name, was, value));
            }
        });
        return effects;
    }

    private static Map<String, Double> quantities(Pattern pattern) {
        Map<String, Double> all = new LinkedHashMap<>();
        Set<String> levels = new LinkedHashSet<>();
        List<String> round = new ArrayList<>();
        for (Piece piece : pattern.pieces()) {
            if (piece.spans().isPresent()) {
                round.add(piece.name());
                levels.addAll(piece.levels().keySet());
            } else {
                piece.levels()
                        .keySet()
                        .forEach(level -> piece.widthAt(level)
                                .ifPresent(width -> all.put(piece.name() + " at the " + level, width)));
            }
        }
        levels.forEach(level -> all.put(level + " girth", pattern.girth(level, round)));
        for (Piece piece : pattern.pieces()) {
            for (Edge edge : piece.edges()) {
                if (edge.role() == Role.CENTRE || edge.role() == Role.SIDE) {
                    all.put(
                            piece.name() + " " + edge.name() + " length",
                            edge.path().length());
                } else if (edge.role() != Role.NONE) {
                    all.merge("whole " + edge.role().word(), edge.path().length(), Double::sum);
                }
            }
        }
        return all;
    }
}
