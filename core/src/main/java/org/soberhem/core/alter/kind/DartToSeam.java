package org.soberhem.core.alter.kind;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.alter.edit.DartEdits;
import org.soberhem.core.alter.edit.PieceCutting;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;

/**
 * Runs a dart on to another edge, so that the piece is cut in two along it: the dart becomes part of a seam.
 *
 * @param dart piece and dart
 * @param toEdge edge of the same piece to which the seam runs from the dart's point
 * @param at where on it, as a share of its length
 * @param sides must be both
 */
public record DartToSeam(EdgeRef dart, String toEdge, double at, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Turn the dart {} of the {} into a seam that runs on to its {}", dart.edge(), dart.piece(), toEdge);
    }

    @Override
    public DartToSeam on(Sides others) {
        return new DartToSeam(dart, toEdge, at, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        PieceEditor whole = new PieceEditor(PieceEdits.any(pattern, dart.piece()));
        Dart old = whole.dart(dart.edge());
        String mouth = whole.edges.get(DartEdits.mouth(whole, old)).name();
        String child = PieceEdits.freeName(pattern, dart.piece() + "/2");
        String seam = PieceEdits.freeEdge(whole.piece(), PieceCutting.SEAM);
        Pattern cut = new PieceCutting(
                        dart.piece(),
                        child,
                        new PieceCutting.At(mouth, 0.5),
                        new PieceCutting.At(toEdge, at),
                        PieceCutting.awayFromCentre(whole.piece()),
                        (from, to) -> sides(old, to),
                        seam)
                .made(pattern);
        return WornPieces.each(
                cut,
                Sides.BOTH,
                piece -> piece.name().equals(dart.piece()) || piece.name().equals(child),
                piece -> withoutMouth(piece, mouth, old.name(), seam));
    }

    /** Both sides of the seam, from the dart's legs through its point; each leg belongs to the part beside it. */
    private static List<Path> sides(Dart dart, Point to) {
        // The part that lies clockwise after the mouth begins at the leg that ends the mouth.
        Point first = dart.first();
        Point second = dart.second();
        boolean clockwise = first.minus(dart.point()).cross(second.minus(dart.point())) > 0;
        Point before = clockwise ? first : second;
        Point after = clockwise ? second : first;
        return List.of(through(after, dart.point(), to), through(before, dart.point(), to));
    }

    private static Path through(Point leg, Point point, Point to) {
        return Path.bent(List.of(leg, point, to), Optional.empty(), Optional.empty());
    }

    /** Takes away what is left of the mouth: the seam begins at the leg. */
    private static Piece withoutMouth(Piece piece, String mouth, String dart, String name) {
        PieceEditor making = new PieceEditor(piece);
        making.darts.removeIf(each -> each.name().equals(dart));
        making.edges.removeIf(edge -> edge.name().startsWith(mouth + "/"));
        int seam = making.place(name);
        int count = making.edges.size();
        Point start = making.edges.get(Math.floorMod(seam - 1, count)).path().end();
        Point end = making.edges.get((seam + 1) % count).path().start();
        String from = making.edges.get(Math.floorMod(seam - 1, count)).to();
        String to = making.edges.get((seam + 1) % count).from();
        Edge edge = making.edges.get(seam);
        making.edges.set(seam, edge.between(from, to, edge.path().between(start, end)));
        return making.piece();
    }
}
