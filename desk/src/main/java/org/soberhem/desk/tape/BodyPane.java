package org.soberhem.desk.tape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.figure.FoundationShape;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.TapeRun;
import org.soberhem.desk.widget.PlateRow;
import org.soberhem.studio.FigureRoom;
import org.soberhem.studio.Studio;

/** The wearer's own stand with the tape where the chosen measure lays it, turned to the side that shows it. */
final class BodyPane extends PlateRow {

    private static final String SAYS = "the tape reads {} on the stand";

    /** What is drawn, and the words beneath it. */
    private record Picture(List<Plate> plates, String caption) {}

    private final Studio studio;
    private final boolean allViews;
    private final FigureRoom.Easel easel;

    /**
     * @param allViews whether three sides are shown; otherwise the two that show most of the tape
     */
    BodyPane(Studio studio, boolean allViews) {
        this.studio = studio;
        this.allViews = allViews;
        easel = studio.figures().easel();
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
        LengthFormat format = studio.format();
        easel.draw(
                figure(studio, build, set),
                stand -> drawn(stand, measure, format),
                made -> show(made.plates(), made.caption()));
    }

    private Picture drawn(Stand stand, String measure, LengthFormat format) {
        Optional<TapeRun> tape = stand.tape(measure, Side.RIGHT);
        List<Solid> solids = tape.map(stand::with).orElse(stand.solids());
        List<Plate> plates = viewpoints(stand, tape).stream()
                .map(from -> PlateMaker.plate(solids, from))
                .toList();
        return new Picture(
                plates,
                tape.map(run -> Sentence.of(SAYS, run.length()).in(format)).orElse(""));
    }

    /** The side that shows the tape comes first. */
    private List<Viewpoint> viewpoints(Stand stand, Optional<TapeRun> tape) {
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
}
