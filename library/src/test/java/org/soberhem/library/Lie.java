package org.soberhem.library;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;

/** How lines of a pattern lie, measured for tests that compare a change with its words. */
final class Lie {

    private Lie() {}

    private static Stream<Edge> edges(Pattern pattern, Role role) {
        return pattern.pieces().stream()
                .flatMap(piece -> piece.edges().stream())
                .filter(edge -> edge.role() == role);
    }

    /** How high edges lie on the whole, every part by its length, in millimetres. */
    static double height(Pattern pattern, Role role) {
        double moment = 0;
        double length = 0;
        for (Edge edge : edges(pattern, role).toList()) {
            List<Point> points = edge.path().flattened(0.01);
            for (int i = 1; i < points.size(); i++) {
                double part = points.get(i).distanceTo(points.get(i - 1));
                moment += part * (points.get(i).y() + points.get(i - 1).y()) / 2;
                length += part;
            }
        }
        return -moment / length;
    }

    /** How high edges of a piece lie where they come nearest to the centre, in millimetres. */
    static double centre(Pattern pattern, Role role, String piece) {
        return -pattern.pieces().stream()
                .filter(each -> each.name().equals(piece))
                .flatMap(each -> each.edges().stream())
                .filter(edge -> edge.role() == role)
                .flatMap(edge -> Stream.of(edge.path().start(), edge.path().end()))
                .min(Comparator.comparingDouble(point -> Math.abs(point.x())))
                .map(Point::y)
                .orElse(0.0);
    }

    /** How high the arm-holes of all worn pieces reach down, in millimetres: a sum, so that one side tells. */
    static double scyeBase(Pattern pattern) {
        return -pattern.pieces().stream()
                .mapToDouble(piece -> piece.edges().stream()
                        .filter(edge -> edge.role() == Role.ARMSCYE)
                        .flatMap(edge -> edge.path().flattened(0.1).stream())
                        .mapToDouble(Point::y)
                        .max()
                        .orElse(0))
                .sum();
    }

    static double length(Pattern pattern, Role role) {
        return edges(pattern, role).mapToDouble(edge -> edge.path().length()).sum();
    }

    /** How much shoulder seams fall from the neck to the arm, in millimetres. */
    static double slope(Pattern pattern) {
        double fall = 0;
        for (Piece piece : pattern.pieces()) {
            for (Edge edge : piece.edges()) {
                if (edge.role() == Role.SHOULDER) {
                    Point start = edge.path().start();
                    Point end = edge.path().end();
                    boolean outward = Math.abs(end.x()) > Math.abs(start.x());
                    fall += outward ? end.y() - start.y() : start.y() - end.y();
                }
            }
        }
        return fall;
    }

    /** How high the shoulder edges of the front or back lie: the piece that gains reaches farther over the shoulder. */
    static double shoulderHeight(Pattern pattern, String piece) {
        return pattern.pieces().stream()
                .filter(each -> each.name().equals(piece))
                .flatMap(each -> each.edges().stream())
                .filter(edge -> edge.role() == Role.SHOULDER)
                .mapToDouble(edge -> -edge.path().atShare(0.5).y())
                .sum();
    }

    static double area(Pattern pattern) {
        return pattern.pieces().stream()
                .mapToDouble(each -> Math.abs(each.seamLine().signedArea()))
                .sum();
    }
}
