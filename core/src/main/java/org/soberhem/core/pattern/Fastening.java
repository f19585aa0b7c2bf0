package org.soberhem.core.pattern;

import java.util.Locale;

/** What is set in a row along an edge, each marked on the piece by a short line across it. */
public enum Fastening {
    BUTTON(19),
    EYELET(6),
    HOOK(10);

    private final double mark;

    Fastening(double mark) {
        this.mark = mark;
    }

    /** Returns how long its mark is, in millimetres: a buttonhole, the breadth of an eyelet or hook. */
    public double mark() {
        return mark;
    }

    /** Returns its name, singular, as marks and notions are called. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Says whether a marked line is one of these. */
    public boolean isMark(MarkLine line) {
        return line.name().startsWith(word() + " ");
    }
}
