package org.soberhem.core.fitting;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.length.Length;

/**
 * Something seen at a fitting.
 *
 * @param id unique in its costume
 * @param garment name of the garment
 * @param zone id of the zone of the body
 * @param sides on which side of the garment as it is worn right side out
 * @param seen what is seen: id of a symptom, or own words
 * @param amount cloth taken at the seam or length wanted, as pinned; empty if none was pinned
 * @param cause why: id of a cause of the symptom, or own words; empty while it is unsolved
 * @param decision what was decided, if anything
 * @param state whether it is settled
 * @param followed what later rounds said of it, by round
 * @param movement in which movement it is seen; empty at rest
 * @param tested outcome of the tests that tell causes apart, by cause: whether it was that cause
 */
@RecordBuilder
public record Remark(
        String id,
        String garment,
        String zone,
        Sides sides,
        String seen,
        Optional<Length> amount,
        String cause,
        Optional<Decision> decision,
        State state,
        Map<Integer, State> followed,
        String movement,
        Map<String, Boolean> tested)
        implements RemarkBuilder.With {

    /** What has become of a remark. */
    public enum State {
        OPEN("still there"),
        WORSE("worse"),
        CURED("cured"),
        MOVED("moved elsewhere"),
        LEFT("accepted");

        private final String words;

        State(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Remark {
        followed = Collections.unmodifiableMap(new TreeMap<>(followed));
        tested = Collections.unmodifiableMap(new TreeMap<>(tested));
    }

    /** A remark of which nothing is said yet. */
    public static Remark at(String id, String garment, String zone, Sides sides) {
        return new Remark(
                id,
                garment,
                zone,
                sides,
                "",
                Optional.empty(),
                "",
                Optional.empty(),
                State.OPEN,
                Map.of(),
                "",
                Map.of());
    }

    /** Says whether it still asks for something. */
    public boolean isOpen() {
        return state == State.OPEN || state == State.WORSE;
    }

    public Remark withDecision(Decision made) {
        State now = made.kind() == Decision.Kind.LEAVE ? State.LEFT : state;
        return with(copy -> copy.decision(Optional.of(made)).state(now));
    }

    /** Returns the remark as a round found it. */
    public Remark withState(State changed, int round) {
        Map<Integer, State> all = new TreeMap<>(followed);
        all.put(round, changed);
        return with(copy -> copy.state(changed).followed(all));
    }

    public Remark withAmount(Length pinned) {
        return withAmount(Optional.of(pinned));
    }

    public Remark withSeen(String symptom) {
        return with(copy -> copy.seen(symptom).cause("").tested(Map.of()));
    }

    public Remark because(String why) {
        return withCause(why);
    }

    public Remark in(String otherMovement) {
        return withMovement(otherMovement);
    }

    /** Returns the remark with the outcome of a test. */
    public Remark tested(String causeId, boolean itWas) {
        Map<String, Boolean> all = new TreeMap<>(tested);
        all.put(causeId, itWas);
        return withTested(all);
    }
}
