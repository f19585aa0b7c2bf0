package org.soberhem.core.gate;

import org.soberhem.core.costume.Stage;
import org.soberhem.core.judging.Target;
import org.soberhem.core.length.Sentence;

/**
 * One condition of a gate.
 *
 * @param check what is asked for
 * @param state whether it is so
 * @param words what is so, or what is missing
 * @param stage where it is settled
 * @param target what to show there
 */
public record GateCondition(GateCheck check, State state, Sentence words, Stage stage, Target target) {

    /** Whether a condition is met. */
    public enum State {
        MET,
        MISSING,
        /** It depends on work that has not been recorded yet. */
        UNKNOWN
    }

    static GateCondition of(GateCheck check, boolean met, Sentence words, Stage stage, Target target) {
        return new GateCondition(check, met ? State.MET : State.MISSING, words, stage, target);
    }

    static GateCondition unknown(GateCheck check, String words, Stage stage) {
        return new GateCondition(check, State.UNKNOWN, Sentence.of(words), stage, Target.PLACE);
    }
}
