package org.soberhem.core.judging;

import java.util.Optional;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;

/**
 * What of a garment is no longer as in the version that it was made from. Only an unchanged garment is that version:
 * what was tried on, and every gate that was passed, is then of it.
 */
public enum SinceVersion {
    UNCHANGED(""),
    NO_VERSION("no version is named yet"),
    SHEET("its sheet was changed"),
    SETTINGS("a setting was changed"),
    ALTERATIONS("an alteration was made, changed or taken out"),
    VALUES("the values that it is drawn from have changed"),
    NOT_DRAWN("it cannot be drawn");

    private final String words;

    SinceVersion(String words) {
        this.words = words;
    }

    /** Returns what changed, in words; empty if nothing did. */
    public String words() {
        return words;
    }

    /**
     * Returns what changed since the version that a garment was made from.
     *
     * @param work the garment worked out; empty if it cannot be drawn
     */
    public static SinceVersion of(Garment garment, Optional<DraftedGarment> work) {
        Optional<Version> version = garment.version(garment.base());
        if (version.isEmpty()) {
            return NO_VERSION;
        }
        Version base = version.get();
        if (!base.sheet().equals(garment.sheet())) {
            return SHEET;
        }
        if (!base.settings().equals(garment.settings())) {
            return SETTINGS;
        }
        if (!base.alterations().equals(garment.alterations())) {
            return ALTERATIONS;
        }
        if (work.isEmpty()) {
            return NOT_DRAWN;
        }
        return base.isStill(work.get().inputs(), work.get().pattern()) ? UNCHANGED : VALUES;
    }
}
