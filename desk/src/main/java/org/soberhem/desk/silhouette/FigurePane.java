package org.soberhem.desk.silhouette;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.scene.Cursor;
import javafx.scene.layout.Pane;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.figure.Form;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Judge;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.silhouette.PeriodOutline;
import org.soberhem.desk.widget.Ink;
import org.soberhem.desk.widget.PlateDrawing;
import org.soberhem.desk.widget.View;
import org.soberhem.studio.FigureRoom;

/** The wearer as a measured plate, beside or beneath the period's outline; turned by dragging. */
final class FigurePane extends Pane {

    /** What the wearer has on. */
    enum Dress {
        MEASURED("as measured"),
        LAYERS("over the layers"),
        DRESSED("dressed");

        private final String words;

        Dress(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** Where the period's outline is shown. */
    enum Outline {
        OVER("outline over it"),
        BESIDE("outline beside it"),
        NONE("no outline");

        private final String words;

        Outline(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** Something that a figure is compared with. */
    interface Other {
        /** Returns its outlines as a view shows them; it may take a moment. */
        List<List<Point>> seen(FigureView view);
    }

    /**
     * What is drawn.
     *
     * @param judge dresses the wearer
     * @param at whom, and in what
     * @param outline the period's, if one is chosen
     * @param picture lines of a measured picture, laid over the front
     * @param other what it is compared with, as outlines over the figure; empty if nothing
     * @param title beneath the figure
     */
    record Shown(
            Judge judge,
            EvaluatedCostume at,
            Optional<PeriodOutline> outline,
            List<List<Point>> picture,
            Optional<Other> other,
            String title) {}

    private static final double HEAD = 30;
    private static final double FOOT = 22;
    private static final double GAP = 26;

    /** Degrees that a figure turns for each pixel that it is dragged. */
    private static final double TURN = 0.6;

    private final FigureRoom.Easel easel;
    private final FigureLevels levels;
    private List<Viewpoint> viewpoints;
    private Optional<Shown> shown = Optional.empty();
    private Optional<FigurePicture> picture = Optional.empty();
    private LengthFormat format = LengthFormat.INCH_EIGHTHS;
    private Dress dress = Dress.DRESSED;
    private Outline outline = Outline.OVER;
    private double share = 0.5;
    private boolean labelled = true;
    private Optional<FigurePane> beside = Optional.empty();
    private double dragged;

    /**
     * @param figures where it is drawn
     * @param names returns the name of a measure
     * @param traced gets where a level's number comes from, in words, when it is asked for
     * @param views from where the figure is looked at
     */
    FigurePane(FigureRoom figures, Function<String, String> names, Consumer<Sentence> traced, FigureView... views) {
        easel = figures.easel();
        levels = new FigureLevels(names, traced, getChildren());
        viewpoints = Stream.of(views).map(Viewpoint::of).toList();
        getStyleClass().add("sheet");
        setMinSize(0, 0);
        setCursor(Cursor.H_RESIZE);
        setOnMousePressed(press -> dragged = press.getX());
        setOnMouseDragged(drag -> {
            turn(drag.getX(), (drag.getX() - dragged) * TURN);
            dragged = drag.getX();
        });
        setOnMouseReleased(release -> draw());
    }

    void show(Shown what, LengthFormat how) {
        shown = Optional.of(what);
        format = how;
        draw();
    }

    void dress(Dress chosen) {
        dress = chosen;
        draw();
    }

    void outline(Outline chosen) {
        outline = chosen;
        draw();
    }

    /** Chooses where within the ranges of the layers' effects, from least (0) to most (1). */
    void share(double chosen) {
        share = chosen;
        draw();
    }

    void views(Viewpoint... wanted) {
        viewpoints = List.of(wanted);
        draw();
    }

    /** Draws to the same scale as another pane, on the same floor, if there is one. */
    void standBeside(Optional<FigurePane> pane) {
        beside = pane;
        requestLayout();
    }

    /** Leaves the heights out, for a small figure. */
    void plain() {
        labelled = false;
    }

    private void draw() {
        shown.ifPresent(what -> {
            Dress on = dress;
            Outline where = outline;
            double within = share;
            List<Viewpoint> from = viewpoints;
            BodyFigure body = on == Dress.MEASURED
                    ? what.judge().asMeasured(what.at())
                    : what.judge().figure(what.at(), within).body();
            easel.draw(body, stand -> FigurePicture.of(what, on, where, within, from, stand), made -> {
                picture = Optional.of(made);
                requestLayout();
                beside.ifPresent(FigurePane::requestLayout);
            });
        });
    }

    /** Turns the figure under the hand. */
    private void turn(double x, double degrees) {
        if (picture.isEmpty() || viewpoints.isEmpty() || outline == Outline.BESIDE) {
            return;
        }
        int view = (int) Math.max(
                0, Math.min(viewpoints.size() - 1, (x - labels()) / (getWidth() - labels()) * viewpoints.size()));
        List<Viewpoint> turned = new ArrayList<>(viewpoints);
        turned.set(view, viewpoints.get(view).turnedBy(-degrees));
        viewpoints = turned;
        picture = Optional.of(picture.get().turned(view, turned.get(view)));
        requestLayout();
    }

    private double labels() {
        return labelled ? FigureLevels.LABELS : 0;
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        if (shown.isEmpty() || picture.isEmpty() || getWidth() < 1 || getHeight() < 1) {
            return;
        }
        Shown what = shown.get();
        FigurePicture drawn = picture.get();
        double tall = drawn.body().height();
        List<Box> boxes = drawn.views().stream().map(seen -> seen.box(tall)).toList();
        double scale = Math.min(fitting(), beside.map(FigurePane::fitting).orElse(Double.MAX_VALUE));
        double height = Math.max(tall, beside.map(FigurePane::tall).orElse(0.0));
        double total = boxes.stream().mapToDouble(Box::width).sum();
        double floor = (getHeight() + HEAD - FOOT + height * scale) / 2;
        double spare = getWidth() - labels() - (labelled ? FigureLevels.NOTES : 0) - total * scale;
        double gap = spare / (boxes.size() + 1);
        double left = labels() + gap;
        double right = getWidth() - 8;
        View upright = new View(scale, 0, floor);
        if (labelled) {
            levels.write(
                    drawn.dressed(), drawn.body(), dress == Dress.DRESSED, upright, right - FigureLevels.NOTES, format);
        }
        for (int i = 0; i < boxes.size(); i++) {
            Box box = boxes.get(i);
            draw(drawn.views().get(i), what, drawn, new View(scale, left - box.minX() * scale, floor));
            getChildren()
                    .add(Ink.text(
                            drawn.views().get(i).words(),
                            left + box.width() * scale / 2,
                            Math.max(14, floor - tall * scale - 16),
                            "piece-name"));
            left += box.width() * scale + gap;
        }
        what.outline()
                .filter(period -> labelled && outline != Outline.NONE)
                .ifPresent(period -> levels.write(period, upright, right));
        getChildren().add(Ink.line(new Point(labels(), floor), new Point(right, floor), "construction"));
        getChildren().add(Ink.text(what.title(), labels() + (right - labels()) / 2, floor + 13, "plate-note"));
        applyCss();
    }

    /** Returns the largest scale at which what is shown has room; any if nothing is. */
    private double fitting() {
        if (picture.isEmpty() || getWidth() < 1) {
            return Double.MAX_VALUE;
        }
        double height = tall();
        List<FigurePicture.Seen> views = picture.get().views();
        double total =
                views.stream().mapToDouble(seen -> seen.box(height).width()).sum();
        return Math.min(
                (getHeight() - HEAD - FOOT) / (height * 1.02),
                (getWidth() - labels() - (labelled ? FigureLevels.NOTES : 0) - GAP * (views.size() + 1)) / total);
    }

    private double tall() {
        return picture.map(drawn -> drawn.body().height()).orElse(0.0);
    }

    private void draw(FigurePicture.Seen seen, Shown what, FigurePicture drawn, View view) {
        seen.plate().ifPresent(plate -> PlateDrawing.draw(plate, view, getChildren()));
        Optional<FigureView> side = seen.from().view();
        if (seen.plate().isPresent() && side.isPresent()) {
            drawn.ends().forEach(end -> range(end, side.get(), view));
        }
        seen.other().forEach(line -> getChildren().add(Ink.polygon(shown(line, view), "other-outline")));
        if (side.filter(FigureView.FRONT::equals).isPresent() && seen.plate().isPresent()) {
            what.picture().forEach(line -> getChildren().add(Ink.polyline(shown(line, view), "picture-line")));
        }
        for (Path band : seen.bands()) {
            getChildren().add(Ink.polygon(PlateDrawing.flat(band, view), "outline-band"));
        }
    }

    private static List<Point> shown(List<Point> line, View view) {
        return line.stream().map(view::of).toList();
    }

    /** How far the skirt may stand, where only the range of what carries it is known. */
    private void range(DressedFigure end, FigureView side, View view) {
        end.skirtForm().ifPresent(skirt -> {
            getChildren().add(Ink.polyline(edge(skirt, end, side, 1, view), "plate-range"));
            getChildren().add(Ink.polyline(edge(skirt, end, side, -1, view), "plate-range"));
        });
    }

    private static List<Point> edge(Form skirt, DressedFigure dressed, FigureView side, int hand, View view) {
        List<Point> line = new ArrayList<>();
        double hem = Math.max(0, side == FigureView.SIDE && hand < 0 ? dressed.hemBack() : dressed.hemSide());
        int steps = 24;
        for (int i = 0; i <= steps; i++) {
            double at = dressed.waistSeam() + (hem - dressed.waistSeam()) * i / steps;
            double reach = side == FigureView.SIDE
                    ? (hand > 0 ? skirt.fore() : skirt.aft()).at(at)
                    : (hand > 0 ? skirt.left() : skirt.right()).at(at);
            line.add(view.of(new Point(hand * reach, -at)));
        }
        return line;
    }
}
