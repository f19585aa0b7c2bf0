package org.soberhem.core.trace;

import java.util.Locale;

/** Names as a draft sheet writes them: small letters, digits and strokes, beginning with a letter. */
public final class SheetName {

    private SheetName() {}

    /** Returns typed words as a name of a sheet; empty if no letter is among them. */
    public static String of(String words) {
        return words.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^[-0-9]+|-+$", "");
    }
}
