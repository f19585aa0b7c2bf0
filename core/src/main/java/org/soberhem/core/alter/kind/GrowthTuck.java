package org.soberhem.core.alter.kind;

import java.util.HashSet;
import java.util.Set;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Adds length at a level that is sewn away in a tuck and let down when the wearer has grown.
 *
 * @param level name of the level
 * @param depth of the tuck as it stands, in millimetres, more than 0; twice as much cloth is added
 * @param sides which worn pieces
 */
public record GrowthTuck(String level, double depth, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Growth tuck at the {}, {} deep: {} of cloth sewn away in it{}",
                level,
                depth,
                2 * depth,
                WornPieces.where(sides));
    }

    @Override
    public GrowthTuck on(Sides others) {
        return new GrowthTuck(level, depth, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        if (depth <= 0) {
            throw new AlterationRefusal("A tuck must have a depth: type how deep it stands");
        }
        Pattern longer = LengthenAtLevel.evenly(level, 2 * depth, sides).made(pattern);
        return WornPieces.each(longer, sides, piece -> piece.levels().containsKey(level), this::marked);
    }

    private Piece marked(Piece piece) {
        PieceEditor making = new PieceEditor(piece);
        Level line = piece.levels().get(level);
        Set<String> names = new HashSet<>();
        piece.lines().forEach(each -> names.add(each.name()));
        Point down = new Point(0, 2 * depth);
        for (Point by : new Point[] {Point.ORIGIN, down}) {
            String name = PieceEditor.free(level + " tuck", names);
            names.add(name);
            making.lines.add(new MarkLine(
                    name, MarkLine.Kind.TUCK, line.from().plus(by), line.to().plus(by)));
        }
        return making.piece();
    }
}
