package org.soberhem.desk.widget;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import javafx.scene.text.Text;
import org.soberhem.core.geometry.Point;

/** Makes shapes of a drawing; style classes say how they look. Nothing of a drawing takes the mouse. */
public final class Ink {

    private Ink() {}

    public static Line line(Point from, Point to, String style) {
        return shape(new Line(from.x(), from.y(), to.x(), to.y()), style);
    }

    public static Polygon polygon(List<Point> corners, String style) {
        return shape(new Polygon(flat(corners)), style);
    }

    public static Polyline polyline(List<Point> corners, String style) {
        return shape(new Polyline(flat(corners)), style);
    }

    /** Places a text with its middle at a place. */
    public static Text text(String words, double x, double y, String style) {
        Text text = shape(new Text(words), style);
        text.setX(x - text.getLayoutBounds().getWidth() / 2);
        text.setY(y + 4);
        return text;
    }

    /** Gives a shape its style classes, written with blanks between them. */
    public static <N extends Node> N shape(N node, String styles) {
        node.getStyleClass().setAll(styles.split(" "));
        node.setMouseTransparent(true);
        return node;
    }

    private static double[] flat(List<Point> corners) {
        double[] flat = new double[corners.size() * 2];
        for (int i = 0; i < corners.size(); i++) {
            flat[2 * i] = corners.get(i).x();
            flat[2 * i + 1] = corners.get(i).y();
        }
        return flat;
    }
}
