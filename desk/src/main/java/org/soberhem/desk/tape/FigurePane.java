package org.soberhem.desk.tape;

import java.util.Optional;
import javafx.scene.layout.Pane;
import org.soberhem.core.figure.Figure;
import org.soberhem.core.geometry.Point;
import org.soberhem.desk.widget.FigureDrawing;
import org.soberhem.desk.widget.Ink;

/** The figure front and back with the tape where the chosen measure lays it. */
final class FigurePane extends Pane {

    private static final double HEAD = 40;

    private final Figure figure;
    private String measure = "";

    FigurePane(Figure figure) {
        this.figure = figure;
        getStyleClass().add("sheet");
        setMinSize(0, 0);
    }

    void show(String shown) {
        measure = shown;
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        Optional<Figure.TapeLine> tape = figure.tape(measure);
        double height = Math.min(getHeight() - HEAD - 30, getWidth() / 4 / Figure.HALF_BREADTH * Figure.HEIGHT);
        double top = HEAD + (getHeight() - HEAD - height) / 3;
        for (boolean back : new boolean[] {false, true}) {
            double middle = getWidth() * (back ? 0.75 : 0.25);
            FigureDrawing drawing = new FigureDrawing(figure, middle, top, height);
            drawing.tape(tape.flatMap(line -> line.on(back)));
            getChildren().add(drawing);
            getChildren().add(Ink.text(back ? "back" : "front", middle, top - 22, "piece-name"));
            Point floor = drawing.at(new Point(0, Figure.HEIGHT));
            getChildren()
                    .add(Ink.line(
                            new Point(middle - getWidth() / 5, floor.y()),
                            new Point(middle + getWidth() / 5, floor.y()),
                            "construction"));
        }
        if (tape.isEmpty() && !measure.isEmpty()) {
            getChildren()
                    .add(Ink.text(
                            "no tape line is drawn for this measure", getWidth() / 2, top + height + 16, "piece-note"));
        }
        applyCss();
    }
}
