package org.soberhem.core.stand;

import java.util.List;
import java.util.Map;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.Contour;
import org.soberhem.core.figure.Place;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.plate.Mesh;

/** Finds on a stand the places that are told on a figure eight heads high. */
final class Pointing {

    /** Where the shoulder point of that figure lies from its middle. */
    private static final double SHOULDER = 80;

    private final BodyFigure body;
    private final List<Mesh> meshes;

    Pointing(BodyFigure body, List<Mesh> meshes) {
        this.body = body;
        this.meshes = meshes;
    }

    Place place(Point at, boolean back, boolean left) {
        Contour heights = Contour.through(Map.of(
                0.0, body.height(),
                92.0, body.chin(),
                128.0, body.mark("neck-point").orElseThrow().y(),
                206.0, body.at("bust").middle().y(),
                284.0, body.at("waist").middle().y(),
                396.0, body.at("hip").middle().y(),
                424.0, body.fork(),
                606.0, body.at("knee").middle().y(),
                800.0, 0.0));
        double y = heights.at(at.y());
        double out = at.x()
                / SHOULDER
                * body.mark("shoulder-point-left").orElseThrow().x();
        double x = left ? out : -out;
        double z = Double.NaN;
        for (Mesh mesh : meshes) {
            double own = surface(mesh, x, y, back);
            if (Double.isNaN(z) || (back ? own < z : own > z)) {
                z = Double.isNaN(own) ? z : own;
            }
        }
        return new Place(x, y, Double.isNaN(z) ? 0 : z);
    }

    /** Returns how far forward, or back, a surface reaches at a place of the view; NaN if it does not. */
    private static double surface(Mesh mesh, double x, double y, boolean back) {
        double found = Double.NaN;
        int[] corners = mesh.triangles();
        for (int i = 0; i < corners.length; i += 3) {
            Place a = mesh.place(corners[i]);
            Place b = mesh.place(corners[i + 1]);
            Place c = mesh.place(corners[i + 2]);
            double area = (b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x());
            double u = ((x - a.x()) * (c.y() - a.y()) - (y - a.y()) * (c.x() - a.x())) / area;
            double v = ((b.x() - a.x()) * (y - a.y()) - (b.y() - a.y()) * (x - a.x())) / area;
            if (u >= 0 && v >= 0 && u + v <= 1) {
                double z = a.z() + u * (b.z() - a.z()) + v * (c.z() - a.z());
                found = Double.isNaN(found) || (back ? z < found : z > found) ? z : found;
            }
        }
        return found;
    }
}
