package org.soberhem.desk.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.Plate;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;

/**
 * One step of drawing a draft by hand.
 *
 * @param piece name of the piece
 * @param point letter of the point that it finds, if it finds one
 * @param sentence what to do, in the wearer's own numbers
 */
record WalkStep(String piece, Optional<String> point, String sentence) {

    /** Returns every step of a draft: the points of each piece, then its edges. */
    static List<WalkStep> of(Draft draft, LengthFormat format) {
        List<WalkStep> steps = new ArrayList<>();
        for (Plate plate : draft.plates()) {
            for (Plate.PlatePoint point : plate.points()) {
                steps.add(new WalkStep(plate.piece(), Optional.of(point.name()), point(plate, point, format)));
            }
            Piece piece = draft.pattern().piece(plate.piece(), Side.LEFT).orElseThrow();
            for (Edge edge : piece.edges()) {
                steps.add(new WalkStep(
                        plate.piece(),
                        Optional.empty(),
                        plate.piece() + ": draw the " + edge.name() + " from " + edge.from() + " to " + edge.to()
                                + "; its seam line is "
                                + format.format(edge.path().length())));
            }
        }
        return steps;
    }

    private static String point(Plate plate, Plate.PlatePoint point, LengthFormat format) {
        String along = Units.shown(point.along());
        String out = Units.shown(point.out());
        String sentence = plate.piece() + ", " + point.name() + ": along the base line " + along + " ("
                + format.format(point.at().y()) + ")";
        if (Math.abs(point.at().x()) > 0.01) {
            sentence += ", square out " + out + " (" + format.format(point.at().x()) + ")";
        }
        return sentence + (point.corner() ? "; it only guides a curve" : "");
    }
}
