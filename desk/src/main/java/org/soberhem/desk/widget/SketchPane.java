package org.soberhem.desk.widget;

import java.util.List;
import java.util.Optional;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Text;
import org.soberhem.core.garment.Sketch;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthFormat;

/** Shows the drawing of a sum as large as its room allows. */
public final class SketchPane extends Pane {

    private static final double BESIDE = 96;
    private static final double ABOVE = 30;
    private static final double HEAD = 9;

    private Optional<Sketch> sketch = Optional.empty();
    private LengthFormat format = LengthFormat.INCH_EIGHTHS;

    public SketchPane() {
        getStyleClass().addAll("sheet", "sketch");
        widthProperty().addListener((was, before, now) -> draw());
        heightProperty().addListener((was, before, now) -> draw());
    }

    /**
     * Shows a drawing.
     *
     * @param shown the drawing, if there is one
     * @param lengths how its lengths are written
     */
    public void show(Optional<Sketch> shown, LengthFormat lengths) {
        sketch = shown;
        format = lengths;
        draw();
    }

    private void draw() {
        getChildren().clear();
        if (sketch.isEmpty() || getWidth() < 3 * BESIDE || getHeight() < 3 * ABOVE) {
            return;
        }
        Box box = sketch.get().box();
        double scale = Math.min(
                (getWidth() - 2 * BESIDE) / Math.max(1, box.width()),
                (getHeight() - 2 * ABOVE) / Math.max(1, box.height()));
        View view = new View(
                scale,
                (getWidth() - box.width() * scale) / 2 - box.minX() * scale,
                (getHeight() - box.height() * scale) / 2 - box.minY() * scale);
        sketch.get().lines().forEach(line -> draw(line, view));
        sketch.get().words().forEach(words -> draw(words, view));
        applyCss();
    }

    private void draw(Sketch.Line line, View view) {
        List<Point> points = line.points().stream().map(view::of).toList();
        getChildren().add(Ink.polyline(points, style(line.ink())));
        Point last = points.get(points.size() - 1);
        Point before = points.get(points.size() - 2);
        if (line.ink() == Sketch.Ink.ARROW && !last.equals(before)) {
            Point along = last.minus(before).unit();
            Point side = along.outward().times(HEAD / 3);
            Point back = last.minus(along.times(HEAD));
            Polygon head = Ink.polygon(List.of(last, back.plus(side), back.minus(side)), "sketch-head");
            getChildren().add(head);
        }
    }

    private static String style(Sketch.Ink ink) {
        return switch (ink) {
            case CLOTH -> "sketch-cloth";
            case FOLD -> "fold";
            case SEAM -> "sketch-seam";
            case HELP -> "construction";
            case BODY -> "body-line";
            case ARROW -> "sketch-arrow";
        };
    }

    /** Words keep within the pane, whatever the drawing. */
    private void draw(Sketch.Words words, View view) {
        Point at = view.of(words.at());
        Text text = Ink.shape(new Text(words.text().in(format)), "sketch-words");
        getChildren().add(text);
        text.applyCss();
        double wide = text.getLayoutBounds().getWidth();
        double x = switch (words.lean()) {
            case LEFT -> at.x() - wide - 6;
            case MIDDLE -> at.x() - wide / 2;
            case RIGHT -> at.x() + 6;
        };
        text.setX(Math.max(8, Math.min(getWidth() - wide - 8, x)));
        text.setY(at.y() + 5);
    }
}
