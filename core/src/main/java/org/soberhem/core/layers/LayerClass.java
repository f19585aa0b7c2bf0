package org.soberhem.core.layers;

import java.util.Locale;

/**
 * What a layer is for, in the usual order of dressing: drawers, stockings and shoes before whatever stops one bending
 * (common practice).
 */
public enum LayerClass {
    SKIN("next to the skin"),
    DRAWERS("drawers"),
    LEGWEAR("stockings and hose"),
    FOOTWEAR("shoes"),
    BUST_SUPPORT("bust support"),
    BODY_SHAPER("shapes the trunk"),
    BODY_PAD("padding"),
    OVER_DRAWERS("drawers over the shaping garment"),
    COVER("cover"),
    UNDER_SKIRT("under-petticoat"),
    SKIRT_SUPPORT("skirt support"),
    POCKET("pocket"),
    OVER_PETTICOAT("petticoat over the support"),
    SUSPENSION("holds garments up");

    private final String words;

    LayerClass(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Returns the kebab-case name that the library uses. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Says whether it gives the body another shape, so that proportions of bare bodies do not hold over it. */
    public boolean shapes() {
        return switch (this) {
            case BUST_SUPPORT, BODY_SHAPER, BODY_PAD, SKIRT_SUPPORT, OVER_PETTICOAT, UNDER_SKIRT -> true;
            default -> false;
        };
    }

    /** Says whether only one layer of the class is worn at a time, which hides what lies beneath it. */
    public boolean isSingle() {
        return this == BODY_SHAPER || this == BUST_SUPPORT;
    }
}
