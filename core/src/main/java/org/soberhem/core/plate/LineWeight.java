package org.soberhem.core.plate;

/** What a line of a plate is, from the firmest to the finest. */
public enum LineWeight {
    OUTLINE,
    SEAM,
    LEVEL,
    HATCH,
    TAPE,
    /** A stroke in the direction in which cloth is drawn too much. */
    PULL
}
