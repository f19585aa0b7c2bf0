package org.soberhem.core.doubt;

import java.util.List;
import org.soberhem.core.body.Age;
import org.soberhem.core.formula.LooseFormula;
import org.soberhem.core.length.Sentence;

/**
 * What readings of one set usually have to do with each other.
 *
 * @param value a ratio or a length over readings, by their keys
 * @param least smallest usual value: a ratio, or millimetres
 * @param most largest usual value
 * @param says what is odd outside the limits
 * @param why what would explain it
 * @param evidence sample, tried on the sample, common practice or memory
 * @param bare whether it holds only over layers that do not shape what it reads
 * @param anyAge whether it holds for children too
 * @param arms whether raised arms can be the cause
 */
public record Relation(
        LooseFormula value,
        double least,
        double most,
        String says,
        String why,
        String evidence,
        boolean bare,
        boolean anyAge,
        boolean arms) {

    boolean holdsFor(Age age) {
        return anyAge || age == Age.ADULT;
    }

    /** Says whether a value is outside; a missing one is not. */
    boolean isBrokenBy(double is) {
        return is < least || is > most;
    }

    /** Returns the measures that it reads, without side and posture. */
    public List<String> measures() {
        return value.names().stream().map(Readings::measureOf).distinct().toList();
    }

    Sentence sentence(Sentence subjects, double is) {
        return value.isLength()
                ? Sentence.of("{}: {} between them, usually {} to {} ({})", says, shown(is), least, most, subjects)
                : Sentence.of("{}: {}, usually {} to {} ({})", says, ratio(is), ratio(least), ratio(most), subjects);
    }

    private static Object shown(double millimetres) {
        return millimetres;
    }

    private static String ratio(double value) {
        return String.valueOf(Math.round(value * 100) / 100.0);
    }
}
