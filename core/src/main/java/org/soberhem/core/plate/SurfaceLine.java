package org.soberhem.core.plate;

import java.util.List;
import org.soberhem.core.figure.Place;

/**
 * A line that lies on a surface.
 *
 * @param weight how it is drawn
 * @param places that it passes, in their order
 */
public record SurfaceLine(LineWeight weight, List<Place> places) {
    public SurfaceLine {
        places = List.copyOf(places);
    }
}
