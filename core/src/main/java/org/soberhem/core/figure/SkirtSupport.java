package org.soberhem.core.figure;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What carries a skirt out from beneath.
 *
 * @param supports rolls, pads, cages, and whatever else stands out
 * @param petticoats how many skirts are worn beneath the outer one
 */
public record SkirtSupport(List<Support> supports, int petticoats) {

    public static final SkirtSupport NOTHING = new SkirtSupport(List.of(), 0);

    public SkirtSupport {
        supports = List.copyOf(supports);
    }

    /**
     * One support.
     *
     * @param hemGirth round its lowest hoop, in millimetres, if it has one
     * @param side beyond the hip at each side
     * @param back behind the seat
     * @param at where it stands out most, from the waist (0) to the floor (1)
     * @param dome how far out it stands half way down, as a share of its lowest hoop
     */
    public record Support(OptionalDouble hemGirth, double side, double back, double at, double dome) {

        /**
         * Returns how far its hoops reach from the middle.
         *
         * @param within how far what is beneath reaches
         * @param down from the waist (0) to its lowest hoop (1)
         */
        double ring(double within, double down) {
            if (hemGirth.isEmpty()) {
                return 0;
            }
            double lowest = hemGirth.getAsDouble() / (2 * Math.PI);
            return Contour.through(Map.of(0.0, within * 0.9, 0.5, within + (lowest - within) * dome, 1.0, lowest))
                    .at(down);
        }

        /** Returns how far its hoops are set back, at the same place. */
        double shift(double down) {
            return hemGirth.isEmpty()
                    ? 0
                    : down * Math.min(0.4 * hemGirth.getAsDouble() / (2 * Math.PI), Math.max(0, back - side) / 2);
        }
    }
}
