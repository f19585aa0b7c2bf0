package org.soberhem.core.body;

import org.soberhem.core.length.Length;

/** At which mark the tape begins; what it reads too long is taken off. */
public enum TapeStart {
    /** At its end: it reads true. */
    END("at its end", Length.ZERO),
    /** At its 1 in mark, where a worn end is not trusted. */
    ONE_INCH("at its 1 in mark", Length.ofInches(1, 0, 8)),
    /** Weighted with its 10 in mark at the floor, for a wearer alone; only heights from the floor read too long. */
    TEN_AT_FLOOR("with its 10 in mark at the floor", Length.ofInches(10, 0, 8));

    private final String words;
    private final Length offset;

    TapeStart(String words, Length offset) {
        this.words = words;
        this.offset = offset;
    }

    public String words() {
        return words;
    }

    /** Returns what such a tape reads too long. */
    public Length offset() {
        return offset;
    }

    /** Returns what the tape reads too long at a measure. */
    public Length offset(Measure measure) {
        return this == TEN_AT_FLOOR && !measure.how().fromFloor() ? Length.ZERO : offset;
    }
}
