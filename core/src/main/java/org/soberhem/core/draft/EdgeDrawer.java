package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.formula.Frame;
import org.soberhem.core.geometry.Cubic;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;

/** Draws an edge through its points, as the sheet joins them. */
final class EdgeDrawer {

    private EdgeDrawer() {}

    /**
     * Draws one edge; where it is square to a neighbour, the neighbour's direction is found first.
     *
     * @param edges every edge of the piece, in order
     * @throws DraftException if two neighbouring points fall together, or a curve cannot be drawn
     */
    static Path path(String piece, List<CompiledSheet.EdgeRun> edges, CompiledSheet.EdgeRun edge, Frame frame) {
        int place = edges.indexOf(edge);
        Optional<Point> in = Optional.empty();
        Optional<Point> out = Optional.empty();
        if (edge.leavesSquare()) {
            CompiledSheet.EdgeRun before = edges.get(Math.floorMod(place - 1, edges.size()));
            in = Optional.of(path(piece, edges, before, frame).endDirection());
        }
        if (edge.comesSquare()) {
            CompiledSheet.EdgeRun after = edges.get((place + 1) % edges.size());
            out = Optional.of(path(piece, edges, after, frame).startDirection());
        }
        List<Segment> segments = new ArrayList<>(edge.joins().size());
        for (CompiledSheet.Join join : edge.joins()) {
            Point from = frame.point(join.start());
            Point to = frame.point(join.end());
            if (from.distanceTo(to) < 0.01) {
                throw new DraftException(
                        piece, "Points {} and {} of piece \"{}\" fall together", join.from(), join.to(), piece);
            }
            segments.addAll(
                    switch (join.form()) {
                        case STRAIGHT -> List.of(new LineSegment(from, to));
                        case TOWARDS ->
                            List.of(Cubic.towards(
                                    from,
                                    frame.point(join.guides().get(0)),
                                    to,
                                    join.amount().value(frame)));
                        // Hollow bends into a clockwise outline, round out of it.
                        case HOLLOW -> List.of(bowed(piece, join, -join.amount().value(frame), frame));
                        case ROUND -> List.of(bowed(piece, join, join.amount().value(frame), frame));
                        case THROUGH -> through(piece, join, in, out, frame);
                    });
        }
        return new Path(segments);
    }

    private static Segment bowed(String piece, CompiledSheet.Join join, double depth, Frame frame) {
        Point from = frame.point(join.start());
        Point to = frame.point(join.end());
        if (depth == 0) {
            return new LineSegment(from, to);
        }
        double at = join.at().value(frame);
        if (!(at >= 0.25 && at <= 0.75)) {
            throw new DraftException(
                    piece,
                    "The curve from {} to {} of piece \"{}\" must be deepest at 1/4 to 3/4 of its chord: {}",
                    join.from(),
                    join.to(),
                    piece,
                    String.valueOf(at));
        }
        return Cubic.bowed(from, to, depth, at);
    }

    private static List<Segment> through(
            String piece, CompiledSheet.Join join, Optional<Point> in, Optional<Point> out, Frame frame) {
        Point from = frame.point(join.start());
        Point to = frame.point(join.end());
        List<Point> places = new ArrayList<>(List.of(from));
        join.guides().forEach(guide -> places.add(frame.point(guide)));
        places.add(to);
        try {
            Optional<Point> leaves = join.leaves()
                    .map(guide -> guide == CompiledSheet.SQUARE
                            ? square(in.orElseThrow(), places.get(1).minus(from))
                            : frame.point(guide).minus(from).unit());
            Optional<Point> comes = join.comes()
                    .map(guide -> guide == CompiledSheet.SQUARE
                            ? square(out.orElseThrow(), to.minus(places.get(places.size() - 2)))
                            : to.minus(frame.point(guide)).unit());
            return Path.bent(places, leaves, comes).segments();
        } catch (ArithmeticException together) {
            throw new DraftException(
                    piece,
                    "The curve from {} to {} of piece \"{}\" needs places and directions that differ from each other",
                    join.from(),
                    join.to(),
                    piece);
        }
    }

    /** Returns the direction square to another that goes on rather than back. */
    private static Point square(Point other, Point onward) {
        Point square = other.outward();
        return square.dot(onward) >= 0 ? square : square.times(-1);
    }
}
