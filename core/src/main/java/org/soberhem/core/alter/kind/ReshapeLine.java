package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Redrawing;
import org.soberhem.core.alter.edit.Round;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Spans;

/**
 * Raises, lowers or reshapes a line that runs round the body: neckline, waistline, arm-hole or hem.
 *
 * <p>The ends of the line slide along the edges that it meets, so that seams are shortened or go on in their direction,
 * by the same length on both sides. Between them the line is redrawn.
 *
 * @param line which line
 * @param atFront cloth added at the centre front, in millimetres; negative cuts away
 * @param atSide at the side; at the neck point for a neckline, under the arm for an arm-hole
 * @param atBack at the centre back
 * @param sides which worn pieces
 */
public record ReshapeLine(Line line, double atFront, double atSide, double atBack, Sides sides) implements Alteration {

    /** A line that runs round the body. */
    public enum Line {
        NECK(Role.NECK, "neckline", "Raise", "Lower"),
        WAIST(Role.WAIST, "waistline", "Extend", "Cut back"),
        ARMSCYE(Role.ARMSCYE, "arm-hole", "Raise", "Lower"),
        HEM(Role.HEM, "hem", "Lengthen", "Shorten");

        private final Role role;
        private final String words;
        private final String added;
        private final String cutAway;

        Line(Role role, String words, String added, String cutAway) {
            this.role = role;
            this.words = words;
            this.added = added;
            this.cutAway = cutAway;
        }
    }

    /** How far from the side, as a share of half the body, an arm-hole's change under the arm reaches. */
    private static final double ARM = 0.25;

    @Override
    public Sentence sentence() {
        boolean cut = atFront + atSide + atBack < 0;
        double sign = cut ? -1 : 1;
        String verb = cut ? line.cutAway : line.added;
        if (line == Line.ARMSCYE) {
            return Sentence.of("{} the arm-hole under the arm by {}{}", verb, sign * atSide, WornPieces.where(sides));
        }
        if (atFront == atSide && atSide == atBack) {
            return Sentence.of("{} the {} by {}{}", verb, line.words, sign * atFront, WornPieces.where(sides));
        }
        return Sentence.of(
                "{} the {}: {} at the front, {} at the {}, {} at the back{}",
                verb,
                line.words,
                sign * atFront,
                sign * atSide,
                line == Line.NECK ? "neck point" : "side",
                sign * atBack,
                WornPieces.where(sides));
    }

    @Override
    public ReshapeLine on(Sides others) {
        return new ReshapeLine(line, atFront, atSide, atBack, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        if (pattern.pieces().stream().noneMatch(this::has)) {
            throw new AlterationRefusal(
                    "There is no {} on any piece that lies round the body: alter an edge or a point instead",
                    line.words);
        }
        return WornPieces.each(pattern, sides, this::has, this::reshaped);
    }

    private boolean has(Piece piece) {
        return piece.spans().isPresent() && piece.edges().stream().anyMatch(edge -> edge.role() == line.role);
    }

    private Piece reshaped(Piece piece) {
        Piece changed = piece;
        int count = piece.edges().size();
        for (int i = 0; i < count; i++) {
            if (isPart(piece, i) && !isPart(piece, Math.floorMod(i - 1, count))) {
                int last = i;
                while (isPart(piece, (last + 1) % count) && last - i < count) {
                    last++;
                }
                changed = run(changed, i, last);
            }
        }
        return changed;
    }

    /** Says whether an edge belongs to the line: it has its role, or is the mouth of a dart within it. */
    private boolean isPart(Piece piece, int place) {
        List<Edge> edges = piece.edges();
        Role role = edges.get(place).role();
        if (role != Role.DART) {
            return role == line.role;
        }
        int count = edges.size();
        return edges.get(Math.floorMod(place - 1, count)).role() == line.role
                && edges.get((place + 1) % count).role() == line.role;
    }

    private Piece run(Piece piece, int first, int last) {
        List<Path> paths = Redrawing.paths(piece);
        int count = paths.size();
        int before = Math.floorMod(first - 1, count);
        int after = (last + 1) % count;
        if (before == after) {
            throw new AlterationRefusal(
                    "The {} of the {} has no edges that it could slide along", line.words, piece.name());
        }
        Point start = paths.get(first).start();
        Point end = paths.get(last % count).end();
        double atStart = amount(piece, before, start, end);
        double atEnd = amount(piece, after, end, start);
        paths.set(before, slid(piece, before, paths.get(before), atStart));
        paths.set(after, slid(piece, after, paths.get(after).reversed(), atEnd).reversed());
        List<Point> moves = new ArrayList<>();
        moves.add(paths.get(before).end().minus(start));
        Point away = isUpper(piece, start, end) ? new Point(0, -1) : new Point(0, 1);
        for (int i = first; i < last; i++) {
            double share = share(piece, paths.get(i % count).end().x(), start.x(), end.x());
            moves.add(away.times(atStart + (atEnd - atStart) * share));
        }
        moves.add(paths.get(after).start().minus(end));
        for (int i = first; i <= last; i++) {
            Point startBy = moves.get(i - first);
            Point endBy = moves.get(i - first + 1);
            boolean even = startBy.distanceTo(endBy) < PieceEditor.SAME_PLACE;
            Path path = paths.get(i % count);
            // A straight line becomes curved rather than leave the centre at another angle.
            paths.set(i % count, (even ? path : path.curved()).redrawn(startBy, endBy));
        }
        return Redrawing.withPaths(piece, paths);
    }

    /** Says whether the line is an upper edge of the piece, as the waist of a skirt is. */
    private boolean isUpper(Piece piece, Point start, Point end) {
        return switch (line) {
            case NECK, ARMSCYE -> true;
            case HEM -> false;
            case WAIST ->
                (start.y() + end.y()) / 2
                        < piece.seamLine(PieceEditor.COARSE).box().middle().y();
        };
    }

    /** What lies beyond the centre line is overlap: there the amount is that of the centre. */
    private static double share(Piece piece, double x, double from, double to) {
        double centre = piece.centreX().orElse(Double.NEGATIVE_INFINITY);
        double first = Math.max(from, centre);
        double last = Math.max(to, centre);
        return first == last ? 0.5 : Math.max(0, Math.min(1, (x - first) / (last - first)));
    }

    private Path slid(Piece piece, int place, Path path, double by) {
        if (-by >= path.length() - 1) {
            throw new AlterationRefusal(
                    "The {} of the {} is only {} long: use a smaller amount",
                    piece.edges().get(place).name(),
                    piece.name(),
                    path.length());
        }
        return path.longer(by);
    }

    private double amount(Piece piece, int neighbour, Point corner, Point otherEnd) {
        Spans spans = piece.spans().orElseThrow();
        Role role = piece.edges().get(neighbour).role();
        double place = corner.x() <= otherEnd.x() ? spans.from() : spans.to();
        return switch (line) {
            // At the inner edge of a strap as at a neck point: the line moves between the straps' roots.
            case NECK -> {
                boolean strap = role == Role.NONE && place > 0 && place < 1;
                yield role == Role.SHOULDER || strap ? atSide : spans.isFront() ? atFront : atBack;
            }
            case ARMSCYE -> role == Role.SHOULDER ? 0 : atSide * Math.max(0, 1 - Math.abs(place - 0.5) / ARM);
            case WAIST, HEM -> Round.amount(place, atFront, atSide, atBack);
        };
    }
}
