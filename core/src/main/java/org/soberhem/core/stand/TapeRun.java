package org.soberhem.core.stand;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.figure.Place;

/**
 * How a tape lies in space.
 *
 * @param places that it passes, in their order
 * @param closed whether it ends where it began
 */
public record TapeRun(List<Place> places, boolean closed) {

    public TapeRun {
        places = List.copyOf(places);
    }

    /** Returns its length in millimetres. */
    public double length() {
        double length = closed ? places.get(places.size() - 1).distanceTo(places.get(0)) : 0;
        for (int i = 1; i < places.size(); i++) {
            length += places.get(i - 1).distanceTo(places.get(i));
        }
        return length;
    }

    TapeRun then(TapeRun next) {
        List<Place> all = new ArrayList<>(places);
        all.addAll(next.places);
        return new TapeRun(all, false);
    }

    /**
     * Returns how far a figure is turned, in degrees as a camera has them, to show where the tape lies: to the front,
     * the right side, the back or the left side; of a tape that goes all round the front.
     *
     * @param middle z of the body there, millimetres
     */
    public double shownFrom(double middle) {
        double x = 0;
        double z = 0;
        for (Place place : places) {
            double out = Math.max(1, Math.hypot(place.x(), place.z() - middle));
            x += place.x() / out;
            z += (place.z() - middle) / out;
        }
        if (closed || Math.hypot(x, z) < places.size() * 0.25) {
            return 0;
        }
        double angle = Math.toDegrees(StrictMath.atan2(-x, z));
        return ((Math.round(angle / 45) * 45) % 360 + 360) % 360;
    }
}
