package org.soberhem.core.pattern;

import java.util.Locale;

/** What an edge is to a cutter. */
public enum Role {
    NECK,
    SHOULDER,
    ARMSCYE,
    CAP,
    SIDE,
    UNDERARM,
    CENTRE,
    HEM,
    WAIST,
    DART,
    NONE;

    /** Returns the role that an edge's name suggests; {@link #NONE} if none. */
    public static Role ofName(String edge) {
        String name = edge.toLowerCase(Locale.ROOT);
        for (Role role : values()) {
            if (name.contains(role.word())) {
                return role;
            }
        }
        return NONE;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
