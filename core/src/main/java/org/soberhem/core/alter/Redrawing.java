package org.soberhem.core.alter;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Piece;

/** Redraws a piece after its corners were moved: each edge follows evenly from one moved end to the other. */
final class Redrawing {

    private static final double SAME_PLACE = 1e-6;

    private Redrawing() {}

    /**
     * Returns the piece with every corner and mark moved.
     *
     * @param by how far each place moves
     */
    static Piece moved(Piece piece, UnaryOperator<Point> by) {
        List<Edge> edges = new ArrayList<>();
        for (Edge edge : piece.edges()) {
            List<Segment> segments = new ArrayList<>();
            for (Segment segment : edge.path().segments()) {
                segments.add(segment.withEndsMoved(by.apply(segment.start()), by.apply(segment.end())));
            }
            edges.add(edge.withPath(new Path(segments)));
        }
        UnaryOperator<Point> to = point -> point.plus(by.apply(point));
        Map<String, Level> levels = new LinkedHashMap<>();
        piece.levels()
                .forEach((name, level) ->
                        levels.put(name, new Level(name, to.apply(level.from()), to.apply(level.to()))));
        return rebuilt(piece, edges, to, levels);
    }

    /**
     * Returns the piece with one edge put in another place and its neighbours drawn to its new ends.
     *
     * @param place the edge's place in the outline
     * @param changed the edge's new path
     */
    static Piece withEdge(Piece piece, int place, Path changed) {
        List<Edge> edges = new ArrayList<>(piece.edges());
        int count = edges.size();
        Edge old = edges.get(place);
        Edge before = edges.get((place + count - 1) % count);
        Edge after = edges.get((place + 1) % count);
        Point startBy = changed.start().minus(old.path().start());
        Point endBy = changed.end().minus(old.path().end());
        edges.set(place, old.withPath(changed));
        edges.set((place + count - 1) % count, before.withPath(before.path().withEndsMoved(Point.ORIGIN, startBy)));
        edges.set((place + 1) % count, after.withPath(after.path().withEndsMoved(endBy, Point.ORIGIN)));
        Map<Point, Point> corners = new LinkedHashMap<>();
        for (int i = 0; i < count; i++) {
            List<Segment> were = piece.edges().get(i).path().segments();
            List<Segment> are = edges.get(i).path().segments();
            for (int j = 0; j < were.size(); j++) {
                corners.put(were.get(j).start(), are.get(j).start());
            }
        }
        UnaryOperator<Point> to = point -> corners.entrySet().stream()
                .filter(corner -> corner.getKey().distanceTo(point) < SAME_PLACE)
                .findFirst()
                .map(Map.Entry::getValue)
                .orElse(point);
        return rebuilt(piece, edges, to, piece.levels());
    }

    private static Piece rebuilt(Piece piece, List<Edge> edges, UnaryOperator<Point> to, Map<String, Level> levels) {
        Map<String, Point> points = new LinkedHashMap<>();
        piece.points().forEach((name, at) -> points.put(name, to.apply(at)));
        List<Dart> darts = piece.darts().stream()
                .map(dart ->
                        new Dart(dart.name(), to.apply(dart.point()), to.apply(dart.first()), to.apply(dart.second())))
                .toList();
        List<MarkLine> lines = piece.lines().stream()
                .map(line -> new MarkLine(line.name(), line.kind(), to.apply(line.from()), to.apply(line.to())))
                .toList();
        return new Piece(
                piece.name(),
                piece.side(),
                piece.shape(),
                piece.cut(),
                points,
                edges,
                piece.centreX(),
                darts,
                lines,
                piece.notches(),
                to.apply(piece.grainFrom()),
                to.apply(piece.grainTo()),
                levels,
                piece.spans());
    }
}
