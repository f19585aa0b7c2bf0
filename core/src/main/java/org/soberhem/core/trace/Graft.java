package org.soberhem.core.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.soberhem.core.geometry.Alignment;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Role;

/**
 * Puts edges of one pattern in the place of edges of another: the neckline of one on the body of another.
 *
 * <p>What comes over keeps its size and its grain, laid on by one corner or a common mark; or it is laid on by both
 * ends, turned and made larger or smaller as they need it. Where it keeps its size, the edge that follows on the body
 * is led to where it ends.
 */
public final class Graft {

    /** How the edges are laid on. */
    public enum By {
        FIRST_END,
        LAST_END,
        BOTH_ENDS,
        /** Arm-hole and side meet at the same place. */
        ARMPIT,
        /** The waist lies at the same height on the middle. */
        WAIST
    }

    /**
     * A piece with another's edges.
     *
     * @param piece the new piece, in millimetres on paper
     * @param scale how much larger the edges became; 1 where they kept their size
     * @param led how far the end of the edge that follows was led, in millimetres
     */
    public record Grafted(TracedPiece piece, double scale, double led) {}

    /** A place nearer to the middle lies on it, in millimetres. */
    private static final double ON_CENTRE = 0.5;

    private Graft() {}

    /**
     * Grafts edges.
     *
     * @param body the piece that is kept
     * @param from name of its first edge that is replaced
     * @param to name of its last one
     * @param donor the piece that gives
     * @param donorFrom name of the first edge that it gives
     * @param donorTo name of the last one
     * @param by how they are laid on
     * @throws IllegalArgumentException if an edge is missing or the edges lie on one spot; the message says which
     */
    public static Grafted of(
            PaperPiece body, String from, String to, PaperPiece donor, String donorFrom, String donorTo, By by) {
        List<TracedEdge> given = runs(donor, donorFrom, donorTo);
        List<TracedEdge> replaced = runs(body, from, to);
        Point start = replaced.get(0).start();
        Point end = replaced.get(replaced.size() - 1).end();
        Point givenStart = given.get(0).start();
        Point givenEnd = given.get(given.size() - 1).end();
        UnaryOperator<Point> laid = by == By.ARMPIT || by == By.WAIST
                ? byMark(body, donor, by, isOnCentre(givenStart) || isOnCentre(givenEnd))
                : laid(by, start, end, givenStart, givenEnd);
        double scale = laid.apply(givenStart).distanceTo(laid.apply(givenEnd)) / givenStart.distanceTo(givenEnd);
        List<TracedEdge> runs = new ArrayList<>();
        int first = body.runs().indexOf(replaced.get(0));
        int left = body.runs().size() - replaced.size();
        given.forEach(run -> runs.add(run.mapped(laid)));
        for (int i = 0; i < left; i++) {
            runs.add(body.runs().get((first + replaced.size() + i) % body.runs().size()));
        }
        Point newStart = laid.apply(givenStart);
        Point newEnd = laid.apply(givenEnd);
        runs.set(given.size(), starting(runs.get(given.size()), newEnd));
        int last = runs.size() - 1;
        runs.set(last, ending(runs.get(last), newStart));
        double led = Math.max(newStart.distanceTo(start), newEnd.distanceTo(end));
        return new Grafted(traced(body, runs), scale, led);
    }

    private static UnaryOperator<Point> laid(By by, Point start, Point end, Point givenStart, Point givenEnd) {
        return switch (by) {
            case FIRST_END -> at -> at.plus(start.minus(givenStart));
            case LAST_END -> at -> at.plus(end.minus(givenEnd));
            default -> Alignment.similar(List.of(givenStart, givenEnd), List.of(start, end))::of;
        };
    }

    /** What ends on the middle stays on it: only its height follows the mark. */
    private static UnaryOperator<Point> byMark(PaperPiece body, PaperPiece donor, By by, boolean onCentre) {
        Point apart = mark(body, by).minus(mark(donor, by));
        return at -> at.plus(onCentre ? new Point(0, apart.y()) : apart);
    }

    private static boolean isOnCentre(Point at) {
        return Math.abs(at.x()) < ON_CENTRE;
    }

    /** Returns the mark by which a piece is laid on another. */
    private static Point mark(PaperPiece piece, By by) {
        if (by == By.WAIST) {
            return Optional.ofNullable(piece.levels().get(PaperPattern.WAIST))
                    .map(height -> new Point(0, height))
                    .orElseThrow(() -> new IllegalArgumentException("The waist is not marked on \"" + piece.name()
                            + "\": mark it, or lay the edges on by an end"));
        }
        return piece.all(Role.ARMSCYE).stream()
                .flatMap(hole -> Stream.of(hole.start(), hole.end()))
                .filter(corner -> piece.all(Role.SIDE).stream()
                        .anyMatch(side ->
                                side.start().equals(corner) || side.end().equals(corner)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No arm-hole meets a side on \"" + piece.name()
                        + "\": name both edges, or lay the edges on by an end"));
    }

    private static List<TracedEdge> runs(PaperPiece piece, String from, String to) {
        List<String> names = piece.runs().stream().map(TracedEdge::edge).toList();
        for (String name : List.of(from, to)) {
            if (!names.contains(name)) {
                throw new IllegalArgumentException(
                        "\"" + piece.name() + "\" has no edge \"" + name + "\"; it has " + String.join(", ", names));
            }
        }
        List<TracedEdge> runs = new ArrayList<>();
        int first = names.indexOf(from);
        int count = Math.floorMod(names.indexOf(to) - first, names.size()) + 1;
        if (count == names.size()) {
            throw new IllegalArgumentException("An edge of \"" + piece.name() + "\" must stay: all were chosen");
        }
        for (int i = 0; i < count; i++) {
            runs.add(piece.runs().get((first + i) % names.size()));
        }
        return runs;
    }

    /** An edge led to another end follows by its share of the way. */
    private static TracedEdge starting(TracedEdge run, Point at) {
        Point by = at.minus(run.start());
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < run.places().size(); i++) {
            double share = 1 - (double) i / (run.places().size() - 1);
            places.add(run.places().get(i).plus(by.times(share)));
        }
        return TracedEdge.free(run.edge(), places);
    }

    private static TracedEdge ending(TracedEdge run, Point at) {
        return starting(run.reversed(), at).reversed();
    }

    private static TracedPiece traced(PaperPiece body, List<TracedEdge> runs) {
        List<Knot> knots = new ArrayList<>();
        for (TracedEdge run : runs) {
            knots.add(Knot.corner(run.start(), run.edge()));
            run.places().subList(1, run.places().size() - 1).forEach(at -> knots.add(Knot.curve(at)));
        }
        TracedPiece piece = TracedPiece.begun(body.name())
                .cut(body.shape(), body.cut(), 0)
                .inSize(body.size())
                .with(knots)
                .folding(body.darts());
        for (var level : body.levels().entrySet()) {
            piece = piece.level(level.getKey(), Optional.of(new Point(0, level.getValue())));
        }
        return body.centred() ? piece.centred(Optional.of(Point.ORIGIN)) : piece;
    }
}
