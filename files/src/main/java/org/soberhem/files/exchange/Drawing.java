package org.soberhem.files.exchange;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.PieceLayout;
import org.soberhem.core.pattern.SpreadPiece;

/**
 * A pattern as lines on named layers, the pieces laid out beside each other as they are on the paper of the draft; what
 * every drawing format is written from. Millimetres, y down.
 *
 * @param box everything
 * @param strokes lines, layer by layer
 * @param words names of pieces
 */
record Drawing(Box box, List<Stroke> strokes, List<Words> words) {

    /** Layers in the order in which they are drawn. */
    static final List<String> LAYERS = List.of("cut", "sew", "fold", "grain", "notch", "text");

    private static final double NOTCH = 5;

    /**
     * One line.
     *
     * @param layer its layer
     * @param piece name of the piece
     * @param path where it runs
     * @param closed whether it ends where it begins
     */
    record Stroke(String layer, String piece, Path path, boolean closed) {}

    /** Words with their middle at a place. */
    record Words(String piece, String words, Point at) {}

    static Drawing of(Pattern pattern) {
        PieceLayout layout = PieceLayout.of(pattern);
        List<Stroke> strokes = new ArrayList<>();
        List<Words> words = new ArrayList<>();
        for (SpreadPiece spread : SpreadPiece.of(pattern)) {
            new Piecewise(spread.name(), spread.piece(), layout.places().get(spread.name()), strokes).draw();
            Point middle = spread.piece().seamLine().box().middle();
            words.add(new Words(
                    spread.name(),
                    spread.name() + ", cut " + spread.count(),
                    layout.places().get(spread.name()).of(middle)));
        }
        return new Drawing(layout.box(), strokes, words);
    }

    List<Stroke> on(String layer) {
        return strokes.stream().filter(stroke -> stroke.layer().equals(layer)).toList();
    }

    /** Draws one piece in its place. */
    private record Piecewise(String name, Piece piece, PieceLayout.Place place, List<Stroke> strokes) {

        void draw() {
            List<Point> corners = piece.cuttingLine().corners();
            List<Segment> round = new ArrayList<>();
            for (int i = 0; i < corners.size(); i++) {
                round.add(new LineSegment(corners.get(i), corners.get((i + 1) % corners.size())));
            }
            add("cut", new Path(round), true);
            for (Edge edge : piece.edges()) {
                add(piece.isFold(edge) ? "fold" : "sew", edge.path(), false);
            }
            for (Dart dart : piece.darts()) {
                dart.legs().forEach(leg -> add("sew", leg, false));
            }
            for (MarkLine line : piece.lines()) {
                add(line.kind() == MarkLine.Kind.FOLD ? "fold" : "sew", line(line.from(), line.to()), false);
            }
            add("grain", line(piece.grainFrom(), piece.grainTo()), false);
            for (Notch notch : piece.notches()) {
                Point at = piece.at(notch);
                add("notch", line(at, at.plus(piece.outward(notch).times(NOTCH))), false);
            }
        }

        private void add(String layer, Path path, boolean closed) {
            strokes.add(new Stroke(layer, name, path.mapped(place::of), closed));
        }

        private static Path line(Point from, Point to) {
            return Path.of(new LineSegment(from, to));
        }
    }
}
