package org.soberhem.desk.draft;

import java.util.List;
import java.util.stream.IntStream;
import org.soberhem.core.drape.Draped;
import org.soberhem.core.drape.WornFinding;
import org.soberhem.core.drape.WornFindings;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Viewpoint;

/**
 * A garment tried on, drawn.
 *
 * @param draped the garment
 * @param solids it and its stand
 * @param plate how they are seen
 * @param findings what is to be said of it
 */
record WornPicture(Draped draped, List<Solid> solids, Plate plate, List<WornFinding> findings) {

    /** So much of the figure is shown about the garment, millimetres. */
    private static final double ABOUT = 60;

    static WornPicture of(Draped draped, double limit, Viewpoint from) {
        List<Solid> solids = draped.withStand(limit);
        return new WornPicture(draped, solids, PlateMaker.plate(solids, from), WornFindings.of(draped, limit));
    }

    /** Returns it turned, drawn coarsely and at once. */
    WornPicture turned(Viewpoint from) {
        return new WornPicture(draped, solids, PlateMaker.whileTurned(solids, from), findings);
    }

    /** Returns the part of the plate in which the garment is. */
    Box box() {
        Viewpoint from = plate.from();
        Box garment = Box.round(IntStream.range(0, draped.mesh().particles())
                .mapToObj(particle -> from.picture(draped.place(particle)))
                .toList());
        return new Box(
                garment.minX() - ABOUT, garment.minY() - 4 * ABOUT, garment.maxX() + ABOUT, garment.maxY() + 2 * ABOUT);
    }
}
