package org.soberhem.desk.widget;

import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import org.soberhem.core.figure.FigurePlate;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;

/** Draws a figure's plate: of overlapping shapes that belong together only the common outline is seen. */
public final class PlateDrawing {

    private static final double FLATNESS = 1.2;

    private PlateDrawing() {}

    /** Adds a plate's shapes to a pane's children. */
    public static void draw(FigurePlate plate, View view, List<Node> into) {
        for (FigurePlate.Part part : plate.parts()) {
            String kind = "plate-" + part.kind().name().toLowerCase(Locale.ROOT);
            for (Path shape : part.shapes()) {
                into.add(Ink.polygon(flat(shape, view), "plate-edge " + kind));
            }
            for (Path shape : part.shapes()) {
                into.add(Ink.polygon(flat(shape, view), "plate-ground " + kind));
            }
            for (Path line : part.lines()) {
                into.add(Ink.polyline(flat(line, view), "plate-line " + kind));
            }
        }
    }

    /** Returns a path's corners as a view shows them. */
    public static List<Point> flat(Path path, View view) {
        return path.flattened(FLATNESS).stream().map(view::of).toList();
    }
}
