package org.soberhem.core.alter.kind;

import java.util.List;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.AmountsAlong;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Redrawing;
import org.soberhem.core.alter.edit.SeamRole;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Profile;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Opens one piece along an upright line where the maker points, by amounts at levels: what lies beyond the line moves
 * away from the centre, and nothing else moves.
 *
 * @param piece which piece
 * @param at where it opens, as a share of its breadth from its centre or first side
 * @param amounts width added at places down the line, in millimetres; negative folds away
 * @param sides which worn pieces
 */
public record WidenHere(String piece, double at, AmountsAlong amounts, Sides sides) implements Alteration {

    /** An edge follows the amounts by its halves. */
    private static final double[] HALVES = {0.5};

    public WidenHere {
        if (!(at > 0 && at < 1)) {
            throw new IllegalArgumentException("A piece opens between its two sides, 0 to 1: " + at);
        }
    }

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Open the {} along a line {} % across: added {}{}",
                piece, Math.round(at * 100), amounts.sentence(), WornPieces.where(sides));
    }

    @Override
    public WidenHere on(Sides others) {
        return new WidenHere(piece, at, amounts, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return WornPieces.piece(pattern, piece, sides, this::opened);
    }

    private Piece opened(Piece worn) {
        Box box = worn.seamLine(PieceEditor.COARSE).box();
        double x = box.minX() + at * box.width();
        List<Double> cuts = worn.seamLine(PieceEditor.COARSE).cuts(new Point(x, box.minY()), new Point(0, 1));
        if (cuts.size() < 2) {
            throw new AlterationRefusal("The {} has no cloth along that line: point to another place", piece);
        }
        Point top = new Point(x, box.minY() + cuts.get(0));
        Point bottom = new Point(x, box.minY() + cuts.get(cuts.size() - 1));
        Profile added = amounts.byHeight(worn, Path.of(new LineSegment(top, bottom)), true);
        List<Path> paths = Redrawing.paths(worn);
        for (int i = 0; i < paths.size(); i++) {
            Path path = paths.get(i);
            boolean startMoves = path.start().x() > x;
            boolean endMoves = path.end().x() > x;
            double startBy = startMoves ? added.at(share(path.start(), top, bottom)) : 0;
            double endBy = endMoves ? added.at(share(path.end(), top, bottom)) : 0;
            paths.set(
                    i,
                    startMoves && endMoves && SeamRole.runsDown(worn.edges().get(i))
                            ? path.shifted(
                                    new Point(1, 0),
                                    Profile.along(path, HALVES, at -> added.at(share(at, top, bottom))))
                            : path.redrawn(new Point(startBy, 0), new Point(endBy, 0)));
        }
        return Redrawing.withPaths(worn, paths);
    }

    private static double share(Point at, Point top, Point bottom) {
        return Math.max(0, Math.min(1, (at.y() - top.y()) / (bottom.y() - top.y())));
    }
}
