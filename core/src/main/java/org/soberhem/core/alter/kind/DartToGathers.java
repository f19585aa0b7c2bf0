package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.alter.edit.DartEdits;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;

/**
 * Leaves a dart unsewn and draws its width up in gathers along the edge that it opened at.
 *
 * @param dart piece and dart
 * @param sides must be both
 */
public record DartToGathers(EdgeRef dart, Sides sides) implements Alteration {

    /** Gathers are drawn up to at most half. */
    private static final double MOST = 2;

    @Override
    public Sentence sentence() {
        return Sentence.of("Gather the width of the dart {} of the {} along its edge", dart.edge(), dart.piece());
    }

    @Override
    public DartToGathers on(Sides others) {
        return new DartToGathers(dart, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        Piece whole = PieceEdits.any(pattern, dart.piece());
        PieceEditor any = new PieceEditor(whole);
        int mouth = DartEdits.mouth(any, any.dart(dart.edge()));
        String gathered = any.edges.get(mouth).name();
        Edge beside = any.edges.get(Math.floorMod(mouth - 1, any.edges.size()));
        Pattern opened =
                WornPieces.piece(pattern, dart.piece(), sides, piece -> opened(piece, gathered, beside.role()));
        EdgeRef here = new EdgeRef(dart.piece(), beside.name());
        List<Seam> seams = new ArrayList<>();
        opened.seams().forEach(seam -> seams.add(drawnUp(seam, here, new EdgeRef(dart.piece(), gathered))));
        return opened.with(opened.pieces(), seams);
    }

    private Piece opened(Piece piece, String mouth, Role role) {
        PieceEditor making = new PieceEditor(piece);
        Dart old = making.dart(dart.edge());
        making.darts.remove(old);
        int place = making.place(mouth);
        Edge edge = making.edges.get(place);
        making.edges.set(place, edge.withRole(role));
        return making.piece();
    }

    /** The mouth is sewn with its neighbours; the seam that they are in is now gathered. */
    private static Seam drawnUp(Seam seam, EdgeRef beside, EdgeRef mouth) {
        if (seam.first().contains(beside)) {
            return new Seam(with(seam.first(), beside, mouth), seam.second(), Seam.Kind.GATHERED, 1, MOST);
        }
        if (seam.second().contains(beside)) {
            return new Seam(with(seam.second(), beside, mouth), seam.first(), Seam.Kind.GATHERED, 1, MOST);
        }
        return seam;
    }

    private static List<EdgeRef> with(List<EdgeRef> run, EdgeRef beside, EdgeRef mouth) {
        List<EdgeRef> longer = new ArrayList<>(run);
        longer.add(longer.indexOf(beside) + 1, mouth);
        return longer;
    }
}
