package org.soberhem.core.body;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.length.Length;

/**
 * How the layers were worn while measuring; another gap or heel is another set.
 *
 * @param gap how far stays or corset stood open, if they were worn
 * @param rings of a hoop, cage or bustle, from the top down
 * @param heel height of the heel
 * @param hair hair, wig or headdress, in words
 */
public record AsWorn(Optional<Gap> gap, List<Ring> rings, Optional<Length> heel, String hair) {

    /** Nothing stated. */
    public static final AsWorn UNSTATED = new AsWorn(Optional.empty(), List.of(), Optional.empty(), "");

    /** How far a lacing stands open at its top, waist and hem. */
    public record Gap(Length bust, Length waist, Length hem) {}

    /**
     * One ring of a skirt support.
     *
     * @param height above the floor
     * @param side how far it stands out from the body at each side
     * @param back how far it stands out behind
     */
    public record Ring(Length height, Length side, Length back) {}

    public AsWorn {
        rings = List.copyOf(rings);
    }

    public AsWorn withGap(Gap stated) {
        return new AsWorn(Optional.of(stated), rings, heel, hair);
    }

    public AsWorn withRings(List<Ring> stated) {
        return new AsWorn(gap, stated, heel, hair);
    }

    public AsWorn withHeel(Optional<Length> stated) {
        return new AsWorn(gap, rings, stated, hair);
    }

    public AsWorn withHair(String stated) {
        return new AsWorn(gap, rings, heel, stated);
    }
}
