package org.soberhem.core.alter;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Derived;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Side;

/**
 * How one girth or length of a pattern changed.
 *
 * @param name what changed, such as "bust girth"
 * @param before in millimetres
 * @param after in millimetres
 */
public record Effect(String name, double before, double after) {

    /** What is told for one side of the wearer: nobody measures both arm-holes together. */
    private static final Set<Role> BY_SIDE = Set.of(Role.CENTRE, Role.SIDE, Role.ARMSCYE, Role.CAP);

    /** Smaller changes are not told: a sixteenth of an inch would be shown as nothing. */
    private static final double LEAST = 25.4 / 16;

    public double change() {
        return after - before;
    }

    /** Returns the change in words. */
    public Sentence sentence() {
        return Sentence.of("{} {} {}, now {}", name, change() < 0 ? "less by" : "more by", Math.abs(change()), after);
    }

    /**
     * Returns every girth at a level of the body, width of another piece, and length of an edge's kind, that differs
     * between two patterns; what differs on one side of the wearer only, or otherwise on each, says which.
     */
    public static List<Effect> between(Pattern before, Pattern after) {
        List<Effect> effects = differing(round(before), round(after));
        List<Effect> left = differing(worn(before, Side.LEFT), worn(after, Side.LEFT));
        List<Effect> right = differing(worn(before, Side.RIGHT), worn(after, Side.RIGHT));
        for (Effect each : left) {
            effects.add(right.contains(each) ? each : each.on(Side.LEFT));
        }
        right.stream().filter(each -> !left.contains(each)).forEach(each -> effects.add(each.on(Side.RIGHT)));
        return effects;
    }

    private Effect on(Side side) {
        return new Effect(name + " (" + side.words() + ")", before, after);
    }

    private static List<Effect> differing(Map<String, Double> old, Map<String, Double> now) {
        List<Effect> effects = new ArrayList<>();
        now.forEach((name, value) -> {
            double was = old.getOrDefault(name, value);
            if (Math.abs(value - was) >= LEAST) {
                effects.add(new Effect(name, was, value));
            }
        });
        return effects;
    }

    /** What goes round the wearer, and the lengths of lines that run over several pieces. */
    private static Map<String, Double> round(Pattern pattern) {
        Set<String> levels = new LinkedHashSet<>();
        List<String> round = new ArrayList<>();
        for (Piece piece : pattern.pieces()) {
            if (piece.spans().isPresent()) {
                round.add(piece.name());
                levels.addAll(piece.levels().keySet());
            }
        }
        Map<String, Double> all = new LinkedHashMap<>();
        levels.forEach(level -> all.put(level + " girth", pattern.girth(level, round)));
        for (Piece piece : pattern.pieces()) {
            for (Edge edge : piece.edges()) {
                if (!BY_SIDE.contains(edge.role()) && edge.role() != Role.NONE) {
                    all.merge("whole " + edge.role().word(), edge.path().length(), Double::sum);
                }
            }
        }
        return all;
    }

    /** Widths and lengths of the pieces worn on one side; what a piece was cut into is counted with it. */
    private static Map<String, Double> worn(Pattern pattern, Side side) {
        Map<String, Double> all = new LinkedHashMap<>();
        for (Piece piece : pattern.pieces()) {
            if (piece.side() != side && piece.side() != Side.MIDDLE) {
                continue;
            }
            String name = Derived.parent(piece.name());
            if (piece.spans().isEmpty()) {
                piece.levels()
                        .keySet()
                        .forEach(level -> piece.widthAt(level)
                                .ifPresent(width -> all.merge(name + " at the " + level, width, Double::sum)));
            }
            for (Edge edge : piece.edges()) {
                if (edge.role() == Role.ARMSCYE || edge.role() == Role.CAP) {
                    all.merge(
                            edge.role() == Role.ARMSCYE ? "arm-hole" : "sleeve cap",
                            edge.path().length(),
                            Double::sum);
                } else if (BY_SIDE.contains(edge.role())) {
                    all.merge(
                            name + " " + Derived.parent(edge.name()) + " length",
                            edge.path().length(),
                            Double::sum);
                }
            }
        }
        return all;
    }
}
