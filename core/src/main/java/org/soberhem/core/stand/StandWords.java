package org.soberhem.core.stand;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;

/** Says how well a stand follows what was read. */
public final class StandWords {

    /** What differs by less is no more than two careful readings differ, millimetres. */
    private static final double TOLD = 2;

    private final UnaryOperator<String> names;

    /** @param names returns the name of a measure */
    public StandWords(UnaryOperator<String> names) {
        this.names = names;
    }

    /** Returns what is to be said of a stand: what it does not follow, then what it misses, the worst first. */
    public List<Sentence> of(Stand stand) {
        List<Sentence> all = new ArrayList<>();
        for (String measure : stand.refused()) {
            all.add(Sentence.of(
                    "{}: no body with the other readings has this, the stand does not follow it. Read it again.",
                    names.apply(measure)));
        }
        stand.residuals().stream()
                .filter(each -> Math.abs(each.off()) >= TOLD && Math.abs(each.score()) >= 1)
                .sorted(Comparator.comparingDouble(each -> -Math.abs(each.score())))
                .forEach(each -> all.add(missed(each)));
        return all;
    }

    /**
     * Returns how far the stand misses each reading, in few words by measure; what two careful readings agree in is
     * left out.
     */
    public static Map<String, Sentence> brief(Stand stand) {
        Map<String, Sentence> brief = new HashMap<>();
        stand.residuals().stream()
                .filter(each -> Math.abs(each.off()) >= TOLD && Math.abs(each.score()) >= 1)
                .sorted(Comparator.comparingDouble(each -> Math.abs(each.off())))
                .forEach(each -> brief.put(
                        each.measure(), Sentence.either(each.off(), "the stand {} longer", "the stand {} shorter")));
        return brief;
    }

    private Sentence missed(Residual residual) {
        String side =
                residual.side() == Side.MIDDLE ? "" : ", " + residual.side().words();
        return Sentence.of(
                residual.off() > 0
                        ? "{}{}: the stand is {} longer than was read"
                        : "{}{}: the stand is {} shorter than was read",
                names.apply(residual.measure()),
                side,
                Math.abs(residual.off()));
    }
}
