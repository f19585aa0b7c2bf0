package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Fastening;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Sets fastenings in a row along an edge, each marked across it.
 *
 * @param edge along which edge
 * @param kind what they are
 * @param count how many, at least 1
 * @param first how far the first lies from the upper end, in millimetres
 * @param over from the first to the last
 * @param inside how far within the edge their middles lie
 * @param sides which worn pieces
 */
public record AddFastenings(
        EdgeRef edge, Fastening kind, int count, double first, double over, double inside, Sides sides)
        implements Alteration {

    @Override
    public Sentence sentence() {
        String words = kind.word() + (count == 1 ? "" : "s");
        return count == 1
                ? Sentence.of(
                        "One {} at the {}, {} below its top{}", words, edge.words(), first, WornPieces.where(sides))
                : Sentence.of(
                        "{} {} at the {}: the first {} below its top, then {} apart{}",
                        String.valueOf(count),
                        words,
                        edge.words(),
                        first,
                        over / (count - 1),
                        WornPieces.where(sides));
    }

    @Override
    public AddFastenings on(Sides others) {
        return new AddFastenings(edge, kind, count, first, over, inside, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        return WornPieces.piece(pattern, edge.piece(), sides, this::marked);
    }

    private Piece marked(Piece piece) {
        PieceEditor making = new PieceEditor(piece);
        Path path = making.edge(edge.edge()).path();
        Path down = path.start().y() <= path.end().y() ? path : path.reversed();
        double length = down.length();
        if (count < 1 || first < 0 || over < 0 || first + over > length) {
            throw new AlterationRefusal(
                    "The {} is {} long: the last {} would lie {} from its top",
                    edge.words(),
                    length,
                    kind.word(),
                    first + over);
        }
        double sense = down == path ? -1 : 1;
        int already = (int) piece.lines().stream().filter(kind::isMark).count();
        for (int i = 0; i < count; i++) {
            double share = (first + (count == 1 ? 0 : over * i / (count - 1))) / length;
            Point along = down.atShare(Math.min(1, share + 1e-3))
                    .minus(down.atShare(Math.max(0, share - 1e-3)))
                    .unit();
            Point inward = along.outward().times(sense);
            Point middle = down.atShare(share).plus(inward.times(inside));
            Point half = inward.times(kind.mark() / 2);
            making.lines.add(new MarkLine(
                    kind.word() + " " + (already + i + 1), MarkLine.Kind.PLACE, middle.minus(half), middle.plus(half)));
        }
        return making.piece();
    }
}
