package org.soberhem.desk.silhouette;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.DressedPlate;
import org.soberhem.core.figure.FigurePlate;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.figure.Form;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Judge;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.silhouette.PeriodOutline;
import org.soberhem.desk.widget.Ink;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.PlateDrawing;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.desk.widget.View;

/** The wearer as a measured plate, beside or beneath the period's outline. */
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
        OVER("over it"),
        BESIDE("beside it"),
        NONE("not");

        private final String words;

        Outline(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
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
            Optional<Function<FigureView, List<Path>>> other,
            String title) {}

    /**
     * A level written on the plate.
     *
     * @param section the body's level that it lies at; empty if the garment has it
     */
    private record Level(String name, double height, String section) {}

    /** Where a view of the figure or an outline alone stands. */
    private record Stand(Optional<FigurePlate> plate, FigureView view, boolean outlined, String words) {}

    private static final double HEAD = 30;
    private static final double FOOT = 22;
    private static final double LABELS = 116;

    /** Room for the period's own levels. */
    private static final double NOTES = 80;

    private static final double GAP = 26;
    private static final double LINE = 15;
    private static final List<String> PERIOD_LEVELS = List.of("waist", "hem");

    private final Function<String, String> names;
    private final Consumer<Sentence> traced;
    private List<FigureView> views;
    private Optional<Shown> shown = Optional.empty();
    private LengthFormat format = LengthFormat.INCH_EIGHTHS;
    private Dress dress = Dress.DRESSED;
    private Outline outline = Outline.OVER;
    private boolean labelled = true;
    private Optional<FigurePane> beside = Optional.empty();

    /**
     * @param names returns the name of a measure
     * @param traced gets where a level's number comes from, in words, when it is asked for
     * @param views from where the figure is looked at
     */
    FigurePane(Function<String, String> names, Consumer<Sentence> traced, FigureView... views) {
        this.names = names;
        this.traced = traced;
        this.views = List.of(views);
        getStyleClass().add("sheet");
        setMinSize(0, 0);
    }

    void show(Shown what, LengthFormat how) {
        shown = Optional.of(what);
        format = how;
        requestLayout();
    }

    void dress(Dress chosen) {
        dress = chosen;
        requestLayout();
    }

    void outline(Outline chosen) {
        outline = chosen;
        requestLayout();
    }

    void views(FigureView... wanted) {
        views = List.of(wanted);
        requestLayout();
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

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        if (shown.isEmpty() || getWidth() < 1 || getHeight() < 1) {
            return;
        }
        Shown what = shown.get();
        DressedFigure dressed = what.judge().figure(what.at(), 0.5);
        BodyFigure body = dress == Dress.MEASURED ? what.judge().asMeasured(what.at()) : dressed.body();
        List<Stand> stands = stands(what, dressed, body);
        List<Box> boxes =
                stands.stream().map(stand -> box(stand, what, body.height())).toList();
        double labels = labelled ? LABELS : 0;
        double scale = Math.min(fitting(), beside.map(FigurePane::fitting).orElse(Double.MAX_VALUE));
        double height = Math.max(body.height(), beside.map(FigurePane::tall).orElse(0.0));
        double total = boxes.stream().mapToDouble(Box::width).sum();
        double floor = (getHeight() + HEAD - FOOT + height * scale) / 2;
        double spare = getWidth() - labels - (labelled ? NOTES : 0) - total * scale;
        double gap = spare / (stands.size() + 1);
        double left = labels + gap;
        double right = getWidth() - 8;
        View upright = new View(scale, 0, floor);
        if (labelled) {
            levels(dressed, body, upright, right - NOTES);
        }
        for (int i = 0; i < stands.size(); i++) {
            Box box = boxes.get(i);
            View view = new View(scale, left - box.minX() * scale, floor);
            draw(stands.get(i), what, dressed, view);
            Node words = Ink.text(
                    stands.get(i).words(),
                    left + box.width() * scale / 2,
                    Math.max(14, floor - body.height() * scale - 16),
                    "piece-name");
            getChildren().add(words);
            left += box.width() * scale + gap;
        }
        what.outline()
                .filter(period -> labelled && outline != Outline.NONE)
                .ifPresent(period -> period(period, upright, right));
        getChildren().add(Ink.line(new Point(labels, floor), new Point(right, floor), "construction"));
        getChildren().add(Ink.text(what.title(), labels + (right - labels) / 2, floor + 13, "plate-note"));
        applyCss();
    }

    /** Returns the largest scale at which what is shown has room; any if nothing is. */
    private double fitting() {
        if (shown.isEmpty() || getWidth() < 1) {
            return Double.MAX_VALUE;
        }
        Shown what = shown.get();
        DressedFigure dressed = what.judge().figure(what.at(), 0.5);
        BodyFigure body = dress == Dress.MEASURED ? what.judge().asMeasured(what.at()) : dressed.body();
        List<Stand> stands = stands(what, dressed, body);
        double total = stands.stream()
                .mapToDouble(stand -> box(stand, what, body.height()).width())
                .sum();
        return Math.min(
                (getHeight() - HEAD - FOOT) / (body.height() * 1.02),
                (getWidth() - (labelled ? LABELS + NOTES : 0) - GAP * (stands.size() + 1)) / total);
    }

    private double tall() {
        return shown.map(what -> what.judge().asMeasured(what.at()).height()).orElse(0.0);
    }

    private List<Stand> stands(Shown what, DressedFigure dressed, BodyFigure body) {
        List<Stand> stands = new ArrayList<>();
        boolean beside = outline == Outline.BESIDE && what.outline().isPresent();
        for (FigureView view : views) {
            FigurePlate plate = dress == Dress.DRESSED ? DressedPlate.of(dressed, view) : DressedPlate.of(body, view);
            stands.add(new Stand(Optional.of(plate), view, outline == Outline.OVER, view.words()));
            if (beside) {
                stands.add(new Stand(Optional.empty(), view, true, "the period’s " + view.words()));
            }
        }
        return stands;
    }

    private static Box box(Stand stand, Shown what, double height) {
        List<Point> places = new ArrayList<>(List.of(new Point(0, 0), new Point(0, -height)));
        stand.plate()
                .ifPresent(plate -> plate.parts()
                        .forEach(part -> part.shapes().forEach(shape -> places.addAll(shape.flattened(4)))));
        what.other()
                .filter(other -> stand.plate().isPresent())
                .ifPresent(other -> other.apply(stand.view()).forEach(line -> places.addAll(line.flattened(4))));
        if (stand.outlined()) {
            what.outline()
                    .ifPresent(period -> period.bands(stand.view()).forEach(band -> places.addAll(band.flattened(4))));
        }
        return Box.round(places);
    }

    private void draw(Stand stand, Shown what, DressedFigure dressed, View view) {
        stand.plate().ifPresent(plate -> PlateDrawing.draw(plate, view, getChildren()));
        if (stand.plate().isPresent() && dress == Dress.DRESSED) {
            range(what, stand.view(), view);
        }
        if (stand.plate().isPresent()) {
            what.other()
                    .ifPresent(other -> other.apply(stand.view())
                            .forEach(line ->
                                    getChildren().add(Ink.polygon(PlateDrawing.flat(line, view), "other-outline"))));
        }
        if (stand.view() == FigureView.FRONT && stand.plate().isPresent()) {
            what.picture()
                    .forEach(line -> getChildren()
                            .add(Ink.polyline(line.stream().map(view::of).toList(), "picture-line")));
        }
        if (stand.outlined()) {
            what.outline().ifPresent(period -> bands(period, stand.view(), view));
        }
    }

    private void bands(PeriodOutline period, FigureView side, View view) {
        for (Path band : period.bands(side)) {
            getChildren().add(Ink.polygon(PlateDrawing.flat(band, view), "outline-band"));
        }
    }

    /** How far the skirt may stand, where only the range of what carries it is known. */
    private void range(Shown what, FigureView side, View view) {
        if (!what.judge().dressing().isEstimated(what.at().subject())) {
            return;
        }
        for (double share : new double[] {0, 1}) {
            DressedFigure end = what.judge().figure(what.at(), share);
            end.skirtForm().ifPresent(skirt -> {
                getChildren().add(Ink.polyline(edge(skirt, end, side, 1, view), "plate-range"));
                getChildren().add(Ink.polyline(edge(skirt, end, side, -1, view), "plate-range"));
            });
        }
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

    private void levels(DressedFigure dressed, BodyFigure body, View view, double right) {
        List<Level> levels = new ArrayList<>();
        levels.add(new Level("crown", body.height(), "height"));
        levels.add(
                new Level("shoulder", body.mark("shoulder-point").orElseThrow().y(), "neck-base"));
        String chest = body.hasBust() ? "bust" : "armpit";
        levels.add(new Level(
                body.hasBust() ? "bust" : "chest", body.at(chest).middle().y(), chest));
        levels.add(new Level("waist", dressed.waist(), "waist"));
        levels.add(new Level("hip", dressed.hip(), "hip"));
        if (dress == Dress.DRESSED && dressed.skirtForm().isPresent()) {
            if (Math.abs(dressed.waistSeam() - dressed.waist()) > 5) {
                levels.add(new Level("waist seam", dressed.waistSeam(), ""));
            }
            levels.add(new Level("hem", Math.max(0, dressed.hemFront()), ""));
        } else {
            levels.add(new Level("knee", body.at("knee").middle().y(), "knee"));
        }
        levels.sort((one, other) -> Double.compare(other.height(), one.height()));
        double taken = -100;
        for (Level level : levels) {
            double at = view.y(-level.height());
            double words = Math.max(at, taken + LINE);
            taken = words;
            getChildren().add(Ink.line(new Point(LABELS - 4, at), new Point(right, at), "plate-level"));
            String text = level.name() + " " + format.format(level.height()).toLowerCase(Locale.ROOT);
            Tappable label = new Tappable(
                    Parts.label(text, "small", "soft"),
                    text + ", where from",
                    () -> traced.accept(origin(body, level)),
                    "level-label");
            label.setId("level-" + level.name().replace(' ', '-'));
            getChildren().add(label);
            label.applyCss();
            label.resizeRelocate(2, words - LINE / 2 - 3, LABELS - 8, LINE + 4);
        }
    }

    /** Where the period has its waist and its hem. */
    private void period(PeriodOutline period, View view, double right) {
        for (String name : PERIOD_LEVELS) {
            Double height = period.levels().get(name);
            if (height != null) {
                double at = view.y(-height);
                getChildren().add(Ink.line(new Point(right - 76, at), new Point(right, at), "period-level"));
                getChildren().add(Ink.text("period’s " + name, right - 38, at - 7, "period-note"));
            }
        }
    }

    /** Says what a level is drawn from. */
    private Sentence origin(BodyFigure body, Level level) {
        if (level.section().isEmpty()) {
            return Sentence.of("{}: where the finished pattern has it", level.name());
        }
        if (level.section().equals("height")) {
            return Sentence.of("{}: the height that was read, or what is usual", level.name());
        }
        BodyFigure.Origin from = body.origin(level.section());
        return Sentence.of(
                "{}: height {}; girth {}",
                level.name(),
                from.height().map(measure -> "from " + names.apply(measure)).orElse("follows its neighbours"),
                from.girth().map(measure -> "from " + names.apply(measure)).orElse("follows its neighbours"));
    }
}
