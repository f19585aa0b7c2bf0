package org.soberhem.desk.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Alignment;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.Knot;
import org.soberhem.core.trace.TracedDart;
import org.soberhem.core.trace.TracedPiece;
import org.soberhem.core.trace.Tracing;

/** Puts together what lies over the picture: the marks of the grid, or the outlines with what was named on them. */
final class TracingOverlay {

    /** So much of a piece's breadth a level is drawn beyond it. */
    private static final double BEYOND = 0.1;

    private final TraceDesk desk;
    private final List<TracePane.Outline> lines = new ArrayList<>();
    private final List<TracePane.Handle> handles = new ArrayList<>();
    private final List<TracePane.Note> notes = new ArrayList<>();
    private final List<TracePane.Stroke> strokes = new ArrayList<>();

    private TracingOverlay(TraceDesk desk) {
        this.desk = desk;
    }

    /** Returns the marks of the grid and the lines between its squares as they would have to lie. */
    static TracePane.Shown grid(TraceDesk desk) {
        TracingOverlay over = new TracingOverlay(desk);
        Grid grid = desk.tracing().grid();
        for (int i = 0; i < grid.marks().size(); i++) {
            Point at = grid.marks().get(i);
            over.handles.add(new TracePane.Handle("mark", i, at));
        }
        over.outlines(false);
        try {
            if (grid.way() == Grid.Way.FOUR_CORNERS) {
                over.squares(grid, grid.paper().inverse());
            } else if (grid.marks().size() == 2) {
                over.strokes.add(
                        new TracePane.Stroke(grid.marks().get(0), grid.marks().get(1), "trace-grid"));
            }
        } catch (IllegalArgumentException unfinished) {
            // The panel says what is missing.
            over.strokes.clear();
        }
        return over.shown(-1);
    }

    private void squares(Grid grid, Alignment back) {
        double wide = grid.across() * grid.square();
        double high = grid.down() * grid.square();
        for (int i = 0; i <= grid.across(); i++) {
            double x = i * grid.square();
            strokes.add(new TracePane.Stroke(back.of(new Point(x, 0)), back.of(new Point(x, high)), "trace-grid"));
        }
        for (int i = 0; i <= grid.down(); i++) {
            double y = i * grid.square();
            strokes.add(new TracePane.Stroke(back.of(new Point(0, y)), back.of(new Point(wide, y)), "trace-grid"));
        }
    }

    /** Returns the outlines, those of the piece at hand with their places, and its names where they are wanted. */
    static TracePane.Shown pieces(TraceDesk desk, boolean named) {
        TracingOverlay over = new TracingOverlay(desk);
        over.outlines(true);
        desk.piece().ifPresent(piece -> {
            for (int i = 0; i < piece.outline().size(); i++) {
                over.handles.add(
                        new TracePane.Handle("knot", i, piece.outline().get(i).at()));
            }
            if (named) {
                over.names(piece);
            }
        });
        return over.shown(desk.knotAt());
    }

    private void outlines(boolean atHand) {
        Tracing tracing = desk.tracing();
        for (int i = 0; i < tracing.pieces().size(); i++) {
            TracedPiece piece = tracing.pieces().get(i);
            lines.add(new TracePane.Outline(piece.outline(), atHand && i == desk.pieceAt()));
            // A picture has its own words; on paper a piece would have none.
            boolean first = tracing.pieces().stream()
                    .filter(each -> each.name().equals(piece.name()))
                    .findFirst()
                    .filter(piece::equals)
                    .isPresent();
            if (first && !piece.outline().isEmpty() && tracing.picture().isEmpty()) {
                notes.add(new TracePane.Note(piece.name(), middle(piece), middle(piece), "piece-name"));
            }
        }
    }

    private static Point middle(TracedPiece piece) {
        Point sum = Point.ORIGIN;
        for (Knot knot : piece.outline()) {
            sum = sum.plus(knot.at());
        }
        return sum.times(1.0 / piece.outline().size());
    }

    private void names(TracedPiece piece) {
        List<Knot> outline = piece.outline();
        for (int i = 0; i < outline.size(); i++) {
            if (outline.get(i).corner()) {
                String edge = outline.get(i).edge();
                notes.add(new TracePane.Note(
                        edge.isEmpty() ? "?" : edge,
                        along(outline, i),
                        middle(piece),
                        edge.isEmpty() ? "trace-unnamed" : "trace-name"));
            }
        }
        piece.levels().forEach((level, at) -> {
            level(piece, at).ifPresent(strokes::add);
            notes.add(new TracePane.Note(level, at, middle(piece), "body-line-name"));
        });
        piece.centre().ifPresent(at -> notes.add(new TracePane.Note("middle", at, middle(piece), "body-line-name")));
        for (TracedDart dart : piece.darts()) {
            strokes.add(new TracePane.Stroke(dart.point(), dart.first(), "dart"));
            strokes.add(new TracePane.Stroke(dart.point(), dart.second(), "dart"));
        }
    }

    /** The middle of the way from a corner to the next. */
    private static Point along(List<Knot> outline, int corner) {
        List<Point> run = new ArrayList<>();
        run.add(outline.get(corner).at());
        for (int k = 1; k <= outline.size(); k++) {
            Knot next = outline.get((corner + k) % outline.size());
            run.add(next.at());
            if (next.corner()) {
                break;
            }
        }
        return run.size() % 2 == 1
                ? run.get(run.size() / 2)
                : run.get(run.size() / 2 - 1).towards(run.get(run.size() / 2), 0.5);
    }

    /** A level runs straight across on the paper, askew on a picture of it. */
    private Optional<TracePane.Stroke> level(TracedPiece piece, Point at) {
        if (piece.outline().isEmpty()) {
            return Optional.empty();
        }
        try {
            Alignment paper = desk.tracing().grid().paper();
            double y = paper.of(at).y();
            double least = Double.MAX_VALUE;
            double most = -Double.MAX_VALUE;
            for (Knot knot : piece.outline()) {
                double x = paper.of(knot.at()).x();
                least = Math.min(least, x);
                most = Math.max(most, x);
            }
            double beyond = BEYOND * (most - least);
            Alignment back = paper.inverse();
            return Optional.of(new TracePane.Stroke(
                    back.of(new Point(least - beyond, y)), back.of(new Point(most + beyond, y)), "body-line"));
        } catch (IllegalArgumentException noGrid) {
            return Optional.empty();
        }
    }

    private TracePane.Shown shown(int chosen) {
        return new TracePane.Shown(lines, handles, notes, strokes, chosen);
    }
}
