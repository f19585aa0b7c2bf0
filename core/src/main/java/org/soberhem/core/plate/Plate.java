package org.soberhem.core.plate;

import java.util.List;
import org.soberhem.core.geometry.Point;

/**
 * A drawing of a figure. x to the right of the picture from the plumb line through the ankles, y down from the floor;
 * in
 * millimetres of the wearer.
 *
 * @param from where where it is looked at
 * @param washes areas, those beneath first
 * @param strokes lines, drawn over the areas
 */
public record Plate(Viewpoint from, List<Wash> washes, List<Stroke> strokes) {

    public Plate {
        washes = List.copyOf(washes);
        strokes = List.copyOf(strokes);
    }

    /**
     * An area in one tone.
     *
     * @param material what is seen there
     * @param tone 0 its ground, 1 and more a shade over it
     * @param borders closed; what lies within an even number of them is left out
     */
    public record Wash(Solid.Material material, int tone, List<List<Point>> borders) {
        public Wash {
            borders = List.copyOf(borders);
        }
    }

    /**
     * A line that is seen.
     *
     * @param material of the surface that it lies on
     * @param weight how it is drawn
     * @param points that it passes
     */
    public record Stroke(Solid.Material material, LineWeight weight, List<Point> points) {
        public Stroke {
            points = List.copyOf(points);
        }
    }
}
