package org.soberhem.core.alter.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Piece;

/**
 * Redraws a piece after its corners were moved: each edge is drawn between its moved ends and meets its neighbours as
 * before.
 */
public final class Redrawing {

    private Redrawing() {}

    /**
     * Returns the piece with every corner and mark moved.
     *
     * @param by how far each place moves
     */
    public static Piece moved(Piece piece, UnaryOperator<Point> by) {
        List<Path> paths = new ArrayList<>();
        for (Edge edge : piece.edges()) {
            List<Segment> segments = new ArrayList<>();
            for (Segment segment : edge.path().segments()) {
                Point start = segment.start();
                Point end = segment.end();
                segments.add(segment.redrawn(start.plus(by.apply(start)), end.plus(by.apply(end))));
            }
            paths.add(new Path(segments));
        }
        return withPaths(piece, paths, point -> point.plus(by.apply(point)));
    }

    /** Returns the piece with every place sent elsewhere, those within curves too. */
    public static Piece mapped(Piece piece, UnaryOperator<Point> to) {
        return withPaths(
                piece,
                piece.edges().stream().map(edge -> edge.path().mapped(to)).toList(),
                to);
    }

    private static Piece withPaths(Piece piece, List<Path> paths, UnaryOperator<Point> to) {
        PieceEditor making = new PieceEditor(piece);
        for (int i = 0; i < paths.size(); i++) {
            making.edges.set(i, making.edges.get(i).withPath(paths.get(i)));
        }
        return making.marks(to).levels(to).piece();
    }

    /**
     * Returns the piece with one edge put in another place and its neighbours drawn to its new ends.
     *
     * @param place the edge's place in the outline
     * @param changed the edge's new path
     */
    public static Piece withEdge(Piece piece, int place, Path changed) {
        List<Path> paths = paths(piece);
        Path old = paths.get(place);
        paths.set(place, changed);
        int before = Math.floorMod(place - 1, paths.size());
        int after = (place + 1) % paths.size();
        paths.set(
                before, paths.get(before).redrawn(Point.ORIGIN, changed.start().minus(old.start())));
        paths.set(after, paths.get(after).redrawn(changed.end().minus(old.end()), Point.ORIGIN));
        return withPaths(piece, paths);
    }

    /** Returns the piece with every edge in its new place; what is marked at corners follows. */
    public static Piece withPaths(Piece piece, List<Path> paths) {
        return new PieceEditor(piece).redrawn(paths).piece();
    }

    /** Returns the paths of a piece's edges, to be changed. */
    public static List<Path> paths(Piece piece) {
        List<Path> paths = new ArrayList<>();
        piece.edges().forEach(edge -> paths.add(edge.path()));
        return paths;
    }
}
