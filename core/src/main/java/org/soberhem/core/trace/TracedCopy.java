package org.soberhem.core.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;

/**
 * Traces a drawn line or a finished pattern, whole, so that the copy can be changed and the original stays as it is.
 */
public final class TracedCopy {

    /** A line that turns by more has a corner there, in degrees. */
    private static final double CORNER = 12;

    /** A curve through the knots of an exact copy stays this near to what was traced, in millimetres. */
    public static final double EXACT = 0.1;

    /** Between two pieces laid side by side, in millimetres. */
    public static final double GAP = 60;

    private static final int MOST_KNOTS = 20;

    private static final int LOOKS = 20;

    private TracedCopy() {}

    /**
     * Traces the seam lines of a pattern as it is worn on the wearer's left.
     *
     * @param near how near a curve through its knots stays to what is traced, in millimetres
     */
    public static List<TracedPiece> of(Pattern pattern, double near) {
        return pattern.names().stream()
                .map(name -> copy(pattern.piece(name, Side.LEFT).orElseThrow(), near))
                .toList();
    }

    /**
     * Traces a sheet as it is drawn, without a costume: pieces laid side by side on paper, to stay as they are.
     *
     * @param inputs what it is drawn from
     * @throws DraftException if it cannot be drawn from them
     */
    public static Tracing ofSheet(CompiledSheet sheet, Inputs inputs) {
        DraftSheet.About about = sheet.sheet().about();
        SheetSource source = new SheetSource(
                SheetSource.Kind.OWN,
                about.title(),
                "",
                SheetSource.Sure.SURE,
                "its seam lines, as the sheet draws them");
        Tracing.About told = new Tracing.About(
                about.title(), Tracing.Kind.TRACED, about.garment(), about.place(), about.from(), about.to(), source);
        return Tracing.begun(told, Optional.empty(), Grid.PAPER)
                .with(apart(of(Drafter.draft(sheet, inputs).pattern(), EXACT), GAP))
                .asItIs(true);
    }

    /**
     * Lays pieces side by side.
     *
     * @param gap between two of them, in millimetres
     */
    public static List<TracedPiece> apart(List<TracedPiece> pieces, double gap) {
        List<TracedPiece> apart = new ArrayList<>();
        double left = 0;
        for (TracedPiece piece : pieces) {
            Box box = Box.round(piece.outline().stream().map(Knot::at).toList());
            Point by = new Point(left - box.minX(), 0);
            apart.add(piece.mapped(at -> at.plus(by)));
            left += box.width() + gap;
        }
        return apart;
    }

    private static TracedPiece copy(Piece piece, double near) {
        List<Knot> knots = new ArrayList<>();
        for (Edge edge : piece.edges()) {
            knots.addAll(run(edge.path(), edge.name(), near));
        }
        TracedPiece copy = TracedPiece.begun(piece.name())
                .cut(piece.shape(), piece.cut().getOrDefault("outer", 1), 0)
                .with(knots)
                .centred(piece.centreX().map(x -> new Point(x, piece.grainFrom().y())));
        for (var level : piece.levels().entrySet()) {
            copy = copy.level(level.getKey(), Optional.of(level.getValue().from()));
        }
        return copy.folding(piece.darts().stream()
                .map(dart -> new TracedDart(dart.point(), dart.first(), dart.second()))
                .toList());
    }

    /**
     * Traces a closed line, with a corner wherever it turns sharply.
     *
     * @param line closed
     */
    public static List<Knot> of(Path line) {
        List<Knot> knots = new ArrayList<>();
        runs(line).forEach(run -> knots.addAll(run(run, "", EXACT)));
        return knots;
    }

    /** A corner and the fewest places after it that let a bent lath follow the run. */
    private static List<Knot> run(Path run, String edge, double near) {
        List<Knot> knots = new ArrayList<>();
        knots.add(Knot.corner(run.start(), edge));
        between(run, near).forEach(at -> knots.add(Knot.curve(at)));
        return knots;
    }

    /** Cuts the outline at its corners; a closed curve without three of them is cut in three. */
    private static List<Path> runs(Path whole) {
        List<Segment> segments = whole.segments();
        List<Integer> corners = new ArrayList<>();
        for (int i = 0; i < segments.size(); i++) {
            Segment before = segments.get(Math.floorMod(i - 1, segments.size()));
            Point in = before.direction(1);
            Point out = segments.get(i).direction(0);
            if (Math.toDegrees(StrictMath.atan2(Math.abs(in.cross(out)), in.dot(out))) > CORNER) {
                corners.add(i);
            }
        }
        for (int i = 0; i < segments.size() && corners.size() < 3; i += Math.max(1, segments.size() / 3)) {
            if (!corners.contains(i)) {
                corners.add(i);
            }
        }
        corners.sort(Integer::compare);
        List<Path> runs = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            int to = corners.get((i + 1) % corners.size());
            List<Segment> run = new ArrayList<>();
            for (int k = corners.get(i); k != to || run.isEmpty(); k = (k + 1) % segments.size()) {
                run.add(segments.get(k));
            }
            runs.add(new Path(run));
        }
        return runs;
    }

    private static List<Point> between(Path run, double near) {
        for (int count = 0; count < MOST_KNOTS; count = count == 0 ? 1 : count + 2) {
            List<Point> places = spread(run, count);
            List<Point> all = new ArrayList<>(places);
            all.add(0, run.start());
            all.add(run.end());
            if (apart(run, Path.bent(all, Optional.empty(), Optional.empty())) < near) {
                return places;
            }
        }
        return spread(run, MOST_KNOTS);
    }

    private static List<Point> spread(Path run, int count) {
        List<Point> places = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            places.add(run.atShare(i / (count + 1.0)));
        }
        return places;
    }

    private static double apart(Path run, Path drawn) {
        double apart = 0;
        for (int i = 1; i < LOOKS; i++) {
            double share = (double) i / LOOKS;
            apart = Math.max(apart, run.atShare(share).distanceTo(drawn.atShare(share)));
        }
        return apart;
    }
}
