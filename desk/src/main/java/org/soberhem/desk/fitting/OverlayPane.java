package org.soberhem.desk.fitting;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.effect.PerspectiveTransform;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import org.soberhem.core.fitting.Overlay;
import org.soberhem.core.geometry.Alignment;
import org.soberhem.core.geometry.Point;
import org.soberhem.desk.widget.Parts;

/**
 * One picture with its marks, or a picture half transparent over its reference. Places are handed on as shares of the
 * picture's own width, so that they hold whatever size it is shown or read at.
 */
final class OverlayPane extends Pane {

    private static final double DOT = 5;
    private static final double TAKE = 12;

    private Optional<Image> base = Optional.empty();
    private Optional<Image> over = Optional.empty();
    private Optional<Alignment> alignment = Optional.empty();
    private double opacity = 0.5;
    private List<Mark> marks = List.of();
    private List<List<Point>> outlines = List.of();
    private Consumer<Point> tapped = place -> {};
    private BiConsumer<String, Point> moved = (name, place) -> {};
    private Optional<String> dragged = Optional.empty();

    /** A marked place, in shares of the base's width. */
    record Mark(String name, Overlay.Use use, Point at) {}

    OverlayPane() {
        getStyleClass().add("sheet");
        setMinSize(0, 0);
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> dragged = near(event.getX(), event.getY()));
        addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
    }

    void onTapped(Consumer<Point> action) {
        tapped = action;
    }

    void onMoved(BiConsumer<String, Point> action) {
        moved = action;
    }

    void base(Optional<Image> image) {
        base = image;
        requestLayout();
    }

    /** Lays a picture over the base. */
    void over(Optional<Image> image, Optional<Alignment> laid, double share) {
        over = image;
        alignment = laid;
        opacity = share;
        requestLayout();
    }

    void marks(List<Mark> shown, List<List<Point>> traced) {
        marks = shown;
        outlines = traced;
        requestLayout();
    }

    private double scale() {
        return base.map(image -> Math.min(getWidth() / image.getWidth(), getHeight() / image.getHeight()))
                .orElse(1.0);
    }

    private double left() {
        return base.map(image -> (getWidth() - image.getWidth() * scale()) / 2).orElse(0.0);
    }

    /** Width at which the base is shown. */
    private double wide() {
        return base.map(image -> image.getWidth() * scale()).orElse(1.0);
    }

    private Point shown(Point share) {
        return new Point(left() + share.x() * wide(), share.y() * wide());
    }

    private Point share(double x, double y) {
        return new Point((x - left()) / wide(), y / wide());
    }

    private Optional<String> near(double x, double y) {
        return marks.stream()
                .filter(mark -> shown(mark.at()).distanceTo(new Point(x, y)) < TAKE)
                .map(Mark::name)
                .findFirst();
    }

    private void released(MouseEvent event) {
        Point at = share(event.getX(), event.getY());
        boolean inside = base.filter(image ->
                        at.x() >= 0 && at.x() <= 1 && at.y() >= 0 && at.y() <= image.getHeight() / image.getWidth())
                .isPresent();
        if (!inside) {
            return;
        }
        if (dragged.isPresent()) {
            moved.accept(dragged.get(), at);
        } else {
            tapped.accept(at);
        }
        dragged = Optional.empty();
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        if (base.isEmpty()) {
            return;
        }
        getChildren().add(view(base.get(), left(), 0, wide()));
        over.ifPresent(image -> alignment.ifPresent(laid -> getChildren().add(laid(image, laid))));
        for (List<Point> outline : outlines) {
            Polyline line = new Polyline();
            outline.forEach(point ->
                    line.getPoints().addAll(shown(point).x(), shown(point).y()));
            line.getStyleClass().add("traced");
            getChildren().add(line);
        }
        for (Mark mark : marks) {
            Point at = shown(mark.at());
            Circle dot = new Circle(at.x(), at.y(), DOT);
            dot.getStyleClass().addAll("picture-mark", mark.use() == Overlay.Use.HOLDS ? "holds" : "compared");
            Label name = Parts.label(mark.name(), "picture-mark-name");
            name.setMouseTransparent(true);
            name.relocate(at.x() + DOT + 4, at.y() - 9);
            getChildren().addAll(dot, name);
        }
        setClip(new Rectangle(getWidth(), getHeight()));
        applyCss();
        getChildren().forEach(child -> {
            if (child instanceof Label label) {
                label.autosize();
            }
        });
    }

    private static ImageView view(Image image, double x, double y, double width) {
        ImageView view = new ImageView(image);
        view.setPreserveRatio(true);
        view.setFitWidth(width);
        view.setX(x);
        view.setY(y);
        view.setMouseTransparent(true);
        return view;
    }

    /** The picture's four corners go where the alignment lays them. */
    private Node laid(Image image, Alignment laid) {
        double tall = image.getHeight() / image.getWidth();
        Point a = shown(laid.of(new Point(0, 0)));
        Point b = shown(laid.of(new Point(1, 0)));
        Point c = shown(laid.of(new Point(1, tall)));
        Point d = shown(laid.of(new Point(0, tall)));
        ImageView view = new ImageView(image);
        view.setMouseTransparent(true);
        view.setEffect(new PerspectiveTransform(a.x(), a.y(), b.x(), b.y(), c.x(), c.y(), d.x(), d.y()));
        view.setOpacity(opacity);
        return view;
    }
}
