package org.soberhem.desk.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Rectangle2D;
import javafx.scene.Group;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.trace.Knot;
import org.soberhem.desk.widget.Ink;
import org.soberhem.desk.widget.View;

/**
 * The picture or the paper that is traced on, with what was traced. Places are handed on as they are kept: in shares of
 * the picture's width, or in millimetres on paper. The wheel magnifies, the right button moves; a loupe shows where a
 * tap falls.
 */
final class TracePane extends Pane {

    private static final PseudoClass PICTURED = PseudoClass.getPseudoClass("pictured");

    /** A place nearer than this is taken hold of, in pixels. */
    private static final double TAKE = 9;

    private static final double LOUPE = 150;
    private static final double LOUPE_TIMES = 4;
    private static final double STEP = 8;

    /** How far beside its edge a name stands, in pixels. */
    private static final double BESIDE_X = 34;

    private static final double BESIDE_Y = 16;

    /** Curves are drawn with chords this near, in pixels. */
    private static final double FLAT = 0.5;

    /** A place that can be taken hold of. */
    record Handle(String kind, int number, Point at) {}

    /** A line of knots, closed. */
    record Outline(List<Knot> knots, boolean atHand) {}

    /** Words at a place, such as the name of an edge, moved a little away from another. */
    record Note(String words, Point at, Point from, String style) {}

    /** A straight line with a style. */
    record Stroke(Point from, Point to, String style) {}

    /** Everything that is shown over the picture. */
    record Shown(List<Outline> lines, List<Handle> handles, List<Note> notes, List<Stroke> strokes, int chosen) {

        static final Shown NOTHING = new Shown(List.of(), List.of(), List.of(), List.of(), -1);
    }

    private final ImageView picture = new ImageView();
    private final Group over = new Group();
    private final Group loupe = new Group();
    private final ImageView magnified = new ImageView();
    private Optional<Image> image = Optional.empty();
    private Box world = new Box(0, 0, 1, 0.75);
    private View view = new View(1, 0, 0);
    private boolean fitted;
    private Shown shown = Shown.NOTHING;
    private BiConsumer<Point, Boolean> tapped = (at, corner) -> {};
    private BiConsumer<Handle, Point> moved = (handle, at) -> {};
    private Optional<Handle> held = Optional.empty();
    private Point pressed = Point.ORIGIN;
    private Point cross = Point.ORIGIN;

    TracePane() {
        getStyleClass().addAll("sheet", "trace-pane");
        setMinSize(0, 0);
        setFocusTraversable(true);
        picture.setPreserveRatio(true);
        picture.setSmooth(true);
        picture.setMouseTransparent(true);
        over.setMouseTransparent(true);
        loupe.setMouseTransparent(true);
        loupe();
        getChildren().addAll(picture, over, loupe);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_RELEASED, this::release);
        addEventHandler(MouseEvent.MOUSE_MOVED, event -> look(event.getX(), event.getY()));
        addEventHandler(MouseEvent.MOUSE_EXITED, event -> loupe.setVisible(false));
        addEventHandler(ScrollEvent.SCROLL, event -> {
            view = view.zoomed(StrictMath.pow(1.0015, event.getDeltaY()), event.getX(), event.getY());
            redraw();
            event.consume();
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    /** Says what a tap does; it is told whether a corner was meant. */
    void onTapped(BiConsumer<Point, Boolean> action) {
        tapped = action;
    }

    /** Says what is done when a place was dragged elsewhere. */
    void onMoved(BiConsumer<Handle, Point> action) {
        moved = action;
    }

    /** Shows a picture, or paper where there is none. */
    void picture(Optional<Image> shownImage) {
        image = shownImage;
        pseudoClassStateChanged(PICTURED, shownImage.isPresent());
        picture.setImage(shownImage.orElse(null));
        magnified.setImage(shownImage.orElse(null));
        shownImage.ifPresent(each -> world(new Box(0, 0, 1, each.getHeight() / each.getWidth())));
    }

    /** Says what is to be seen whole. */
    void world(Box box) {
        world = box;
        fitted = false;
        requestLayout();
    }

    void show(Shown now) {
        shown = now;
        redraw();
    }

    private void loupe() {
        Rectangle frame = Ink.shape(new Rectangle(LOUPE, LOUPE), "loupe");
        Line across = Ink.shape(new Line(LOUPE / 2 - 14, LOUPE / 2, LOUPE / 2 + 14, LOUPE / 2), "loupe-cross");
        Line down = Ink.shape(new Line(LOUPE / 2, LOUPE / 2 - 14, LOUPE / 2, LOUPE / 2 + 14), "loupe-cross");
        magnified.setFitWidth(LOUPE);
        magnified.setFitHeight(LOUPE);
        magnified.setSmooth(false);
        loupe.getChildren().addAll(magnified, frame, across, down);
        loupe.setVisible(false);
    }

    /** A picture's width is shown as a thousand, so that it is magnified within the same limits as paper. */
    private double unit() {
        return image.isPresent() ? 1000 : 1;
    }

    private Point screen(Point at) {
        return view.of(at.times(unit()));
    }

    private Point place(double x, double y) {
        return new Point((x - view.x()) / view.scale(), (y - view.y()) / view.scale()).times(1 / unit());
    }

    private void press(MouseEvent event) {
        requestFocus();
        pressed = new Point(event.getX(), event.getY());
        held = event.getButton() == MouseButton.PRIMARY ? near(event.getX(), event.getY()) : Optional.empty();
    }

    private Optional<Handle> near(double x, double y) {
        Point at = new Point(x, y);
        return shown.handles().stream()
                .filter(handle -> screen(handle.at()).distanceTo(at) < TAKE)
                .min((a, b) -> Double.compare(
                        screen(a.at()).distanceTo(at), screen(b.at()).distanceTo(at)));
    }

    private void drag(MouseEvent event) {
        if (event.getButton() != MouseButton.PRIMARY) {
            view = view.moved(event.getX() - pressed.x(), event.getY() - pressed.y());
            pressed = new Point(event.getX(), event.getY());
            redraw();
            return;
        }
        look(event.getX(), event.getY());
        held.ifPresent(handle -> redraw(handle, place(event.getX(), event.getY())));
    }

    private void release(MouseEvent event) {
        if (event.getButton() != MouseButton.PRIMARY) {
            return;
        }
        Point at = place(event.getX(), event.getY());
        if (held.isPresent()) {
            boolean still = pressed.distanceTo(new Point(event.getX(), event.getY())) < 2;
            moved.accept(held.get(), still ? held.get().at() : at);
        } else if (inside(at)) {
            tapped.accept(at, !event.isShiftDown());
        }
        held = Optional.empty();
    }

    private boolean inside(Point at) {
        return image.isEmpty()
                || at.x() >= world.minX() && at.x() <= world.maxX() && at.y() >= world.minY() && at.y() <= world.maxY();
    }

    /** Arrows move the cross, Enter taps a corner, the space bar a place on a curve. */
    private void key(KeyEvent event) {
        double step = event.isAltDown() ? 1 : STEP;
        switch (event.getCode()) {
            case LEFT -> look(cross.x() - step, cross.y());
            case RIGHT -> look(cross.x() + step, cross.y());
            case UP -> look(cross.x(), cross.y() - step);
            case DOWN -> look(cross.x(), cross.y() + step);
            case ENTER -> tapped.accept(place(cross.x(), cross.y()), true);
            case SPACE -> tapped.accept(place(cross.x(), cross.y()), false);
            case PLUS, ADD -> {
                view = view.zoomed(1.25, cross.x(), cross.y());
                redraw();
            }
            case MINUS, SUBTRACT -> {
                view = view.zoomed(0.8, cross.x(), cross.y());
                redraw();
            }
            default -> {
                return;
            }
        }
        event.consume();
    }

    /** Shows in the loupe what lies under the cross, in the corner that is not in the way. */
    private void look(double x, double y) {
        cross = new Point(Math.max(0, Math.min(getWidth(), x)), Math.max(0, Math.min(getHeight(), y)));
        loupe.setVisible(image.isPresent());
        if (image.isEmpty()) {
            return;
        }
        Point at = place(cross.x(), cross.y());
        double points = image.get().getWidth();
        double seen = LOUPE / LOUPE_TIMES / view.scale() / unit() * points;
        magnified.setViewport(new Rectangle2D(at.x() * points - seen / 2, at.y() * points - seen / 2, seen, seen));
        boolean left = cross.x() > getWidth() / 2;
        loupe.relocate(left ? 12 : getWidth() - LOUPE - 12, 12);
    }

    @Override
    protected void layoutChildren() {
        if (!fitted && getWidth() > 0) {
            fitted = true;
            double unit = unit();
            Box box = new Box(world.minX() * unit, world.minY() * unit, world.maxX() * unit, world.maxY() * unit);
            view = View.fit(box, getWidth(), getHeight(), 16);
            cross = new Point(getWidth() / 2, getHeight() / 2);
        }
        redraw();
    }

    private void redraw() {
        redraw(new Handle("", -1, Point.ORIGIN), Point.ORIGIN);
    }

    /** Draws everything, one place where it is being dragged to. */
    private void redraw(Handle dragged, Point to) {
        image.ifPresent(each -> {
            picture.setX(view.x(0));
            picture.setY(view.y(0));
            picture.setFitWidth(view.scale() * unit());
        });
        over.getChildren().clear();
        if (image.isEmpty()) {
            paper();
        }
        shown.strokes()
                .forEach(stroke ->
                        over.getChildren().add(Ink.line(screen(stroke.from()), screen(stroke.to()), stroke.style())));
        for (Outline line : shown.lines()) {
            outline(line, dragged, to);
        }
        for (Handle handle : shown.handles()) {
            Point at = screen(handle.equals(dragged) ? to : handle.at());
            over.getChildren().add(dot(handle, at));
        }
        shown.notes().forEach(this::note);
        // What is added after layout is styled now, not in the next pulse.
        over.applyCss();
    }

    private void note(Note note) {
        Point at = screen(note.at());
        Point away = at.minus(screen(note.from()));
        if (away.norm() > 1) {
            at = at.plus(new Point(away.unit().x() * BESIDE_X, away.unit().y() * BESIDE_Y));
        }
        over.getChildren().add(Ink.text(note.words(), at.x(), at.y(), note.style()));
    }

    private Shape dot(Handle handle, Point at) {
        boolean chosen = handle.kind().equals("knot") && handle.number() == shown.chosen();
        String style = "trace-" + handle.kind() + (chosen ? " chosen" : "");
        boolean curve =
                handle.kind().equals("knot") && !atHand().get(handle.number()).corner();
        return curve
                ? Ink.shape(new Circle(at.x(), at.y(), 4.5), style)
                : Ink.shape(new Rectangle(at.x() - 4.5, at.y() - 4.5, 9, 9), style);
    }

    private List<Knot> atHand() {
        return shown.lines().stream()
                .filter(Outline::atHand)
                .map(Outline::knots)
                .findFirst()
                .orElse(List.of());
    }

    private void outline(Outline line, Handle dragged, Point to) {
        List<Knot> knots = new ArrayList<>();
        for (int i = 0; i < line.knots().size(); i++) {
            boolean moving = line.atHand() && dragged.kind().equals("knot") && dragged.number() == i;
            Knot knot = line.knots().get(i);
            knots.add(knot.at(screen(moving ? to : knot.at())));
        }
        for (Polyline part : strokes(knots)) {
            over.getChildren().add(Ink.shape(part, line.atHand() ? "trace-line at-hand" : "trace-line"));
        }
    }

    /** Draws from corner to corner; before there are three corners, from place to place. */
    private static List<Polyline> strokes(List<Knot> knots) {
        List<Polyline> strokes = new ArrayList<>();
        int first = 0;
        while (first < knots.size() && !knots.get(first).corner()) {
            first++;
        }
        if (first == knots.size() || knots.size() < 2) {
            return strokes;
        }
        List<Point> run = new ArrayList<>();
        for (int i = 0; i <= knots.size(); i++) {
            Knot knot = knots.get((first + i) % knots.size());
            if (run.isEmpty() || run.get(run.size() - 1).distanceTo(knot.at()) > 0.01) {
                run.add(knot.at());
            }
            if (knot.corner() && run.size() > 1) {
                strokes.add(stroke(run));
                run = new ArrayList<>(List.of(knot.at()));
            }
        }
        return strokes;
    }

    private static Polyline stroke(List<Point> run) {
        List<Point> flat = run.size() == 2
                ? run
                : Path.bent(run, Optional.empty(), Optional.empty()).flattened(FLAT);
        Polyline line = new Polyline();
        flat.forEach(at -> line.getPoints().addAll(at.x(), at.y()));
        return line;
    }

    private void paper() {
        double step = 25.4;
        for (double x = Math.ceil(world.minX() / step) * step; x <= world.maxX(); x += step) {
            over.getChildren()
                    .add(Ink.line(screen(new Point(x, world.minY())), screen(new Point(x, world.maxY())), "grid-line"));
        }
        for (double y = Math.ceil(world.minY() / step) * step; y <= world.maxY(); y += step) {
            over.getChildren()
                    .add(Ink.line(screen(new Point(world.minX(), y)), screen(new Point(world.maxX(), y)), "grid-line"));
        }
    }
}
