package org.soberhem.studio;

import org.soberhem.core.length.LengthFormat;

/** How the maker wants things shown. */
public final class Preferences {

    private final Observed<LengthFormat> format = new Observed<>(LengthFormat.INCH_EIGHTHS);
    private final Observed<Boolean> dark = new Observed<>(false);

    /** How lengths are shown. */
    public Observed<LengthFormat> format() {
        return format;
    }

    public Observed<Boolean> dark() {
        return dark;
    }
}
