package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;

/**
 * Adds several darts at an edge, evenly spaced between two places, that take up an amount together.
 *
 * @param edge which edge
 * @param count how many, 1 to 6
 * @param from where the middle of the first lies, as a share of the edge
 * @param to where the middle of the last lies, not less than {@code from}
 * @param width taken up by all of them at the edge, in millimetres, more than 0
 * @param length of each, in millimetres, more than 0
 * @param sides must be both
 */
public record AddDarts(EdgeRef edge, int count, double from, double to, double width, double length, Sides sides)
        implements Alteration {

    private static final int MOST = 6;

    public AddDarts {
        if (count < 1 || count > MOST) {
            throw new IllegalArgumentException("Darts are added 1 to " + MOST + " at a time: " + count);
        }
    }

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "{} darts at the {}: {} in all, each {} long", String.valueOf(count), edge.words(), width, length);
    }

    @Override
    public AddDarts on(Sides others) {
        return new AddDarts(edge, count, from, to, width, length, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        if (to < from) {
            throw new AlterationRefusal("The last dart must not lie before the first: turn the two shares round");
        }
        double whole = PieceEdits.any(pattern, edge.piece())
                .edge(edge.edge())
                .orElseThrow(() -> new AlterationRefusal("There is no {}: choose another edge", edge.words()))
                .path()
                .length();
        Pattern darted = pattern;
        EdgeRef left = edge;
        // From the last to the first: what lies before a dart keeps the name of its part.
        for (int i = count - 1; i >= 0; i--) {
            double at = count == 1 ? (from + to) / 2 : from + (to - from) * i / (count - 1);
            double rest = PieceEdits.any(darted, left.piece())
                    .edge(left.edge())
                    .orElseThrow()
                    .path()
                    .length();
            darted = new AddDart(left, at * whole / rest, width / count, length, sides).made(darted);
            left = new EdgeRef(left.piece(), left.edge() + "/1");
        }
        return darted;
    }
}
