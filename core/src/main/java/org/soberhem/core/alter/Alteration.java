package org.soberhem.core.alter;

import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;

/** A change to a pattern in the maker's words. */
public sealed interface Alteration permits LengthenAtLevel, TakeInSeam {

    /** Returns what is done, in words. */
    Sentence sentence();

    /** Returns the altered pattern, or the unaltered one and why it cannot be done. */
    Outcome apply(Pattern pattern);
}
