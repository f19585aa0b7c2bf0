package org.soberhem.desk.tape;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import javafx.scene.layout.Pane;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.DressedPlate;
import org.soberhem.core.figure.FigurePlan;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.figure.FoundationShape;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;
import org.soberhem.core.pattern.Side;
import org.soberhem.desk.widget.Ink;
import org.soberhem.desk.widget.PlateDrawing;
import org.soberhem.desk.widget.View;

/** The wearer's own figure with the tape where the chosen measure lays it. */
final class BodyPane extends Pane {

    private static final double HEAD = 36;
    private static final double FOOT = 18;
    private static final double CLEARANCE = 0.94;

    private final FigurePlan plan;
    private final boolean allViews;
    private Optional<BodyFigure> figure = Optional.empty();
    private String measure = "";

    /**
     * @param plan what the figure is put together from
     * @param allViews whether front, side and back are shown; otherwise the two that show most of the tape
     */
    BodyPane(FigurePlan plan, boolean allViews) {
        this.plan = plan;
        this.allViews = allViews;
        getStyleClass().add("sheet");
        setMinSize(0, 0);
    }

    /** Returns the figure of a wearer from a set of readings, or a usual one of their build. */
    static BodyFigure figure(FigurePlan plan, Build build, Optional<MeasurementSet> set) {
        return new BodyFigure(plan, build, FoundationShape.NATURAL, reader(set, Side.RIGHT), reader(set, Side.LEFT));
    }

    private static ToDoubleFunction<String> reader(Optional<MeasurementSet> set, Side side) {
        return measure -> set.flatMap(some -> some.value(measure, side, Posture.STANDING))
                .map(Length::toMillimetres)
                .orElse(Double.NaN);
    }

    void show(Build build, Optional<MeasurementSet> set, String shown) {
        figure = Optional.of(figure(plan, build, set));
        measure = shown;
        requestLayout();
    }

    private List<FigureView> views() {
        if (allViews) {
            return List.of(FigureView.values());
        }
        boolean behind =
                figure.flatMap(body -> body.tape(measure, FigureView.BACK)).isPresent();
        boolean front =
                figure.flatMap(body -> body.tape(measure, FigureView.FRONT)).isPresent();
        return front && !behind && !measure.isEmpty()
                ? List.of(FigureView.FRONT, FigureView.SIDE)
                : List.of(FigureView.FRONT, FigureView.BACK);
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        if (figure.isEmpty() || getWidth() < 1) {
            return;
        }
        BodyFigure body = figure.get();
        List<FigureView> views = views();
        // A view from the side needs less breadth.
        Map<FigureView, Double> share = Map.of(FigureView.FRONT, 1.0, FigureView.BACK, 1.0, FigureView.SIDE, 0.75);
        double shares = views.stream().mapToDouble(share::get).sum();
        double scale = Math.min(
                (getHeight() - HEAD - FOOT) / body.height(),
                getWidth() * CLEARANCE / shares / (2 * body.halfBreadth()));
        double floor = (getHeight() + HEAD - FOOT + body.height() * scale) / 2;
        double left = 0;
        for (FigureView view : views) {
            double width = getWidth() * share.get(view) / shares;
            draw(body, view, new View(scale, left + width / 2, floor), width);
            left += width;
        }
        applyCss();
    }

    private void draw(BodyFigure body, FigureView side, View view, double width) {
        getChildren()
                .add(Ink.line(
                        new Point(view.x() - width * 0.42, view.y()),
                        new Point(view.x() + width * 0.42, view.y()),
                        "construction"));
        PlateDrawing.draw(DressedPlate.of(body, side), view, getChildren());
        body.tape(measure, side)
                .ifPresent(line -> getChildren()
                        .add(Ink.polyline(line.stream().map(view::of).toList(), "figure-tape")));
        getChildren().add(Ink.text(side.words(), view.x(), view.y(-body.height()) - 18, "piece-name"));
    }
}
