package org.soberhem.core.alter.kind;

import java.util.List;
import java.util.stream.DoubleStream;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.Redrawing;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.alter.edit.SeamShift;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Bisection;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;

/**
 * Makes a seam true: the side with the named edge is drawn as long as the other one needs it, with the middle of the
 * stated ease or fullness.
 *
 * <p>A sleeve cap is raised or lowered at its top; a band, cuff or other piece that does not lie round the body is made
 * longer or shorter across; any other edge is lengthened or shortened at its lower end.
 *
 * @param edge an edge of the side that changes
 * @param sides which worn pieces
 */
public record TrueSeam(EdgeRef edge, Sides sides) implements Alteration {

    private static final int ROUNDS = 60;

    @Override
    public Sentence sentence() {
        return Sentence.of("True the {} to what it is sewn to{}", edge.words(), WornPieces.where(sides));
    }

    @Override
    public TrueSeam on(Sides others) {
        return new TrueSeam(edge, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        Seam seam = SeamEdits.of(pattern, edge)
                .orElseThrow(() -> new AlterationRefusal("The {} is not sewn to anything", edge.words()));
        boolean first = seam.first().contains(edge);
        List<EdgeRef> mine = first ? seam.first() : seam.second();
        List<EdgeRef> other = first ? seam.second() : seam.first();
        Pattern trued = pattern;
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            if (sides.include(side)) {
                double wanted = wanted(seam, first, pattern.length(other, side));
                double is = trued.length(mine, side);
                if (Math.abs(wanted - is) > SeamCheck.TOLERANCE / 100) {
                    trued = changed(trued, mine, side, wanted - is);
                }
            }
        }
        return trued;
    }

    private static double wanted(Seam seam, boolean first, double other) {
        double middle = (seam.least() + seam.most()) / 2;
        if (seam.kind().byFullness()) {
            return first ? other * middle : other / middle;
        }
        return first ? other + middle : other - middle;
    }

    private Pattern changed(Pattern pattern, List<EdgeRef> run, Side side, double by) {
        Piece piece = pattern.piece(edge.piece(), side).orElseThrow();
        Piece changed;
        if (piece.edges().stream().anyMatch(each -> each.name().equals(edge.edge()) && each.role() == Role.CAP)) {
            changed = cap(piece, run, by);
        } else if (piece.spans().isEmpty()) {
            changed = across(piece, run, by);
        } else {
            changed = atLowerEnd(piece, by);
        }
        Side worn = piece.side();
        return pattern.withPieces(pattern.pieces().stream()
                .map(each -> each.name().equals(piece.name()) && each.side() == worn ? changed : each)
                .toList());
    }

    /** Raises or lowers the top of the cap, at most until it is flat, until its run has the wanted length. */
    private static Piece cap(Piece sleeve, List<EdgeRef> run, double by) {
        double height = capFoot(sleeve) - capTop(sleeve);
        return halved(sleeve, run, by, -height, 2 * height, TrueSeam::raised, "the height of the cap");
    }

    private static double capTop(Piece sleeve) {
        return capEnds(sleeve).min().orElseThrow();
    }

    private static double capFoot(Piece sleeve) {
        return capEnds(sleeve).max().orElseThrow();
    }

    private static DoubleStream capEnds(Piece sleeve) {
        return sleeve.edges().stream()
                .filter(each -> each.role() == Role.CAP)
                .flatMapToDouble(each -> DoubleStream.of(
                        each.path().start().y(), each.path().end().y()));
    }

    /** Finds by halving how much of a change gives a run the wanted length; the change must lengthen it. */
    private static Piece halved(
            Piece piece, List<EdgeRef> run, double by, double least, double most, Change change, String what) {
        double wanted = length(piece, run) + by;
        double amount = Bisection.between(least, most, ROUNDS, each -> length(change.made(piece, each), run) < wanted);
        Piece changed = change.made(piece, amount);
        if (Math.abs(length(changed, run) - wanted) > SeamCheck.TOLERANCE) {
            throw new AlterationRefusal(
                    "No change of {} gives it the length {}: alter the other side instead", what, wanted);
        }
        return changed;
    }

    /** How a piece is changed by an amount. */
    private interface Change {
        Piece made(Piece piece, double amount);
    }

    private static Piece raised(Piece sleeve, double by) {
        double from = capTop(sleeve);
        double to = capFoot(sleeve);
        return Redrawing.mapped(
                sleeve, at -> new Point(at.x(), at.y() - by * Math.max(0, Math.min(1, (to - at.y()) / (to - from)))));
    }

    private static double length(Piece piece, List<EdgeRef> run) {
        return run.stream()
                .filter(ref -> ref.piece().equals(piece.name()))
                .mapToDouble(ref -> piece.edge(ref.edge()).orElseThrow().path().length())
                .sum();
    }

    /** Lengthens a band along the edge: square to its fold if it has one, else from the edge's beginning. */
    private Piece across(Piece piece, List<EdgeRef> run, double by) {
        Path path = piece.edges().get(SeamShift.place(piece, edge.edge())).path();
        Point fixed = piece.centreX().map(x -> new Point(x, 0)).orElse(path.start());
        Point far = path.end().distanceTo(fixed) > path.start().distanceTo(fixed) ? path.end() : path.start();
        Point along = piece.centreX().isPresent()
                ? new Point(Math.signum(far.x() - fixed.x()), 0)
                : far.minus(fixed).unit();
        return halved(
                piece,
                run,
                by,
                -0.9,
                2,
                (whole, stretch) -> Redrawing.mapped(
                        whole, at -> at.plus(along.times(at.minus(fixed).dot(along) * stretch))),
                "the length of the " + piece.name());
    }

    private Piece atLowerEnd(Piece piece, double by) {
        int place = SeamShift.place(piece, edge.edge());
        Path path = piece.edges().get(place).path();
        if (-by >= path.length()) {
            throw new AlterationRefusal("The {} is too short to be made true", edge.words());
        }
        boolean down = path.start().y() <= path.end().y();
        Path changed = down ? path.longer(by) : path.reversed().longer(by).reversed();
        return Redrawing.withEdge(piece, place, changed);
    }
}
