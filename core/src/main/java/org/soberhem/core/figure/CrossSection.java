package org.soberhem.core.figure;

/**
 * A body cut level: an ellipse round a middle.
 *
 * @param name of the level
 * @param middle of the ellipse
 * @param breadth half of it, in millimetres
 * @param depth half of it, in millimetres
 * @param measured whether its girth was read; otherwise it follows its neighbours
 */
public record CrossSection(String name, Place middle, double breadth, double depth, boolean measured) {

    /** Returns the ellipse of a girth whose depth is a share of its breadth. */
    static CrossSection ofGirth(String name, Place middle, double girth, double ratio, boolean measured) {
        double breadth = girth / perimeter(1, ratio);
        return new CrossSection(name, middle, breadth, breadth * ratio, measured);
    }

    /**
     * Returns the perimeter of an ellipse within a millionth for the shapes of bodies.
     *
     * @see "S. Ramanujan, Modular Equations and Approximations to Pi, Quarterly Journal of Mathematics 45 (1914),
     *     second formula for the ellipse"
     */
    static double perimeter(double a, double b) {
        double h = (a - b) * (a - b) / ((a + b) * (a + b));
        return Math.PI * (a + b) * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h)));
    }

    /** Returns it at another height. */
    CrossSection at(double height) {
        return new CrossSection(name, new Place(middle.x(), height, middle.z()), breadth, depth, measured);
    }

    public double girth() {
        return perimeter(breadth, depth);
    }

    /** Returns the place in front (1) or behind (-1), or at the wearer's right or left side. */
    public Place front() {
        return new Place(middle.x(), middle.y(), middle.z() + depth);
    }

    public Place back() {
        return new Place(middle.x(), middle.y(), middle.z() - depth);
    }

    public Place right() {
        return new Place(middle.x() - breadth, middle.y(), middle.z());
    }

    public Place left() {
        return new Place(middle.x() + breadth, middle.y(), middle.z());
    }
}
