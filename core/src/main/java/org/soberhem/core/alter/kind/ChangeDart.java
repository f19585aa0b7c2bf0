package org.soberhem.core.alter.kind;

import java.util.List;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.DartEdits;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Redrawing;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Makes a dart wider or narrower, until it is taken out; moves its point, or curves its legs.
 *
 * @param dart piece and dart
 * @param width added at its mouth, in millimetres; negative makes it narrower
 * @param down how far its point moves down
 * @param out how far its point moves away from the base line
 * @param bow how far each leg is bent half way, so that more is taken up; negative takes up less
 * @param sides which worn pieces
 */
public record ChangeDart(EdgeRef dart, double width, double down, double out, double bow, Sides sides)
        implements Alteration {

    /** A dart narrower than this is nothing that can be sewn: it is taken out. In millimetres. */
    private static final double LEAST = 1;

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Dart {} of the {}: {} at its mouth, its point {} {} and {} {}, its legs {}{}",
                dart.edge(),
                dart.piece(),
                Sentence.of(width < 0 ? "{} narrower" : "{} wider", Math.abs(width)),
                Math.abs(down),
                down < 0 ? "up" : "down",
                Math.abs(out),
                out < 0 ? "in" : "out",
                Sentence.either(bow, "bent by {} to take up more", "bent by {} to take up less"),
                WornPieces.where(sides));
    }

    @Override
    public ChangeDart on(Sides others) {
        return new ChangeDart(dart, width, down, out, bow, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return WornPieces.piece(pattern, dart.piece(), sides, this::changed);
    }

    /** Takes the dart out: its mouth is closed and the edges beside it are drawn to its middle. */
    private Piece closed(PieceEditor making, Dart old) {
        WornPieces.bothOnly(sides);
        int place = DartEdits.mouth(making, old);
        Edge mouth = making.edges.get(place);
        making.beginAt(place);
        making.edges.remove(0);
        making.darts.remove(old);
        making.points.remove(mouth.to());
        Point middle = mouth.path().atShare(0.5);
        int last = making.edges.size() - 1;
        Edge after = making.edges.get(0);
        Edge before = making.edges.get(last);
        Point endBy = middle.minus(before.path().end());
        Point startBy = middle.minus(after.path().start());
        making.edges.set(last, before.withPath(before.path().redrawn(Point.ORIGIN, endBy)));
        making.edges.set(
                0,
                making.edges
                        .get(0)
                        .between(
                                mouth.from(),
                                after.to(),
                                making.edges.get(0).path().redrawn(startBy, Point.ORIGIN)));
        making.points.put(mouth.from(), middle);
        return making.piece();
    }

    private Piece changed(Piece piece) {
        PieceEditor making = new PieceEditor(piece);
        Dart old = making.dart(dart.edge());
        double is = old.first().distanceTo(old.second());
        if (is + width < LEAST) {
            return closed(making, old);
        }
        Point by = new Point(out, down);
        if (width != 0) {
            List<Path> paths = Redrawing.paths(piece);
            int mouth = DartEdits.mouth(making, old);
            Path chord = paths.get(mouth);
            Point along = chord.end().minus(chord.start()).unit().times(width / 2);
            int count = paths.size();
            int before = Math.floorMod(mouth - 1, count);
            int after = (mouth + 1) % count;
            paths.set(
                    mouth,
                    Path.of(new LineSegment(
                            chord.start().minus(along), chord.end().plus(along))));
            paths.set(before, paths.get(before).redrawn(Point.ORIGIN, along.times(-1)));
            paths.set(after, paths.get(after).redrawn(along, Point.ORIGIN));
            making.redrawn(paths);
        }
        making.darts.replaceAll(each -> each.name().equals(old.name())
                ? new Dart(each.name(), each.point().plus(by), each.first(), each.second(), each.bow() + bow)
                : each);
        making.points.replaceAll(
                (letter, at) -> at.distanceTo(old.point()) < PieceEditor.SAME_PLACE ? at.plus(by) : at);
        if (!making.outline().contains(making.dart(old.name()).point())) {
            throw new AlterationRefusal("The point of the dart would lie outside the {}: move it less", piece.name());
        }
        return making.piece();
    }
}
