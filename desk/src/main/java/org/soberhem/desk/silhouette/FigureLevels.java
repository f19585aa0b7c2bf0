package org.soberhem.desk.silhouette;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.silhouette.PeriodOutline;
import org.soberhem.desk.widget.Ink;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.desk.widget.View;

/** The heights that are written beside a figure, and the period's own. */
final class FigureLevels {

    static final double LABELS = 116;

    /** Room for the period's own levels. */
    static final double NOTES = 80;

    private static final double LINE = 15;
    private static final List<String> PERIOD_LEVELS = List.of("waist", "hem");

    /**
     * A level written on the plate.
     *
     * @param section the body's level that it lies at; empty if the garment has it
     */
    private record Level(String name, double height, String section) {}

    private final Function<String, String> names;
    private final Consumer<Sentence> traced;
    private final List<Node> into;

    /**
     * @param names returns the name of a measure
     * @param traced gets where a level's number comes from, in words, when it is asked for
     * @param into gets the lines and words
     */
    FigureLevels(Function<String, String> names, Consumer<Sentence> traced, List<Node> into) {
        this.names = names;
        this.traced = traced;
        this.into = into;
    }

    /** Writes the wearer's heights. */
    void write(DressedFigure dressed, BodyFigure body, boolean clothed, View view, double right, LengthFormat format) {
        List<Level> levels = new ArrayList<>();
        levels.add(new Level("crown", body.height(), "height"));
        levels.add(
                new Level("shoulder", body.mark("shoulder-point").orElseThrow().y(), "neck-base"));
        String chest = body.hasBust() ? "bust" : "armpit";
        levels.add(new Level(
                body.hasBust() ? "bust" : "chest", body.at(chest).middle().y(), chest));
        levels.add(new Level("waist", dressed.waist(), "waist"));
        levels.add(new Level("hip", dressed.hip(), "hip"));
        if (clothed && dressed.skirtForm().isPresent()) {
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
            into.add(Ink.line(new Point(LABELS - 4, at), new Point(right, at), "plate-level-line"));
            String text = level.name() + " " + format.format(level.height()).toLowerCase(Locale.ROOT);
            Tappable label = new Tappable(
                    Parts.label(text, "small", "soft"),
                    text + ", where from",
                    () -> traced.accept(origin(body, level)),
                    "level-label");
            label.setId("level-" + level.name().replace(' ', '-'));
            into.add(label);
            label.applyCss();
            label.resizeRelocate(2, words - LINE / 2 - 3, LABELS - 8, LINE + 4);
        }
    }

    /** Where the period has its waist and its hem. */
    void write(PeriodOutline period, View view, double right) {
        for (String name : PERIOD_LEVELS) {
            Double height = period.levels().get(name);
            if (height != null) {
                double at = view.y(-height);
                into.add(Ink.line(new Point(right - 76, at), new Point(right, at), "period-level"));
                into.add(Ink.text("period’s " + name, right - 38, at - 7, "period-note"));
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
