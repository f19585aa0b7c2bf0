package org.soberhem.core.body;

/** How the wearer held still. */
public enum Posture {
    STANDING,
    SEATED
}
