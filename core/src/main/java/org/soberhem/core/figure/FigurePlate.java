package org.soberhem.core.figure;

import java.util.List;
import org.soberhem.core.geometry.Path;

/**
 * A figure as drawn from one side: parts in the order of painting, those behind first. x to the right of the picture
 * from the middle, or from the ankles in a side view; y down from the floor; in millimetres.
 *
 * @param view from where it is looked at
 * @param parts what is drawn
 */
public record FigurePlate(FigureView view, List<Part> parts) {

    public FigurePlate {
        parts = List.copyOf(parts);
    }

    /** What a part is. */
    public enum Kind {
        BODY,
        UNDER,
        SKIRT,
        TRUNK,
        SLEEVE
    }

    /**
     * Shapes that are seen as one, and lines upon them.
     *
     * @param kind what it is
     * @param shapes closed outlines; where they overlap no line is seen
     * @param lines such as seams and edges
     */
    public record Part(Kind kind, List<Path> shapes, List<Path> lines) {
        public Part {
            shapes = List.copyOf(shapes);
            lines = List.copyOf(lines);
        }
    }
}
