package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.geometry.Cubic;
import org.soberhem.core.geometry.Line;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;

/** Draws an edge through its points, as the sheet joins them. */
final class EdgeDrawer {

    private EdgeDrawer() {}

    /** @throws DraftException if two neighbouring points fall together, or a curve cannot be drawn */
    static Path path(String piece, CompiledSheet.EdgeRun edge, Frame frame) {
        List<Segment> segments = new ArrayList<>(edge.joins().size());
        for (CompiledSheet.Join join : edge.joins()) {
            Point from = frame.point(join.start());
            Point to = frame.point(join.end());
            if (from.distanceTo(to) < 0.01) {
                throw new DraftException(
                        piece,
                        "Points " + join.from() + " and " + join.to() + " of piece \"" + piece + "\" fall together");
            }
            segments.addAll(segments(piece, join, from, to, frame));
        }
        return new Path(segments);
    }

    private static List<Segment> segments(String piece, CompiledSheet.Join join, Point from, Point to, Frame frame) {
        return switch (join.form()) {
            case STRAIGHT -> List.of(new Line(from, to));
            case TOWARDS ->
                List.of(Cubic.towards(
                        from,
                        frame.point(join.guides().get(0)),
                        to,
                        join.amount().value(frame)));
            // Hollow bends into a clockwise outline, round out of it.
            case HOLLOW -> List.of(bowed(piece, join, -join.amount().value(frame), frame));
            case ROUND -> List.of(bowed(piece, join, join.amount().value(frame), frame));
            case THROUGH -> through(piece, join, from, to, frame);
        };
    }

    private static Segment bowed(String piece, CompiledSheet.Join join, double depth, Frame frame) {
        Point from = frame.point(join.start());
        Point to = frame.point(join.end());
        if (depth == 0) {
            return new Line(from, to);
        }
        double at = join.at().value(frame);
        if (!(at >= 0.25 && at <= 0.75)) {
            throw new DraftException(
                    piece,
                    "The curve from " + join.from() + " to " + join.to() + " of piece \"" + piece
                            + "\" must be deepest at 1/4 to 3/4 of its chord: " + at);
        }
        return Cubic.bowed(from, to, depth, at);
    }

    private static List<Segment> through(String piece, CompiledSheet.Join join, Point from, Point to, Frame frame) {
        List<Point> places = new ArrayList<>(List.of(from));
        join.guides().forEach(guide -> places.add(frame.point(guide)));
        places.add(to);
        try {
            return Path.bent(
                            places,
                            join.leaves()
                                    .map(guide -> frame.point(guide).minus(from).unit()),
                            join.comes()
                                    .map(guide -> to.minus(frame.point(guide)).unit()))
                    .segments();
        } catch (ArithmeticException together) {
            throw new DraftException(
                    piece,
                    "The curve from " + join.from() + " to " + join.to() + " of piece \"" + piece
                            + "\" needs places and directions that differ from each other");
        }
    }
}
