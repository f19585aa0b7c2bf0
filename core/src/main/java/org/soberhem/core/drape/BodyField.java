package org.soberhem.core.drape;

import java.util.List;
import java.util.stream.Stream;
import org.soberhem.core.figure.Place;
import org.soberhem.core.plate.DistanceField;
import org.soberhem.core.stand.Stand;

/** Where the body is: how far places lie from trunk and arms, and in which direction away from them. */
public final class BodyField {

    /** So far from the surface distances are known, millimetres. */
    static final double BAND = 35;

    /** So far below the fork and above the nape, millimetres. */
    private static final double BELOW = 100;

    private static final double ABOVE = 120;

    private final List<DistanceField> parts;

    /** @param parts of the body, the trunk first */
    BodyField(List<DistanceField> parts) {
        this.parts = List.copyOf(parts);
    }

    /** Returns the field of a stand from the thighs to above the neck: trunk, left arm, right arm. */
    public static BodyField of(Stand stand) {
        return new BodyField(Stream.of(0, 1, 2).map(part -> part(stand, part)).toList());
    }

    /** Returns the same trunk with the arms of another pose. */
    public BodyField posed(Stand other) {
        return new BodyField(List.of(parts.get(0), part(other, 1), part(other, 2)));
    }

    boolean hasArms() {
        return parts.size() > 1;
    }

    /** Returns the trunk alone. */
    BodyField withoutArms() {
        return new BodyField(parts.subList(0, 1));
    }

    private static DistanceField part(Stand stand, int part) {
        double lowest = stand.levels().get("fork") - BELOW;
        double highest = stand.body().mark("nape").orElseThrow().y() + ABOVE;
        return new DistanceField(stand.meshes().get(part), BAND, lowest, highest);
    }

    /**
     * Finds how far a place lies from the body, and in which direction away from it.
     *
     * @param found takes distance and direction
     * @return whether it is near
     */
    public boolean at(Place place, double[] found) {
        return at(place.x(), place.y(), place.z(), 7, found, new double[4]);
    }

    /**
     * Finds how far a place lies from the nearest of the parts that count.
     *
     * @param counting bit by bit which parts count, the trunk first
     * @param found takes distance and direction; work is its scratch
     * @return whether any is near
     */
    boolean at(double x, double y, double z, int counting, double[] found, double[] work) {
        boolean near = false;
        for (int part = 0; part < parts.size(); part++) {
            if ((counting >> part & 1) == 1 && parts.get(part).at(x, y, z, work) && (!near || work[0] < found[0])) {
                System.arraycopy(work, 0, found, 0, 4);
                near = true;
            }
        }
        return near;
    }
}
