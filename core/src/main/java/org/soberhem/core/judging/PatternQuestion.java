package org.soberhem.core.judging;

import java.util.Optional;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.length.Sentence;

/**
 * What an altered pattern asks its maker, because no measurement answers it: changed, or left so with a word why.
 *
 * @param name by which it is left so
 * @param words what is asked
 * @param where piece and edge
 * @param settled why it is left so; empty while it is open
 * @param sum the sum that does not work out; empty where nothing fails
 */
public record PatternQuestion(
        String name, Sentence words, CheckResult.Where where, Optional<String> settled, Optional<String> sum) {

    public boolean isOpen() {
        return settled.isEmpty();
    }

    /** Says whether it cannot be made like this, and nobody has said why it may stay. */
    public boolean fails() {
        return isOpen() && sum.isPresent();
    }

    /** Returns what is asked, or what settled it. */
    public Sentence sentence() {
        return settled.map(why -> Sentence.of("{} (left so: {})", words, why)).orElse(words);
    }
}
