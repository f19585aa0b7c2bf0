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
 * @param plate the piece as the sheet draws it
 * @param point the point that it finds, if it finds one
 * @param edge the edge that it draws otherwise
 */
record WalkStep(Plate plate, Optional<Plate.PlatePoint> point, Optional<Edge> edge) {

    /** Returns every step of a draft: the points of each piece, then its edges. */
    static List<WalkStep> of(Draft draft) {
        List<WalkStep> steps = new ArrayList<>();
        for (Plate plate : draft.plates()) {
            plate.points().forEach(point -> steps.add(new WalkStep(plate, Optional.of(point), Optional.empty())));
            Piece piece = draft.pattern().piece(plate.piece(), Side.LEFT).orElseThrow();
            piece.edges().forEach(edge -> steps.add(new WalkStep(plate, Optional.empty(), Optional.of(edge))));
        }
        return steps;
    }

    /** Returns what to do, in the wearer's own numbers. */
    String sentence(LengthFormat format) {
        return plate.piece()
                + point.map(found -> ", " + sentence(found, format))
                        .orElseGet(() -> ": " + sentence(edge.orElseThrow(), format));
    }

    private static String sentence(Edge edge, LengthFormat format) {
        return "draw the " + edge.name() + " from " + edge.from() + " to " + edge.to() + "; its seam line is "
                + format.format(edge.path().length());
    }

    private static String sentence(Plate.PlatePoint point, LengthFormat format) {
        String along = Units.shown(point.along());
        String sentence = point.name() + ": along the base line " + along + " ("
                + format.format(point.at().y()) + ")";
        if (Math.abs(point.at().x()) > 0.01) {
            sentence += ", square out " + Units.shown(point.out()) + " ("
                    + format.format(point.at().x()) + ")";
        }
        return sentence + (point.corner() ? "; it only guides a curve" : "");
    }
}
