package org.soberhem.core.alter.kind;

import java.util.List;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Profile;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;

/**
 * Widens the top of a sleeve only: the cap bulges out over a depth from its crown, its ends and everything below stay,
 * so that the seams of a sleeve of one or two pieces are untouched.
 *
 * @param piece the sleeve, or its upper half
 * @param amount width added where the cap is fullest, in millimetres; negative takes it out
 * @param within how far down from the crown it reaches, more than 0, at most the height of the cap
 * @param sides which worn pieces
 */
public record PuffCap(String piece, double amount, double within, Sides sides) implements Alteration {

    /** Makes the greatest of t (1 - t)² one. */
    private static final double FULL = 27.0 / 4;

    /** A cap edge follows the bulge by its quarters. */
    private static final double[] QUARTERS = {0.125, 0.25, 0.5, 0.75};

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "{} the top {} of the {} by {}{}",
                amount < 0 ? "Narrow" : "Widen",
                within,
                piece,
                Math.abs(amount),
                WornPieces.where(sides));
    }

    @Override
    public PuffCap on(Sides others) {
        return new PuffCap(piece, amount, within, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        Pattern puffed = WornPieces.piece(pattern, piece, sides, this::puffed);
        return puffed.with(
                puffed.pieces(),
                puffed.seams().stream()
                        .map(seam -> amount > 0 ? PuffSleeve.gathered(seam, piece) : seam)
                        .toList());
    }

    private Piece puffed(Piece sleeve) {
        List<Edge> caps =
                sleeve.edges().stream().filter(edge -> edge.role() == Role.CAP).toList();
        if (caps.isEmpty()) {
            throw new AlterationRefusal("The {} has no cap: choose a sleeve", sleeve.name());
        }
        Box cap = caps.stream()
                .map(edge -> Box.round(edge.path().flattened(PieceEditor.COARSE)))
                .reduce(Box::union)
                .orElseThrow();
        double foot = caps.stream()
                .mapToDouble(edge ->
                        Math.max(edge.path().start().y(), edge.path().end().y()))
                .max()
                .orElseThrow();
        double ends = caps.stream()
                .flatMap(edge -> List.of(edge.path().start(), edge.path().end()).stream())
                .mapToDouble(Point::y)
                .filter(y -> y > cap.minY() + PieceEditor.SAME_PLACE)
                .min()
                .orElse(foot);
        if (within <= 0 || within > ends - cap.minY() + PieceEditor.SAME_PLACE) {
            throw new AlterationRefusal(
                    "The cap of the {} is {} high: the puff can reach down that far at most",
                    sleeve.name(),
                    ends - cap.minY());
        }
        double middle = crown(caps, cap);
        PieceEditor making = new PieceEditor(sleeve);
        making.edges.replaceAll(
                edge -> edge.role() == Role.CAP ? edge.withPath(bulged(edge.path(), cap.minY(), middle)) : edge);
        return making.piece();
    }

    /** Returns how far out the crown lies: where two cap edges meet at the top, or the middle of the cap. */
    private static double crown(List<Edge> caps, Box cap) {
        return caps.stream()
                .flatMap(edge -> List.of(edge.path().start(), edge.path().end()).stream())
                .filter(point -> point.y() < cap.minY() + cap.height() * 0.05)
                .mapToDouble(Point::x)
                .findFirst()
                .orElse(cap.middle().x());
    }

    /** Moves every place out by an amount that depends on its height alone, so that the opposite undoes it. */
    private Path bulged(Path path, double top, double middle) {
        boolean right = path.atShare(0.5).x() > middle;
        return path.shifted(new Point(right ? 1 : -1, 0), Profile.along(path, QUARTERS, at -> out(at.y() - top)));
    }

    /** Nothing at the crown and from the depth on, most a little above half of it. */
    private double out(double depth) {
        double share = depth / within;
        return share <= 0 || share >= 1 ? 0 : amount / 2 * FULL * share * (1 - share) * (1 - share);
    }
}
