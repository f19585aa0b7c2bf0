package org.soberhem.core.gate;

/** What a gate asks for before a step that cannot be taken back. */
public enum GateCheck {
    TRIED,
    REMARKS,
    LAYERS,
    MOVEMENTS,
    WEAR,
    OPENINGS,
    SEAMS,
    PRESSED,
    WASHED,
    ENOUGH,
    SET,
    COUNTED,
    HUNG
}
