package org.soberhem.core.alter.kind;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.DartEdits;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Bisection;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Divides a dart that runs out at both ends within a piece into several beside each other. Where they are widest they
 * take up together what the one took.
 *
 * @param dart piece and dart, either half of it
 * @param count how many, 2 to 5
 * @param apart how far their middles lie apart, in millimetres
 * @param sides must be both
 */
public record DivideDart(EdgeRef dart, int count, double apart, Sides sides) implements Alteration {

    private static final int MOST = 5;

    /** A dart ends so far within the piece, in millimetres. */
    private static final double WITHIN = 12;

    /** Halvings in the search for the longest dart that lies within. */
    private static final int ROUNDS = 20;

    public DivideDart {
        if (count < 2 || count > MOST) {
            throw new IllegalArgumentException("A dart is divided into 2 to " + MOST + ": " + count);
        }
    }

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Divide the dart {} of the {} into {}, {} apart",
                dart.edge(),
                dart.piece(),
                String.valueOf(count),
                apart);
    }

    @Override
    public DivideDart on(Sides others) {
        return new DivideDart(dart, count, apart, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        return WornPieces.piece(pattern, dart.piece(), sides, this::divided);
    }

    private Piece divided(Piece piece) {
        PieceEditor making = new PieceEditor(piece);
        Dart one = making.dart(dart.edge());
        Dart other = otherHalf(piece, one)
                .orElseThrow(() -> new AlterationRefusal(
                        "The dart {} opens at an edge: split it in two, or turn it, instead", one.name()));
        double width = one.first().distanceTo(one.second());
        if (apart < width / count) {
            throw new AlterationRefusal("The darts would overlap: set them at least {} apart", width / count);
        }
        Point along = one.second().minus(one.first()).unit();
        Point middle = one.first().towards(one.second(), 0.5);
        Outline outline = making.outline();
        making.darts.removeAll(List.of(one, other));
        for (int i = 0; i < count; i++) {
            Point aside = along.times((i - (count - 1) / 2.0) * apart);
            Point mouth = middle.plus(aside);
            Point half = along.times(width / count / 2);
            if (!outline.contains(mouth.minus(half)) || !outline.contains(mouth.plus(half))) {
                throw new AlterationRefusal(
                        "A dart would lie outside the {}: set them less than {} apart", piece.name(), apart);
            }
            String name = PieceEditor.free("dart", DartEdits.names(making));
            for (Dart each : List.of(one, other)) {
                Point point = within(outline, mouth, each.point().plus(aside));
                making.darts.add(
                        new Dart(name + (each == one ? "" : " on"), point, mouth.minus(half), mouth.plus(half)));
            }
        }
        return making.piece();
    }

    /** Says whether a dart is half of one that runs out at both ends. */
    public static boolean isInner(Piece piece, Dart dart) {
        return otherHalf(piece, dart).isPresent();
    }

    private static Optional<Dart> otherHalf(Piece piece, Dart dart) {
        return piece.darts().stream()
                .filter(each -> !each.name().equals(dart.name()))
                .filter(each -> each.first().distanceTo(dart.first()) < PieceEditor.SAME_PLACE
                        && each.second().distanceTo(dart.second()) < PieceEditor.SAME_PLACE)
                .findFirst();
    }

    /** Returns the place, or the last one on the way to it that lies well within the piece. */
    private static Point within(Outline outline, Point from, Point to) {
        Point ahead = to.minus(from).unit().times(WITHIN);
        double share = Bisection.between(
                0, 1, ROUNDS, each -> outline.contains(from.towards(to, each).plus(ahead)));
        return from.towards(to, share);
    }
}
