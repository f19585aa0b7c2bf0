package org.soberhem.core.alter.kind;

import java.util.HashSet;
import java.util.Set;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Adds width beyond an edge: an overlap for buttons, or a stand that is turned back. The old edge stays as a marked
 * line.
 *
 * @param edge which edge
 * @param width added, in millimetres, more than 0
 * @param turned whether it is turned back along the old edge: its ends are then drawn as in a mirror, so that they lie
 *     on the piece
 * @param sides which worn pieces
 */
public record AddOverlap(EdgeRef edge, double width, boolean turned, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Add {} beyond the {}, {}{}",
                width,
                edge.words(),
                turned ? "turned back" : "as an overlap",
                WornPieces.where(sides));
    }

    @Override
    public AddOverlap on(Sides others) {
        return new AddOverlap(edge, width, turned, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        if (width <= 0) {
            throw new AlterationRefusal("Type how much is added");
        }
        if (SeamEdits.of(pattern, edge).isPresent()) {
            throw new AlterationRefusal(
                    "The {} is sewn to another edge: an overlap is added at an edge that is open", edge.words());
        }
        return WornPieces.piece(pattern, edge.piece(), sides, this::wider);
    }

    private Piece wider(Piece piece) {
        PieceEditor making = new PieceEditor(piece);
        int place = making.place(edge.edge());
        Edge old = making.edges.get(place);
        if (piece.isFold(old)) {
            throw new AlterationRefusal("The {} lies on the fold: make a seam at the centre first", edge.words());
        }
        int count = making.edges.size();
        Edge before = making.edges.get(Math.floorMod(place - 1, count));
        Edge after = making.edges.get((place + 1) % count);
        Point chord = old.path().end().minus(old.path().start()).unit();
        Point out = chord.outward();
        Point start = old.path().start().plus(ahead(before.path().endDirection(), chord, out));
        Point end = old.path().end().plus(ahead(after.path().startDirection().times(-1), chord, out));
        Set<String> names = new HashSet<>();
        making.edges.forEach(each -> names.add(each.name()));
        making.lines.forEach(line -> names.add(line.name()));
        String first = PieceEditor.free(old.from() + "'", making.points.keySet());
        making.points.put(first, start);
        String last = PieceEditor.free(old.to() + "'", making.points.keySet());
        making.points.put(last, end);
        making.edges.set(
                place,
                old.between(
                        first,
                        last,
                        old.path()
                                .withEndsMoved(
                                        start.minus(old.path().start()),
                                        end.minus(old.path().end()))));
        making.edges.add(
                place + 1,
                beside(after, names)
                        .between(
                                last,
                                old.to(),
                                Path.of(new LineSegment(end, old.path().end()))));
        making.edges.add(
                place,
                beside(before, names)
                        .between(
                                old.from(),
                                first,
                                Path.of(new LineSegment(old.path().start(), start))));
        making.lines.add(new MarkLine(
                PieceEditor.free(turned ? "turn back" : "edge before", names),
                turned ? MarkLine.Kind.FOLD : MarkLine.Kind.PLACE,
                old.path().start(),
                old.path().end()));
        return making.piece();
    }

    /** What is added beside a neighbour is sewn like it. */
    private static Edge beside(Edge neighbour, Set<String> names) {
        String name = PieceEditor.free(neighbour.name() + "/beyond", names);
        names.add(name);
        return neighbour.named(name);
    }

    /** Goes on in the neighbour's direction, or in its mirror image on the edge, until the width is reached. */
    private Point ahead(Point direction, Point chord, Point out) {
        double reach = direction.dot(out);
        double along = direction.dot(chord) * (turned ? -1 : 1);
        // A neighbour that hardly leaves the edge would be drawn out to a needle.
        double slope = reach < 0.5 ? 0 : along / reach;
        return out.times(width).plus(chord.times(slope * width));
    }
}
