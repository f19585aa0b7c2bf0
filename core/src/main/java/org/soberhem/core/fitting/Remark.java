package org.soberhem.core.fitting;

import java.util.Optional;
import org.soberhem.core.alter.Alteration;
import org.soberhem.core.alter.Sides;
import org.soberhem.core.length.Length;

/**
 * Something seen at a fitting.
 *
 * @param id unique in its costume
 * @param garment name of the garment
 * @param zone id of the zone of the body, or {@code piece.edge} of the flat pattern
 * @param sides on which side of the wearer
 * @param seen what is seen: id of a symptom, or own words
 * @param amount cloth taken at the seam or length wanted, as pinned; empty if none was pinned
 * @param cause why, in words; empty while it is unsolved
 * @param decision what was decided, if anything
 * @param state whether it is settled
 */
public record Remark(
        String id,
        String garment,
        String zone,
        Sides sides,
        String seen,
        Optional<Length> amount,
        String cause,
        Optional<Decision> decision,
        State state) {

    /** A remark is open until a later fitting says that it is cured. */
    public enum State {
        OPEN,
        CURED,
        LEFT
    }

    /**
     * What was decided.
     *
     * @param words in the maker's words
     * @param alteration what was done to the pattern, if anything
     * @param version the version that has it, 0 while none has
     */
    public record Decision(String words, Optional<Alteration> alteration, int version) {}

    public Remark withDecision(Decision made) {
        return new Remark(id, garment, zone, sides, seen, amount, cause, Optional.of(made), state);
    }

    public Remark withState(State changed) {
        return new Remark(id, garment, zone, sides, seen, amount, cause, decision, changed);
    }

    public Remark withAmount(Length pinned) {
        return new Remark(id, garment, zone, sides, seen, Optional.of(pinned), cause, decision, state);
    }

    public Remark withSeen(String words, String why) {
        return new Remark(id, garment, zone, sides, words, amount, why, decision, state);
    }

    public Remark onSides(Sides changed) {
        return new Remark(id, garment, zone, changed, seen, amount, cause, decision, state);
    }
}
