package org.soberhem.desk.widget;

import javafx.scene.Group;
import javafx.scene.shape.Ellipse;
import org.soberhem.core.figure.PointingFigure;
import org.soberhem.core.geometry.Point;

/** One view of the figure to point at, drawn as a plain plate. */
public final class FigureDrawing extends Group {

    private static final double FLATNESS = 0.4;

    private final View view;

    /**
     * @param figure the figure
     * @param middle x of its middle, in pixels
     * @param top y of its crown, in pixels
     * @param height from crown to floor, in pixels
     */
    public FigureDrawing(PointingFigure figure, double middle, double top, double height) {
        view = new View(height / PointingFigure.HEIGHT, middle, top);
        Ellipse head = new Ellipse(middle, view.y(49), 37 * view.scale(), 49 * view.scale());
        getChildren()
                .addAll(
                        Ink.polyline(
                                figure.outline().flattened(FLATNESS).stream()
                                        .map(view::of)
                                        .toList(),
                                "figure-line"),
                        Ink.shape(head, "figure-line"));
    }

    /** Returns where a place of the figure lies in the picture. */
    public Point at(Point place) {
        return view.of(place);
    }
}
