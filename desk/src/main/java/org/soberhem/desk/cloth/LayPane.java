package org.soberhem.desk.cloth;

import java.util.List;
import java.util.Optional;
import javafx.scene.Group;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import org.soberhem.core.cloth.Lay;
import org.soberhem.core.cloth.PlacedPiece;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.desk.widget.Ink;
import org.soberhem.desk.widget.View;

/**
 * The cloth on the table: its length runs to the right, its fold or selvedge lies at the top. A cut is chosen by a
 * click or Tab, moved by dragging or with the arrows, turned with T.
 */
final class LayPane extends Region {

    private static final double MARGIN = 44;
    private static final double STEP = 5;
    private static final double FAR = 50;

    /** Gets what the maker does by hand. */
    interface Hand {

        /** Moves a cut, in millimetres. */
        void moved(int which, double across, double along);

        void turned(int which);
    }

    private final Group drawing = new Group();
    private final Pane sheet = new Pane(drawing);
    private final Hand hand;
    private Optional<Lay> lay = Optional.empty();
    private double inHand;
    private LengthFormat format = LengthFormat.INCH_EIGHTHS;
    private List<Outline> outlines = List.of();
    private View view = new View(1, 0, 0);
    private int chosen = -1;
    private double fromX;
    private double fromY;
    private double byX;
    private double byY;
    private boolean byHand;

    LayPane(Hand hand) {
        this.hand = hand;
        getStyleClass().add("sheet");
        sheet.setPickOnBounds(true);
        sheet.setManaged(false);
        drawing.setManaged(false);
        getChildren().add(sheet);
        setFocusTraversable(true);
        sheet.addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            requestFocus();
            choose(event.getX(), event.getY());
            fromX = event.getX();
            fromY = event.getY();
        });
        sheet.addEventHandler(MouseEvent.MOUSE_DRAGGED, event -> {
            byX = event.getX() - fromX;
            byY = event.getY() - fromY;
            draw();
        });
        sheet.addEventHandler(MouseEvent.MOUSE_RELEASED, event -> {
            double along = byX / view.scale();
            double across = byY / view.scale();
            byX = 0;
            byY = 0;
            if (chosen >= 0 && byHand && Math.hypot(along, across) > 1) {
                hand.moved(chosen, across, along);
            }
            draw();
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    /**
     * Shows a lay.
     *
     * @param length of cloth in hand, ends and shrinkage taken off, in millimetres; 0 if unknown
     * @param movable whether cuts can be moved by hand
     */
    void show(Optional<Lay> shown, double length, boolean movable, LengthFormat shownAs) {
        boolean same = lay.isPresent()
                && shown.isPresent()
                && lay.get().placed().size() == shown.get().placed().size();
        lay = shown;
        inHand = length;
        byHand = movable;
        format = shownAs;
        outlines = shown.map(Lay::outlines).orElse(List.of());
        chosen = same ? chosen : -1;
        draw();
    }

    private void choose(double x, double y) {
        double along = (x - view.x()) / view.scale();
        double across = (y - view.y()) / view.scale();
        chosen = -1;
        for (int i = 0; i < outlines.size(); i++) {
            if (outlines.get(i).contains(new Point(across, along))) {
                chosen = i;
            }
        }
        draw();
    }

    private void key(KeyEvent event) {
        if (outlines.isEmpty()) {
            return;
        }
        double step = event.isShiftDown() ? FAR : STEP;
        boolean used = true;
        if (event.getCode() == KeyCode.N || event.getCode() == KeyCode.P) {
            int by = event.getCode() == KeyCode.N ? 1 : -1;
            chosen = Math.floorMod(chosen + by, outlines.size());
            draw();
        } else if (chosen >= 0 && byHand && event.getCode() == KeyCode.T) {
            hand.turned(chosen);
        } else if (chosen >= 0 && byHand && event.getCode() == KeyCode.LEFT) {
            hand.moved(chosen, 0, -step);
        } else if (chosen >= 0 && byHand && event.getCode() == KeyCode.RIGHT) {
            hand.moved(chosen, 0, step);
        } else if (chosen >= 0 && byHand && event.getCode() == KeyCode.UP) {
            hand.moved(chosen, -step, 0);
        } else if (chosen >= 0 && byHand && event.getCode() == KeyCode.DOWN) {
            hand.moved(chosen, step, 0);
        } else {
            used = false;
        }
        if (used) {
            event.consume();
        }
    }

    @Override
    protected void layoutChildren() {
        if (sheet.getWidth() != getWidth() || sheet.getHeight() != getHeight()) {
            sheet.resizeRelocate(0, 0, getWidth(), getHeight());
            draw();
        }
    }

    private void draw() {
        drawing.getChildren().clear();
        if (lay.isEmpty() || getWidth() < 10) {
            return;
        }
        Lay now = lay.get();
        double wide =
                now.singleFrom().isPresent() ? now.rules().width() : now.rules().lying();
        double long_ = Math.max(now.length(), inHand);
        view = View.fit(new Box(0, 0, Math.max(1, long_), wide), getWidth(), getHeight(), MARGIN);
        cloth(now);
        for (int i = 0; i < outlines.size(); i++) {
            piece(now, i);
        }
        measures(now);
    }

    private Point at(Point cloth) {
        return new Point(view.x(cloth.y()), view.y(cloth.x()));
    }

    private void cloth(Lay now) {
        double folded = now.singleFrom().orElse(now.length());
        if (inHand > 0) {
            Rectangle all = rectangle(0, 0, Math.max(inHand, 1), now.rules().lying());
            drawing.getChildren().add(Ink.shape(all, "cloth-in-hand"));
        }
        drawing.getChildren().add(Ink.shape(rectangle(0, 0, folded, now.rules().lying()), "cloth-used"));
        if (folded < now.length()) {
            drawing.getChildren()
                    .add(Ink.shape(
                            rectangle(
                                    folded,
                                    0,
                                    now.length() - folded,
                                    now.rules().width()),
                            "cloth-used"));
        }
        if (now.rules().folded()) {
            drawing.getChildren()
                    .add(Ink.line(at(new Point(0, 0)), at(new Point(0, Math.max(folded, inHand))), "fold"));
            drawing.getChildren().add(Ink.text("fold", view.x(0) - 20, view.y(0), "piece-note"));
        }
        repeats(now);
    }

    private void repeats(Lay now) {
        double across = now.rules().repeatAcross();
        double along = now.rules().repeatAlong();
        for (double x = across; across > 0 && x < now.rules().lying(); x += across) {
            drawing.getChildren().add(Ink.line(at(new Point(x, 0)), at(new Point(x, now.length())), "construction"));
        }
        for (double y = along; along > 0 && y < now.length(); y += along) {
            drawing.getChildren()
                    .add(Ink.line(at(new Point(0, y)), at(new Point(now.rules().lying(), y)), "construction"));
        }
    }

    private Rectangle rectangle(double along, double across, double length, double width) {
        return new Rectangle(view.x(along), view.y(across), length * view.scale(), width * view.scale());
    }

    private void piece(Lay now, int which) {
        PlacedPiece cut = now.placed().get(which);
        boolean isChosen = which == chosen;
        List<Point> corners = outlines.get(which).corners().stream()
                .map(this::at)
                .map(corner -> isChosen ? new Point(corner.x() + byX, corner.y() + byY) : corner)
                .toList();
        Polygon shape = Ink.polygon(corners, isChosen ? "lay-piece chosen-piece" : "lay-piece");
        drawing.getChildren().add(shape);
        Box box = outlines.get(which).box();
        Point middle = at(new Point((box.minX() + box.maxX()) / 2, (box.minY() + box.maxY()) / 2));
        double half = Math.min(60, box.height() * view.scale() / 3);
        Point left = new Point(middle.x() - half + (isChosen ? byX : 0), middle.y() + 9 + (isChosen ? byY : 0));
        Point right = new Point(left.x() + 2 * half, left.y());
        drawing.getChildren().add(Ink.line(left, right, "grain"));
        double tip = cut.turned() ? left.x() : right.x();
        double back = cut.turned() ? 6 : -6;
        drawing.getChildren()
                .add(Ink.polyline(
                        List.of(
                                new Point(tip + back, left.y() - 4),
                                new Point(tip, left.y()),
                                new Point(tip + back, left.y() + 4)),
                        "grain"));
        boolean twice = now.rules().folded() && !cut.single() && now.piece(cut).kind() != CutShape.FOLD;
        Text name = Ink.text(
                cut.name() + (twice ? " ×2" : "") + (cut.mirrored() && !twice ? " ⇋" : ""),
                middle.x() + (isChosen ? byX : 0),
                middle.y() - 8 + (isChosen ? byY : 0),
                "piece-note");
        // A name longer than its piece would lie on its neighbours: it is shown when the piece is chosen.
        if (isChosen || name.getLayoutBounds().getWidth() < box.height() * view.scale()) {
            drawing.getChildren().add(name);
        }
    }

    private void measures(Lay now) {
        double bottom = view.y(
                        now.singleFrom().isPresent()
                                ? now.rules().width()
                                : now.rules().lying())
                + 18;
        Point end = new Point(view.x(now.length()), bottom);
        drawing.getChildren().add(Ink.line(new Point(view.x(0), bottom), end, "fold"));
        drawing.getChildren()
                .add(Ink.text(
                        format.format(now.length()) + " laid", (view.x(0) + end.x()) / 2, bottom + 12, "piece-note"));
        if (inHand > 0) {
            drawing.getChildren()
                    .add(Ink.text(
                            format.format(inHand) + " can be laid", view.x(inHand) - 40, view.y(0) - 14, "piece-note"));
        }
    }
}
