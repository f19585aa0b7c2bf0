package org.soberhem.core.stand;

/**
 * How a stand holds its arms.
 *
 * @param raised how far they are lifted sideways from hanging, degrees: 0 to 170
 * @param bent how far the elbows are bent, degrees: 0 to 140
 */
public record Pose(double raised, double bent) {

    /** Arms hanging as they do. */
    public static final Pose HANGING = new Pose(0, 12);

    public Pose {
        if (!(raised >= 0 && raised <= 170)) {
            throw new IllegalArgumentException("arms rise from 0 to 170 degrees: " + raised);
        }
        if (!(bent >= 0 && bent <= 140)) {
            throw new IllegalArgumentException("elbows bend from 0 to 140 degrees: " + bent);
        }
    }
}
