package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.CutAfter;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.CutFrom;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Seam;

/**
 * Cuts a strip that lies behind an edge: a facing in the shape of the edge, or a straight placket or guard strip.
 *
 * @param edge which edge
 * @param kind facing, placket or guard strip
 * @param width of the strip, in millimetres, more than 0
 * @param smaller by how much it stays within the edge, so that it does not show
 * @param sides must be both
 */
public record AddFacing(EdgeRef edge, Kind kind, double width, double smaller, Sides sides) implements Alteration {

    /** What the strip is for. */
    public enum Kind {
        FACING("facing"),
        PLACKET("placket"),
        GUARD("guard strip");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Cut a {} {} wide for the {}, {} smaller than it", kind.words(), width, edge.words(), smaller);
    }

    @Override
    public AddFacing on(Sides others) {
        return new AddFacing(edge, kind, width, smaller, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        if (width <= 0 || smaller < 0 || smaller >= width) {
            throw new AlterationRefusal("A strip must be wider than what it stays behind by");
        }
        String name =
                PieceEdits.freeName(pattern, edge.piece() + "-" + kind.words().replace(' ', '-'));
        CutFrom.Way way = kind == Kind.FACING ? CutFrom.Way.SHAPED_STRIP : CutFrom.Way.STRIP;
        Pattern faced =
                CutAfter.with(pattern, name, "", new CutFrom(edge.piece(), edge.edge(), way, width, smaller, 0, ""));
        List<Seam> seams = new ArrayList<>(pattern.seams());
        seams.add(CutAfter.faced(faced, List.of(new EdgeRef(name, CutAfter.OUTER)), List.of(edge)));
        return faced.with(faced.pieces(), seams);
    }
}
