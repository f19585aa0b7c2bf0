package org.soberhem.core.cloth;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.pattern.CutShape;

/** A lay on folded cloth opened out: its fold comes to lie along the middle of the cloth. */
final class UnfoldedLay {

    private UnfoldedLay() {}

    /** Returns where all cuts lie on open cloth of that width, in millimetres. */
    static List<PlacedPiece> of(List<LayPiece> pieces, double width, List<PlacedPiece> folded) {
        Map<String, LayPiece> named = new HashMap<>();
        pieces.forEach(piece -> named.put(piece.name(), piece));
        List<PlacedPiece> all = new ArrayList<>();
        double middle = width / 2;
        for (PlacedPiece cut : folded) {
            LayPiece piece = named.get(cut.name());
            if (piece.kind() == CutShape.FOLD) {
                all.add(new PlacedPiece(cut.name(), cut.copy(), middle, cut.y(), cut.turned(), false, 0, false));
                continue;
            }
            int second = cut.copy() + piece.count() / 2;
            if (piece.kind() == CutShape.PLAIN) {
                all.add(unmirrored(piece.outline(), right(cut, cut.copy(), middle)));
                all.add(unmirrored(piece.outline(), left(cut, second, middle)));
            } else {
                // The mirrored ones of a pair are its second half.
                all.add(right(cut, cut.mirrored() ? second : cut.copy(), middle));
                all.add(left(cut, cut.mirrored() ? cut.copy() : second, middle));
            }
        }
        return all;
    }

    private static PlacedPiece right(PlacedPiece cut, int copy, double middle) {
        return new PlacedPiece(
                cut.name(), copy, middle + cut.x(), cut.y(), cut.turned(), cut.mirrored(), cut.lean(), false);
    }

    private static PlacedPiece left(PlacedPiece cut, int copy, double middle) {
        return new PlacedPiece(
                cut.name(), copy, middle - cut.x(), cut.y(), cut.turned(), !cut.mirrored(), -cut.lean(), false);
    }

    /** Returns a piece that equals its mirror image on the same place without mirroring it. */
    private static PlacedPiece unmirrored(Outline outline, PlacedPiece cut) {
        if (!cut.mirrored()) {
            return cut;
        }
        Outline lies = cut.of(outline);
        PlacedPiece asIt = new PlacedPiece(cut.name(), cut.copy(), 0, 0, cut.turned(), false, cut.lean(), false);
        PlacedPiece upsideDown = new PlacedPiece(cut.name(), cut.copy(), 0, 0, !cut.turned(), false, cut.lean(), false);
        PlacedPiece same = Shapes.same(lies, asIt.of(outline)) ? asIt : upsideDown;
        Box box = same.of(outline).box();
        double dx = lies.box().minX() - box.minX();
        double dy = lies.box().minY() - box.minY();
        return same.moved(dx, dy);
    }
}
