package org.soberhem.core.trace;

import java.util.List;

/**
 * A measurement of the body that can be read off a drawn pattern.
 *
 * @param id its name on the sheet
 * @param title for people
 * @param found how it is read off
 * @param level name of the level that it is read at; empty where it needs none
 * @param measures catalogue ids that may serve, best first
 * @param ease what the pattern usually has beyond the body, in millimetres
 * @param why the reason of the ease
 */
public record Landmark(
        String id, String title, Found found, String level, List<String> measures, Ease ease, String why) {

    /**
     * A range of ease, in millimetres.
     *
     * @param usual what is taken where nothing is stated
     */
    public record Ease(double least, double usual, double most) {}

    /** Ways of reading a measurement off a drawing. */
    public enum Found {
        /** Round the body at a level: all pieces of the trunk or skirt that have it. */
        GIRTH,
        /** Round a limb at a level: the piece's whole width. */
        LIMB,
        /** From side to side at a level, on the back or the front only. */
        ACROSS_BACK,
        ACROSS_FRONT,
        /** All edges round the neck. */
        NECK,
        /** From the neck point straight to the shoulder point. */
        SHOULDER,
        /** From the neck down the middle of the back to the waist. */
        BACK,
        /** From the neck point straight down the front to the waist. */
        FRONT,
        /** From the waist down to a level. */
        DEPTH,
        /** From the top of the sleeve to its end. */
        SLEEVE,
        /** From the waist down to the hem in front. */
        SKIRT
    }

    public Landmark {
        measures = List.copyOf(measures);
    }
}
