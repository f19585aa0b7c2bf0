package org.soberhem.desk.silhouette;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Rectangle;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.silhouette.Band;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.desk.widget.Ink;

/** A rule's range as a bar, with a mark for every round: a filled dot is met, a ring near, a triangle not met. */
final class RangeBar extends Pane {

    private static final double HEIGHT = 58;
    private static final double BAR = 22;
    private static final double AXIS = 30;
    private static final double SIZE = 6;

    /** How much of the scale shows beyond the range, in breadths of "near". */
    private static final double BEYOND = 3;

    private final RuleHistory history;
    private final Function<Double, String> words;

    /**
     * @param words writes a value of the rule's quantity
     */
    RangeBar(RuleHistory history, Function<Double, String> words) {
        this.history = history;
        this.words = words;
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMinWidth(0);
        setMouseTransparent(true);
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        Band band = history.now().band();
        double rim = Math.max(band.nearMost() - band.most(), band.least() - band.nearLeast());
        double from = band.least() - BEYOND * rim;
        double to = band.most() + BEYOND * rim;
        for (RuleHistory.Entry entry : history.entries()) {
            double value = entry.verdict().quantity().value().orElse(band.least());
            from = Math.min(from, value - rim / 2);
            to = Math.max(to, value + rim / 2);
        }
        if (to - from < 1e-9) {
            from -= 1;
            to += 1;
        }
        double scale = (getWidth() - 24) / (to - from);
        double start = 12 - from * scale;
        band(start + band.nearLeast() * scale, start + band.nearMost() * scale, "range-near");
        band(start + band.least() * scale, start + band.most() * scale, "range-right");
        getChildren().add(Ink.line(new Point(0, AXIS), new Point(getWidth(), AXIS), "range-line"));
        getChildren()
                .add(Ink.text(words.apply(band.least()), start + band.least() * scale, HEIGHT - 8, "verdict-name"));
        getChildren().add(Ink.text(words.apply(band.most()), start + band.most() * scale, HEIGHT - 8, "verdict-name"));
        List<Double> taken = new ArrayList<>();
        for (RuleHistory.Entry entry : history.entries()) {
            if (entry.verdict().quantity().value().isPresent()) {
                double x = start + entry.verdict().quantity().value().get() * scale;
                getChildren().add(mark(entry.verdict().grade(), x));
                // Rounds that stand on one place share one name, the latest.
                taken.removeIf(other -> Math.abs(other - x) < 1);
                double nudge = taken.stream().anyMatch(other -> Math.abs(other - x) < 26) ? 16 : 0;
                getChildren().removeIf(node -> ("name" + Math.round(x)).equals(node.getId()));
                Node name = Ink.text(entry.mark(), x + nudge, 8, "verdict-name");
                name.setId("name" + Math.round(x));
                getChildren().add(name);
                taken.add(x);
            }
        }
        applyCss();
    }

    private void band(double from, double to, String style) {
        getChildren().add(Ink.shape(new Rectangle(from, AXIS - BAR / 2, to - from, BAR), style));
    }

    private static Node mark(Verdict.Grade grade, double x) {
        return switch (grade) {
            case MET -> Ink.shape(new Circle(x, AXIS, SIZE), "verdict-mark right");
            case NEAR, DEPARTED -> Ink.shape(new Circle(x, AXIS, SIZE), "verdict-mark");
            case NOT_MET, UNKNOWN ->
                Ink.polygon(
                        List.of(
                                new Point(x, AXIS - SIZE - 2),
                                new Point(x + SIZE + 2, AXIS + SIZE),
                                new Point(x - SIZE - 2, AXIS + SIZE)),
                        "verdict-mark outside");
        };
    }
}
