package org.soberhem.core.alter.kind;

import java.util.List;
import java.util.stream.Stream;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Redrawing;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Widens what lies beyond the centre line of a front, for a double-breasted one: edge, lapel and roll line move out
 * together, closed no girth changes.
 *
 * @param piece the front
 * @param amount how much wider the overlap becomes, in millimetres; negative narrower
 * @param sides which worn pieces
 */
public record WidenLap(String piece, double amount, Sides sides) implements Alteration {

    /** Places nearer to the centre line than this lie on it, in millimetres. */
    private static final double ON_LINE = 0.01;

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "{} the overlap of the {} by {}, its lapel and roll line with it{}",
                amount < 0 ? "Narrow" : "Widen",
                piece,
                Math.abs(amount),
                WornPieces.where(sides));
    }

    @Override
    public WidenLap on(Sides others) {
        return new WidenLap(piece, amount, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return WornPieces.piece(pattern, piece, sides, front -> wider(front, sewn(pattern, front)));
    }

    /** Returns the ends of what is sewn: a gorge keeps its length, the notch beside it becomes as much deeper. */
    private static List<Point> sewn(Pattern pattern, Piece front) {
        return front.edges().stream()
                .filter(edge -> SeamEdits.of(pattern, new EdgeRef(front.name(), edge.name()))
                        .isPresent())
                .flatMap(edge -> Stream.of(edge.path().start(), edge.path().end()))
                .toList();
    }

    /** Says whether a piece reaches beyond its centre line. */
    public static boolean hasLap(Piece front) {
        return front.centreX()
                .filter(centre ->
                        centre - front.seamLine(PieceEditor.COARSE).box().minX() > ON_LINE)
                .isPresent();
    }

    private Piece wider(Piece front, List<Point> sewn) {
        double centre = front.centreX()
                .orElseThrow(
                        () -> new AlterationRefusal("The {} has no centre line to overlap: choose a front", piece));
        double overlap = centre - front.seamLine().box().minX();
        if (overlap < ON_LINE || -amount >= overlap) {
            throw new AlterationRefusal(
                    "The {} reaches {} beyond its centre: add an overlap first, or narrow it by less", piece, overlap);
        }
        List<Path> paths = Redrawing.paths(front);
        paths.replaceAll(path -> path.redrawn(by(path.start(), centre, sewn), by(path.end(), centre, sewn)));
        return Redrawing.withPaths(front, paths);
    }

    private Point by(Point at, double centre, List<Point> sewn) {
        boolean still = sewn.stream().anyMatch(end -> end.distanceTo(at) < PieceEditor.SAME_PLACE);
        return at.x() < centre - ON_LINE && !still ? new Point(-amount, 0) : Point.ORIGIN;
    }
}
