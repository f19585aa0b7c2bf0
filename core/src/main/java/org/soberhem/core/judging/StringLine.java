package org.soberhem.core.judging;

import java.util.Optional;
import java.util.stream.Stream;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.SeamRole;
import org.soberhem.core.alter.edit.Strap;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;

/**
 * A string held from the bust point over the shoulder, by which the lean of a strap is judged (common practice), with
 * how the neckline lies.
 *
 * @param piece the front with the strap
 * @param bust the bust point
 * @param end the middle of the strap's upper end
 * @param lean of the string from the upright, in degrees, positive towards the centre
 * @param strap of the strap from the string, in degrees, positive towards the centre
 * @param inner how far the inner end of the strap lies from the centre, in millimetres
 * @param root how far the inner edge of the strap lies from the centre at its root
 */
public record StringLine(String piece, Point bust, Point end, double lean, double strap, double inner, double root) {

    /** Bust points lie apart by this share of the full bust where they were not measured (common practice). */
    private static final double POINTS_APART = 0.2;

    /** Returns the string for a strap; empty on a plain shoulder or a back, or where no bust is drawn or measured. */
    public static Optional<StringLine> of(Pattern pattern, EdgeRef strapEnd, Inputs inputs) {
        Optional<Piece> front = pattern.piece(strapEnd.piece(), Side.LEFT)
                .filter(piece -> SeamRole.STRAP_END.is(pattern, strapEnd))
                .filter(piece -> piece.spans().filter(spans -> spans.isFront()).isPresent())
                .filter(piece -> piece.edge(strapEnd.edge()).isPresent());
        Optional<Double> apart = inputs.find("bust-point-to-bust-point")
                .map(measured -> measured.on(Side.LEFT))
                .or(() -> inputs.find("full-bust").map(bust -> POINTS_APART * bust.on(Side.LEFT)));
        Optional<Level> level =
                front.flatMap(piece -> Optional.ofNullable(piece.levels().get("bust")));
        if (level.isEmpty() || apart.isEmpty()) {
            return Optional.empty();
        }
        Piece piece = front.get();
        Strap strap = Strap.below(piece, strapEnd.edge());
        double centre =
                piece.centreX().orElse(piece.seamLine(PieceEditor.COARSE).box().minX());
        Point bust = new Point(centre + apart.get() / 2, level.get().from().y());
        double lean = leans(bust, strap.end());
        double innerEnd = piece.edge(strapEnd.edge()).stream()
                .flatMap(edge -> Stream.of(edge.path().start(), edge.path().end()))
                .mapToDouble(at -> Math.abs(at.x() - centre))
                .min()
                .orElseThrow();
        return Optional.of(new StringLine(
                piece.name(),
                bust,
                strap.end(),
                lean,
                leans(strap.root(), strap.end()) - lean,
                innerEnd,
                Math.abs(strap.innerRoot().x() - centre)));
    }

    private static double leans(Point from, Point to) {
        return Math.toDegrees(Math.atan2(from.x() - to.x(), from.y() - to.y()));
    }

    /** Returns what it tells, in words. */
    public Sentence sentence() {
        return Sentence.of(
                "A string from the bust point to the strap leans {} {} the neck; the strap lies {} {} the neck than the string. The neckline is {} wide between the straps, {} at the shoulder.",
                Sentence.degrees(Math.abs(lean)),
                lean < 0 ? "away from" : "towards",
                Sentence.degrees(Math.abs(strap)),
                strap < 0 ? "farther from" : "nearer to",
                2 * root,
                2 * inner);
    }
}
