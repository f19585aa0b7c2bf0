package org.soberhem.desk.widget;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.shape.Circle;
import javafx.scene.text.Text;
import org.soberhem.core.draft.DraftedPiece;
import org.soberhem.core.draft.DraftingSteps;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.PieceLayout;
import org.soberhem.core.pattern.SpreadPiece;

/** Draws one piece as a technical plate: construction, seam, cut, fold, grain, notches, letters. */
public final class PieceDrawing {

    /** Chords in screen pixels; finer is not seen. */
    private static final double FLATNESS = 0.25;

    private static final double NOTCH = 7;
    private static final double LETTER_AWAY = 11;

    private static final double NAME_WIDTH = 40;

    /** Names stand inside a piece only where they are so far from every line, in pixels. */
    private static final double NAME_ROOM = 13;

    /** A name beneath a piece may reach beyond it by so much in all, in pixels. */
    private static final double SPILL = 8;

    private static final int TRIED = 40;

    private final SpreadPiece spread;
    private final PieceLayout.Place place;
    private final View view;
    private final Group group = new Group();

    public PieceDrawing(SpreadPiece spread, PieceLayout.Place place, View view) {
        this.spread = spread;
        this.place = place;
        this.view = view;
    }

    /** Draws the cut and seam lines alone. */
    public Group outline(String style) {
        group.getChildren().add(Ink.polygon(screen(spread.piece().cuttingLine().corners()), style));
        return group;
    }

    /** Draws the seam line of another state, and what is marked on it. */
    Group ghost() {
        for (Edge edge : spread.piece().edges()) {
            group.getChildren().add(Ink.polyline(screen(edge.path()), "ghost"));
        }
        for (MarkLine line : spread.piece().lines()) {
            group.getChildren().add(Ink.line(screen(line.from()), screen(line.to()), "ghost"));
        }
        return group;
    }

    /** Draws those of some edges that are in this piece, and the line that belongs to it, to be seen over it. */
    Group lit(List<EdgeRef> edges, Optional<Paper.Guide> guide) {
        guide.filter(line -> line.piece().equals(spread.piece().name()))
                .ifPresent(line -> group.getChildren().add(Ink.line(screen(line.from()), screen(line.to()), "guide")));
        for (Edge edge : spread.piece().edges()) {
            if (edges.contains(new EdgeRef(spread.piece().name(), edge.name()))) {
                group.getChildren().add(Ink.polyline(screen(edge.path()), "lit"));
            }
        }
        return group;
    }

    /**
     * Draws everything.
     *
     * @param plate what the sheet draws, for construction lines and letters
     * @param steps how it is drawn
     * @param picked letter of the chosen point, if it is in this piece
     * @param troubled names of edges and levels where a check fails
     */
    Group full(
            Optional<DraftedPiece> plate,
            List<DraftingSteps.Step> steps,
            Optional<String> picked,
            List<String> troubled) {
        Piece piece = spread.piece();
        group.getChildren().add(Ink.polygon(screen(piece.cuttingLine().corners()), "cut-line"));
        plate.ifPresent(drawn -> construction(drawn, steps));
        for (Edge edge : piece.edges()) {
            group.getChildren().add(Ink.polyline(screen(edge.path()), piece.isFold(edge) ? "fold" : "seam-line"));
            if (troubled.contains(edge.name())) {
                group.getChildren().add(Ink.polyline(screen(edge.path()), "troubled"));
            }
        }
        for (Level level : piece.levels().values()) {
            String style = troubled.contains(level.name()) ? "troubled" : "level";
            group.getChildren().add(Ink.line(screen(level.from()), screen(level.to()), style));
        }
        for (MarkLine line : piece.lines()) {
            group.getChildren().add(Ink.line(screen(line.from()), screen(line.to()), "mark"));
        }
        for (Dart dart : piece.darts()) {
            group.getChildren().add(Ink.polyline(screen(List.of(dart.first(), dart.point(), dart.second())), "dart"));
        }
        piece.notches().forEach(this::notch);
        grain();
        names(plate);
        plate.ifPresent(drawn -> letters(drawn, picked));
        return group;
    }

    private void construction(DraftedPiece plate, List<DraftingSteps.Step> steps) {
        baseLine(plate.points().stream().map(DraftedPiece.PlatePoint::at).toList());
        Set<String> letters = new HashSet<>();
        plate.points().stream().filter(point -> !point.corner()).forEach(point -> letters.add(point.name()));
        steps.stream()
                .filter(step -> letters.contains(step.subject()))
                .flatMap(step -> step.helping().stream())
                .forEach(line -> group.getChildren().add(Ink.polyline(screen(line), "construction")));
        for (Path drawn : plate.drawn()) {
            group.getChildren().add(Ink.polyline(screen(drawn), "plate"));
        }
    }

    private void baseLine(List<Point> points) {
        if (points.isEmpty()) {
            return;
        }
        double least = points.stream().mapToDouble(Point::y).min().orElse(0);
        double most = points.stream().mapToDouble(Point::y).max().orElse(0);
        group.getChildren().add(Ink.line(screen(new Point(0, least)), screen(new Point(0, most)), "construction"));
    }

    /**
     * Draws as far as one has come by hand.
     *
     * @param steps the steps of this piece and of its frame that are done
     * @param now the step that is being done; stands out if it is one of them
     */
    Group walked(List<DraftingSteps.Step> steps, DraftingSteps.Step now) {
        baseLine(steps.stream().flatMap(step -> step.place().stream()).toList());
        List<Point> taken = new ArrayList<>();
        for (DraftingSteps.Step step : steps) {
            boolean current = step == now;
            String line = step.kind() == DraftingSteps.Kind.MARK ? "dart" : "seam-line";
            step.helping()
                    .forEach(each ->
                            group.getChildren().add(Ink.polyline(screen(each), current ? "walked" : "construction")));
            step.line()
                    .ifPresent(drawn ->
                            group.getChildren().add(Ink.polyline(screen(drawn), current ? "walked drawn" : line)));
            step.place().ifPresent(at -> walkedPoint(step.subject(), screen(at), current, taken));
            if (step.kind() == DraftingSteps.Kind.CUT) {
                group.getChildren()
                        .add(Ink.polygon(screen(spread.piece().cuttingLine().corners()), "cut-line"));
                spread.piece().notches().forEach(this::notch);
                grain();
            }
        }
        return group;
    }

    private void walkedPoint(String letter, Point at, boolean current, List<Point> taken) {
        group.getChildren()
                .add(Ink.shape(
                        new Circle(at.x(), at.y(), current ? 4 : 1.8), current ? "point-dot picked" : "point-dot"));
        Point beside = at.plus(new Point(LETTER_AWAY * 0.8, -LETTER_AWAY * 0.8));
        if (current || taken.stream().noneMatch(other -> other.distanceTo(beside) < 12)) {
            taken.add(beside);
            group.getChildren()
                    .add(Ink.text(letter, beside.x(), beside.y(), current ? "point-letter picked" : "point-letter"));
        }
    }

    private void notch(Notch notch) {
        Point at = spread.piece().at(notch);
        Point end = at.plus(spread.piece().outward(notch).times(NOTCH / view.scale()));
        group.getChildren().add(Ink.line(screen(at), screen(end), "notch"));
    }

    private void grain() {
        Point from = screen(spread.piece().grainFrom());
        Point to = screen(spread.piece().grainTo());
        if (from.distanceTo(to) < 12) {
            return;
        }
        Point along = to.minus(from).unit();
        Point side = new Point(arrowX() - from.x(), 0);
        Point a = from.plus(side);
        Point b = to.plus(side);
        group.getChildren().add(Ink.line(a, b, "grain"));
        group.getChildren().add(head(a, along));
        group.getChildren().add(head(b, along.times(-1)));
    }

    /** Returns where the grain arrow stands: beside the base line, so that it does not hide it. */
    private double arrowX() {
        double from = screen(spread.piece().grainFrom()).x();
        Box box = Box.round(screen(spread.piece().seamLine().corners()));
        double shift = Math.min(26, box.width() / 3);
        return from + (from + shift < box.maxX() - 4 && !place.mirrored() ? shift : -shift);
    }

    private static Node head(Point tip, Point inward) {
        Point across = inward.outward().times(3.5);
        Point base = tip.plus(inward.times(10));
        return Ink.polygon(List.of(tip, base.plus(across), base.minus(across)), "grain-head");
    }

    private void names(Optional<DraftedPiece> plate) {
        Text name = Ink.text(spread.name(), 0, 0, "piece-name");
        Text note = Ink.text(cutWords(), 0, 0, "piece-note");
        double width = Math.max(NAME_WIDTH, note.getLayoutBounds().getWidth());
        Optional<Point> inside = room(width, plate);
        if (inside.isPresent()) {
            centred(name, inside.get().x(), inside.get().y() - 5);
            centred(note, inside.get().x(), inside.get().y() + 13);
            return;
        }
        // Too narrow for words: one line beneath.
        Box box = Box.round(screen(spread.piece().cuttingLine().corners()));
        note.setText(", " + note.getText());
        if (name.getLayoutBounds().getWidth() + note.getLayoutBounds().getWidth() > box.width() + SPILL) {
            // The words would run into those of the next piece; how it is cut stands in the walk and on the print.
            note.setText("");
        }
        double both = name.getLayoutBounds().getWidth() + note.getLayoutBounds().getWidth();
        double from = (box.minX() + box.maxX() - both) / 2;
        centred(name, from + name.getLayoutBounds().getWidth() / 2, box.maxY() + 16);
        centred(note, from + both - note.getLayoutBounds().getWidth() / 2, box.maxY() + 16);
    }

    private void centred(Text text, double x, double y) {
        text.setX(x - text.getLayoutBounds().getWidth() / 2);
        text.setY(y);
        group.getChildren().add(text);
    }

    /** Finds the place inside the piece where two lines of words are farthest from every line and letter. */
    private Optional<Point> room(double width, Optional<DraftedPiece> plate) {
        List<Point> outline = screen(spread.piece().seamLine().corners());
        Box box = Box.round(outline);
        List<Double> busy = new ArrayList<>();
        spread.piece()
                .levels()
                .values()
                .forEach(level -> busy.add(screen(level.from()).y()));
        plate.ifPresent(drawn -> drawn.points().stream()
                .filter(point -> !point.corner())
                .forEach(point -> busy.add(screen(point.at()).y())));
        Outline seam = new Outline(outline);
        Point best = null;
        double most = NAME_ROOM;
        for (int i = 1; i < TRIED; i++) {
            double y = box.minY() + box.height() * i / TRIED;
            Optional<Point> middle = middle(seam, box, y, width);
            double free = Math.min(y - box.minY(), box.maxY() - y);
            for (double line : busy) {
                free = Math.min(free, Math.abs(line - y));
            }
            if (middle.isPresent() && free > most + 0.5) {
                most = free;
                best = middle.get();
            }
        }
        return Optional.ofNullable(best);
    }

    private Optional<Point> middle(Outline seam, Box box, double y, double width) {
        List<Double> cuts = seam.cuts(new Point(box.minX() - 1, y), new Point(1, 0));
        for (int i = 0; i + 1 < cuts.size(); i += 2) {
            double from = box.minX() - 1 + cuts.get(i);
            double to = box.minX() - 1 + cuts.get(i + 1);
            double arrow = arrowX();
            double left = arrow - from;
            double right = to - arrow;
            if (arrow > from && arrow < to && Math.max(left, right) > width + 12) {
                return Optional.of(new Point(left > right ? from + left / 2 : to - right / 2, y));
            }
            if (to - from > width + 8 && (arrow < from || arrow > to)) {
                return Optional.of(new Point((from + to) / 2, y));
            }
        }
        return Optional.empty();
    }

    private String cutWords() {
        return "cut " + spread.shape().words(String.valueOf(spread.count()));
    }

    private void letters(DraftedPiece plate, Optional<String> picked) {
        Box box = Box.round(screen(spread.piece().seamLine().corners()));
        Point middle = new Point((box.minX() + box.maxX()) / 2, (box.minY() + box.maxY()) / 2);
        List<Point> taken = new ArrayList<>();
        for (DraftedPiece.PlatePoint point : plate.points()) {
            boolean chosen = picked.filter(point.name()::equals).isPresent();
            if (point.corner() && !chosen) {
                continue;
            }
            Point at = screen(point.at());
            Circle dot =
                    Ink.shape(new Circle(at.x(), at.y(), chosen ? 4 : 1.8), chosen ? "point-dot picked" : "point-dot");
            group.getChildren().add(dot);
            Point away = at.minus(middle);
            Point direction = away.norm() < 1 ? new Point(0, -1) : away.unit();
            Point letter = at.plus(direction.times(LETTER_AWAY + (chosen ? 3 : 0)));
            if (!chosen && (box.width() < 60 || taken.stream().anyMatch(other -> other.distanceTo(letter) < 12))) {
                continue;
            }
            taken.add(letter);
            Text text = Ink.text(point.name(), letter.x(), letter.y(), chosen ? "point-letter picked" : "point-letter");
            group.getChildren().add(text);
        }
    }

    private List<Point> screen(Path path) {
        return screen(path.flattened(FLATNESS / view.scale()));
    }

    private List<Point> screen(List<Point> points) {
        return points.stream().map(this::screen).toList();
    }

    private Point screen(Point millimetres) {
        return view.of(place.of(millimetres));
    }
}
