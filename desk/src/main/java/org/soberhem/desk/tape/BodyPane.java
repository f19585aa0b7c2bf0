package org.soberhem.desk.tape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import javafx.scene.layout.Pane;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.figure.FoundationShape;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.TapeRun;
import org.soberhem.desk.widget.Ink;
import org.soberhem.desk.widget.PlateDrawing;
import org.soberhem.desk.widget.View;
import org.soberhem.studio.FigureRoom;
import org.soberhem.studio.Studio;

/** The wearer's own stand with the tape where the chosen measure lays it, turned to the side that shows it. */
final class BodyPane extends Pane {

    private static final double HEAD = 36;
    private static final double FOOT = 18;
    private static final double GAP = 18;

    /** What is drawn: the stand from some sides, and what is said of the measure. */
    private record Picture(double height, List<Plate> plates, List<Box> boxes) {}

    private final Studio studio;
    private final boolean allViews;
    private final FigureRoom.Easel easel;
    private Optional<Picture> picture = Optional.empty();

    /**
     * @param allViews whether three sides are shown; otherwise the two that show most of the tape
     */
    BodyPane(Studio studio, boolean allViews) {
        this.studio = studio;
        this.allViews = allViews;
        easel = studio.figures().easel();
        getStyleClass().add("sheet");
        setMinSize(0, 0);
    }

    /** Returns the figure of a wearer from a set of readings, or a usual one of their build. */
    static BodyFigure figure(Studio studio, Build build, Optional<MeasurementSet> set) {
        return new BodyFigure(
                studio.library().figurePlan(),
                build,
                FoundationShape.NATURAL,
                reader(set, Side.RIGHT),
                reader(set, Side.LEFT));
    }

    /** Returns about what a measure will read on a wearer, millimetres. */
    static OptionalDouble expected(Studio studio, Build build, Optional<MeasurementSet> set, String measure) {
        return studio.figures()
                .quick(figure(studio, build, set))
                .tape(measure, Side.RIGHT)
                .map(run -> OptionalDouble.of(run.length()))
                .orElse(OptionalDouble.empty());
    }

    private static ToDoubleFunction<String> reader(Optional<MeasurementSet> set, Side side) {
        return measure -> set.flatMap(some -> some.value(measure, side, Posture.STANDING))
                .map(Length::toMillimetres)
                .orElse(Double.NaN);
    }

    void show(Build build, Optional<MeasurementSet> set, String measure) {
        easel.draw(figure(studio, build, set), stand -> drawn(stand, measure), made -> {
            picture = Optional.of(made);
            requestLayout();
        });
    }

    private Picture drawn(Stand stand, String measure) {
        Optional<TapeRun> tape = stand.tape(measure, Side.RIGHT);
        List<Solid> solids = tape.map(stand::with).orElse(stand.solids());
        List<Plate> plates = cameras(stand, tape).stream()
                .map(camera -> PlateMaker.plate(solids, camera))
                .toList();
        List<Box> boxes = plates.stream().map(BodyPane::box).toList();
        return new Picture(stand.body().height(), plates, boxes);
    }

    private static Box box(Plate plate) {
        List<Point> places = new ArrayList<>();
        plate.washes().forEach(wash -> wash.borders().forEach(places::addAll));
        return Box.round(places);
    }

    /** The side that shows the tape comes first. */
    private List<Viewpoint> cameras(Stand stand, Optional<TapeRun> tape) {
        double middle = stand.body().at("waist").middle().z();
        Viewpoint shown = new Viewpoint(tape.map(run -> run.shownFrom(middle)).orElse(0.0), 0);
        List<Viewpoint> all = new ArrayList<>(List.of(shown));
        for (FigureView view : List.of(FigureView.FRONT, FigureView.SIDE, FigureView.BACK)) {
            if (!Viewpoint.of(view).equals(shown) && all.size() < (allViews ? 3 : 2)) {
                all.add(Viewpoint.of(view));
            }
        }
        return all;
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        if (picture.isEmpty() || getWidth() < 1) {
            return;
        }
        Picture drawn = picture.get();
        double total = drawn.boxes().stream().mapToDouble(Box::width).sum();
        int count = drawn.plates().size();
        double scale = Math.min((getHeight() - HEAD - FOOT) / drawn.height(), (getWidth() - GAP * (count + 1)) / total);
        double floor = (getHeight() + HEAD - FOOT + drawn.height() * scale) / 2;
        double gap = (getWidth() - total * scale) / (count + 1);
        double left = gap;
        for (int i = 0; i < count; i++) {
            Box box = drawn.boxes().get(i);
            double right = left + box.width() * scale;
            getChildren().add(Ink.line(new Point(left, floor), new Point(right, floor), "construction"));
            PlateDrawing.draw(drawn.plates().get(i), new View(scale, left - box.minX() * scale, floor), getChildren());
            getChildren()
                    .add(Ink.text(
                            drawn.plates().get(i).camera().words(),
                            (left + right) / 2,
                            floor - drawn.height() * scale - 18,
                            "piece-name"));
            left = right + gap;
        }
        applyCss();
    }
}
