package org.soberhem.core.alter.kind;

import java.util.List;
import java.util.function.UnaryOperator;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;

/**
 * Makes a plain sleeve a puffed or a full one: slash the cap, spread it, raise it a little, redraw.
 *
 * @param piece the sleeve
 * @param atTop width added across the cap, in millimetres; negative takes fullness out
 * @param atBottom width added at the lower edge
 * @param raise how much higher the top of the cap is drawn
 * @param sides which worn pieces
 */
public record PuffSleeve(String piece, double atTop, double atBottom, double raise, Sides sides) implements Alteration {

    /** The fullest cap is gathered to a third. */
    private static final double MOST = 3;

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Spread the {}: {} across the cap, {} at its lower edge, the cap {}{}",
                piece,
                Sentence.either(atTop, "{} added", "{} taken out"),
                Sentence.either(atBottom, "{} added", "{} taken out"),
                Sentence.either(raise, "raised by {}", "lowered by {}"),
                WornPieces.where(sides));
    }

    @Override
    public PuffSleeve on(Sides others) {
        return new PuffSleeve(piece, atTop, atBottom, raise, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        Pattern spread = WornPieces.piece(pattern, piece, sides, this::spread);
        return spread.with(
                spread.pieces(),
                spread.seams().stream()
                        .map(seam -> atTop > 0 || raise > 0 ? gathered(seam, piece) : seam)
                        .toList());
    }

    /** Returns the seam of a cap that became wider than its arm-hole: it is gathered into it. */
    static Seam gathered(Seam seam, String piece) {
        boolean cap = seam.first().stream().anyMatch(ref -> ref.piece().equals(piece))
                && seam.second().stream().noneMatch(ref -> ref.piece().equals(piece));
        return cap && seam.kind() == Seam.Kind.EASED && seam.first().size() > 1
                ? new Seam(seam.first(), seam.second(), Seam.Kind.GATHERED, 1, MOST)
                : seam;
    }

    private Piece spread(Piece sleeve) {
        List<Edge> caps =
                sleeve.edges().stream().filter(edge -> edge.role() == Role.CAP).toList();
        if (caps.isEmpty()) {
            throw new AlterationRefusal("The {} has no cap: choose a sleeve", sleeve.name());
        }
        Box cap = caps.stream()
                .map(edge -> Box.round(edge.path().flattened(1)))
                .reduce(Box::union)
                .orElseThrow();
        Box whole = sleeve.seamLine(PieceEditor.COARSE).box();
        double middle = (cap.minX() + cap.maxX()) / 2;
        UnaryOperator<Point> to = point -> {
            double depth = Math.max(0, Math.min(1, (point.y() - cap.maxY()) / (whole.maxY() - cap.maxY())));
            double added = atTop + (atBottom - atTop) * depth;
            double x = point.x() + (point.x() - middle) * added / cap.width();
            double height = Math.max(0, (cap.maxY() - point.y()) / cap.height());
            return new Point(x, point.y() - raise * height);
        };
        PieceEditor making = new PieceEditor(sleeve);
        making.edges.replaceAll(edge -> edge.withPath(
                edge.role() == Role.UNDERARM
                        ? seam(edge.path(), to)
                        : edge.path().mapped(to)));
        return making.marks(to).levels(to).piece();
    }

    /** The seam meets cap and lower edge as before, so that both run on smoothly when it is sewn. */
    private static Path seam(Path path, UnaryOperator<Point> to) {
        return path.curved()
                .redrawn(
                        to.apply(path.start()).minus(path.start()),
                        to.apply(path.end()).minus(path.end()));
    }
}
