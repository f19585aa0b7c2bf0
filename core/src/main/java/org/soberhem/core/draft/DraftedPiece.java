package org.soberhem.core.draft;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;

/**
 * A piece as the sheet draws it at the wearer's size, before allowances are taken off: what one would square out by
 * hand.
 *
 * @param piece name of the piece
 * @param frame name of the frame that it lies on, or empty
 * @param scale the scale that its bare numbers are in; empty where every point is measured
 * @param points in the order in which they are drawn, those of its frame that it uses first
 * @param drawn the plate's line, closed, edge after edge
 */
public record DraftedPiece(
        String piece, String frame, Optional<Draft.Scaling> scale, List<PlatePoint> points, List<Path> drawn) {

    /**
     * A point of the plate.
     *
     * @param name letter
     * @param along distance along the base line, as written; empty where the point is found by another step
     * @param out distance out from it, as written; empty likewise
     * @param at where it lies, in millimetres
     * @param corner whether it only guides a curve
     */
    public record PlatePoint(String name, String along, String out, Point at, boolean corner) {}
}
