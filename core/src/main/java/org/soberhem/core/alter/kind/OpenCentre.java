package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.SeamRole;
import org.soberhem.core.alter.edit.SeamShift;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Profile;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;

/**
 * Takes width out at the centre of a piece: more at the neck for one that gapes, evenly for one that falls off. Where
 * the piece was cut on the fold there is a seam afterwards; an edge that opens stays one.
 *
 * @param piece a piece that lies at the centre
 * @param atTop cloth taken at the upper end, in millimetres; negative adds
 * @param atBottom cloth taken at the lower end
 * @param sides must be both where it is cut on the fold
 */
public record OpenCentre(String piece, double atTop, double atBottom, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "{} at the top of the centre of the {}, {} at its bottom{}",
                Sentence.either(atTop, "Take {} out", "Let out {}"),
                piece,
                Sentence.either(atBottom, "{} taken out", "{} let out"),
                WornPieces.where(sides));
    }

    @Override
    public OpenCentre on(Sides others) {
        return new OpenCentre(piece, atTop, atBottom, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        Piece whole = PieceEdits.any(pattern, piece);
        Edge centre = whole.edges().stream()
                .filter(whole::isFold)
                .findFirst()
                .or(() -> SeamRole.CENTRE.of(pattern, whole))
                .orElseThrow(() -> new AlterationRefusal(
                        "The {} has no edge at the centre: take its seam in, or make a new seam elsewhere", piece));
        EdgeRef edge = new EdgeRef(piece, centre.name());
        return SeamShift.taken(opened(pattern, edge, sides), edge, sides, Profile.tapering(atTop, atBottom));
    }

    /**
     * Returns the pattern with a seam where an edge lay on the fold; any other edge stays as it is.
     *
     * @throws AlterationRefusal if it lies on the fold and only one side is altered
     */
    static Pattern opened(Pattern pattern, EdgeRef edge, Sides sides) {
        Piece whole = PieceEdits.any(pattern, edge.piece());
        if (!whole.isFold(new PieceEditor(whole).edge(edge.edge()))) {
            return pattern;
        }
        WornPieces.bothOnly(sides);
        Pattern opened = WornPieces.piece(pattern, edge.piece(), sides, each -> {
            PieceEditor making = new PieceEditor(each);
            making.shape = CutShape.PAIR;
            making.cut.replaceAll((use, count) -> 2 * count);
            double allowance = making.usualAllowance();
            making.edges.replaceAll(
                    other -> other.name().equals(edge.edge()) ? other.withAllowance(allowance, other.corner()) : other);
            making.grainAlong(each.grainTo().minus(each.grainFrom()).unit());
            return making.piece();
        });
        List<Seam> seams = new ArrayList<>(opened.seams());
        seams.add(new Seam(List.of(edge), List.of(edge), Seam.Kind.PLAIN, 0, 0));
        return opened.with(opened.pieces(), seams);
    }
}
