package org.soberhem.desk.widget;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.plate.LineWeight;
import org.soberhem.core.plate.Plate;

/** Draws a figure's plate: areas in their order, then its lines, one shape for all lines that look alike. */
public final class PlateDrawing {

    private static final double FLATNESS = 1.2;

    private PlateDrawing() {}

    /** Adds a plate's shapes to a pane's children. */
    public static void draw(Plate plate, View view, List<Node> into) {
        for (Plate.Wash wash : plate.washes()) {
            Path area = Ink.shape(new Path(), "plate-wash plate-" + name(wash.material()) + " tone-" + wash.tone());
            area.setFillRule(FillRule.EVEN_ODD);
            for (List<Point> border : wash.borders()) {
                append(area, border, view);
                area.getElements().add(new ClosePath());
            }
            into.add(area);
        }
        Map<LineWeight, Path> lines = new EnumMap<>(LineWeight.class);
        for (Plate.Stroke stroke : plate.strokes()) {
            Path line = lines.computeIfAbsent(
                    stroke.weight(), weight -> Ink.shape(new Path(), "plate-stroke plate-" + name(weight)));
            append(line, stroke.points(), view);
        }
        // The firmest lie above the finest, and the tape above all.
        for (LineWeight weight : List.of(
                LineWeight.HATCH,
                LineWeight.LEVEL,
                LineWeight.PULL,
                LineWeight.SEAM,
                LineWeight.OUTLINE,
                LineWeight.TAPE)) {
            if (lines.containsKey(weight)) {
                into.add(lines.get(weight));
            }
        }
    }

    /** Adds only the firm lines of another plate, lightly: what was there before. */
    public static void drawGhost(Plate plate, View view, List<Node> into) {
        Path line = Ink.shape(new Path(), "plate-ghost");
        plate.strokes().stream()
                .filter(stroke -> stroke.weight() == LineWeight.OUTLINE)
                .forEach(stroke -> append(line, stroke.points(), view));
        into.add(line);
    }

    private static String name(Enum<?> each) {
        return each.name().toLowerCase(Locale.ROOT);
    }

    private static void append(Path path, List<Point> points, View view) {
        for (int i = 0; i < points.size(); i++) {
            double x = view.x(points.get(i).x());
            double y = view.y(points.get(i).y());
            path.getElements().add(i == 0 ? new MoveTo(x, y) : new LineTo(x, y));
        }
    }

    /** Returns a path's corners as a view shows them. */
    public static List<Point> flat(org.soberhem.core.geometry.Path path, View view) {
        return path.flattened(FLATNESS).stream().map(view::of).toList();
    }
}
