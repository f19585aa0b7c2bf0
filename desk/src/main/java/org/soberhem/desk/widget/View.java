package org.soberhem.desk.widget;

import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;

/**
 * How millimetres of paper become pixels of the screen.
 *
 * @param scale pixels a millimetre
 * @param x pixels at 0 mm
 * @param y pixels at 0 mm
 */
public record View(double scale, double x, double y) {

    /** Shows a whole box within a width and height, with a margin in pixels. */
    public static View fit(Box box, double width, double height, double margin) {
        double scale =
                Math.max(0.01, Math.min((width - 2 * margin) / box.width(), (height - 2 * margin) / box.height()));
        return new View(
                scale,
                width / 2 - (box.minX() + box.maxX()) / 2 * scale,
                height / 2 - (box.minY() + box.maxY()) / 2 * scale);
    }

    public double x(double millimetres) {
        return x + millimetres * scale;
    }

    public double y(double millimetres) {
        return y + millimetres * scale;
    }

    public Point of(Point millimetres) {
        return new Point(x(millimetres.x()), y(millimetres.y()));
    }

    /** Returns this view magnified round a place on the screen. */
    public View zoomed(double factor, double atX, double atY) {
        double to = Math.max(0.05, Math.min(20, scale * factor));
        return new View(to, atX - (atX - x) * to / scale, atY - (atY - y) * to / scale);
    }

    public View moved(double dx, double dy) {
        return new View(scale, x + dx, y + dy);
    }
}
