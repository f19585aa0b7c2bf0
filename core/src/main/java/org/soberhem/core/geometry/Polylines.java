package org.soberhem.core.geometry;

import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** Lines of many corners. */
public final class Polylines {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private Polylines() {}

    /**
     * Returns a line without the corners that hardly bend it.
     *
     * @param within no corner that is left out lies farther from the line, millimetres
     * @see "D. H. Douglas, T. K. Peucker, The Canadian Cartographer 10 (1973)"
     */
    public static List<Point> thinned(List<Point> line, double within) {
        if (line.size() < 3) {
            return line;
        }
        Coordinate[] corners =
                line.stream().map(point -> new Coordinate(point.x(), point.y())).toArray(Coordinate[]::new);
        Coordinate[] fewer = DouglasPeuckerSimplifier.simplify(FACTORY.createLineString(corners), within)
                .getCoordinates();
        return Arrays.stream(fewer).map(corner -> new Point(corner.x, corner.y)).toList();
    }
}
