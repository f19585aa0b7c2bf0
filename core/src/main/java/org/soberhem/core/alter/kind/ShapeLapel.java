package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Redrawing;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Shapes a lapel: its tip farther out, its notch higher, its notch deeper or shallower. The gorge, where the collar is
 * sewn, keeps its line and length but for what the notch is raised.
 *
 * @param piece the front
 * @param out how much farther out the tip lies, in millimetres; negative in
 * @param up how much higher the tip and the notch lie; negative lower
 * @param deeper how much deeper the notch is cut towards the neck; negative shallower
 * @param sides which worn pieces
 */
public record ShapeLapel(String piece, double out, double up, double deeper, Sides sides) implements Alteration {

    private static final String LAPEL = "lapel";
    private static final String NOTCH = "lapel-top";

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Shape the lapel of the {}: tip {}, {}, notch {}{}",
                piece,
                Sentence.either(out, "{} out", "{} in"),
                Sentence.either(up, "{} higher", "{} lower"),
                Sentence.either(deeper, "{} deeper", "{} shallower"),
                WornPieces.where(sides));
    }

    @Override
    public ShapeLapel on(Sides others) {
        return new ShapeLapel(piece, out, up, deeper, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return WornPieces.piece(pattern, piece, sides, this::shaped);
    }

    /** Says whether a piece has a lapel with a notch. */
    public static boolean hasLapel(Piece front) {
        return front.edge(LAPEL).isPresent() && front.edge(NOTCH).isPresent();
    }

    private Piece shaped(Piece front) {
        if (!hasLapel(front)) {
            throw new AlterationRefusal("The {} has no lapel with a notch: choose a front that has one", piece);
        }
        int notch = new PieceEditor(front).place(NOTCH);
        int count = front.edges().size();
        List<Path> paths = Redrawing.paths(front);
        Path top = paths.get(notch);
        boolean lapelFirst =
                front.edges().get(Math.floorMod(notch - 1, count)).name().equals(LAPEL);
        Point tip = lapelFirst ? top.start() : top.end();
        Point corner = lapelFirst ? top.end() : top.start();
        Point tipTo = tip.plus(new Point(-out, -up));
        Point cornerTo =
                corner.plus(new Point(0, -up)).plus(corner.minus(tip).unit().times(deeper));
        if (tipTo.distanceTo(cornerTo) < 1) {
            throw new AlterationRefusal("The notch would be gone: it is {} deep", tip.distanceTo(corner));
        }
        List<Path> moved = new ArrayList<>(paths);
        IntStream.range(0, count).forEach(i -> {
            Path path = paths.get(i);
            moved.set(
                    i,
                    path.redrawn(
                            by(path.start(), tip, tipTo, corner, cornerTo),
                            by(path.end(), tip, tipTo, corner, cornerTo)));
        });
        return Redrawing.withPaths(front, moved);
    }

    private static Point by(Point at, Point tip, Point tipTo, Point corner, Point cornerTo) {
        if (at.distanceTo(tip) < PieceEditor.SAME_PLACE) {
            return tipTo.minus(tip);
        }
        return at.distanceTo(corner) < PieceEditor.SAME_PLACE ? cornerTo.minus(corner) : Point.ORIGIN;
    }
}
