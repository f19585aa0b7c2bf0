package org.soberhem.core.alter.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Piece;

/** Moves edges into their piece, square to themselves. */
final class Inset {

    /** Knots by which the moved edge follows a curved one. */
    private static final int KNOTS = 16;

    /** How far beside a knot its direction is read, as a share of the edge. */
    private static final double BESIDE = 0.001;

    /** Sine of the angle below which two edges at a corner are taken for one line. */
    private static final double ONE_LINE = 0.05;

    private Inset() {}

    /** Returns an edge moved into the piece by a distance, all along square to it. */
    static Path parallel(Path path, double by) {
        if (by == 0) {
            return path;
        }
        List<Point> knots = new ArrayList<>();
        for (int i = 0; i <= KNOTS; i++) {
            double share = (double) i / KNOTS;
            Point before = path.atShare(Math.max(0, share - BESIDE));
            Point after = path.atShare(Math.min(1, share + BESIDE));
            knots.add(path.atShare(share)
                    .minus(after.minus(before).unit().outward().times(by)));
        }
        return Path.bent(knots, Optional.of(path.startDirection()), Optional.of(path.endDirection()));
    }

    /** Returns a piece that stays within another by a distance all round, except where that lies on its fold. */
    static Piece of(Piece piece, double by) {
        if (by == 0) {
            return piece;
        }
        List<Edge> edges = piece.edges();
        int count = edges.size();
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Edge before = edges.get(Math.floorMod(i - 1, count));
            corners.add(corner(
                    edges.get(i).path().start(),
                    before.path().endDirection(),
                    by(piece, before, by),
                    edges.get(i).path().startDirection(),
                    by(piece, edges.get(i), by)));
        }
        List<Path> paths = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Path path = edges.get(i).path();
            Point start = corners.get(i);
            Point end = corners.get((i + 1) % count);
            boolean straight = path.segments().size() == 1 && path.segments().get(0) instanceof LineSegment;
            paths.add(
                    straight
                            ? Path.of(new LineSegment(start, end))
                            : moved(parallel(path, by(piece, edges.get(i), by)), start, end));
        }
        return Redrawing.withPaths(piece, paths);
    }

    private static double by(Piece piece, Edge edge, double by) {
        return piece.isFold(edge) ? 0 : by;
    }

    /** Returns the path trimmed or gone on straight ahead to its corners. */
    private static Path moved(Path path, Point start, Point end) {
        Path forward = path.longer(end.minus(path.end()).dot(path.endDirection()));
        Path back = forward.reversed();
        Path both =
                back.longer(start.minus(back.end()).dot(back.endDirection())).reversed();
        return both.between(start, end);
    }

    /** Returns where two edges meet after each was moved inward by its own amount. */
    private static Point corner(Point at, Point comes, double comesBy, Point leaves, double leavesBy) {
        Point inward = comes.outward().times(-1);
        Point inwardNext = leaves.outward().times(-1);
        double sine = inward.cross(inwardNext);
        if (Math.abs(sine) < ONE_LINE) {
            return at.plus(inward.times(comesBy));
        }
        double x = (comesBy * inwardNext.y() - leavesBy * inward.y()) / sine;
        double y = (leavesBy * inward.x() - comesBy * inwardNext.x()) / sine;
        return at.plus(new Point(x, y));
    }
}
