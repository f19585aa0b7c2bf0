package org.soberhem.desk.widget;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.Pane;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.plate.Plate;

/** A small figure, standing on the lower edge. */
public final class PlateThumbnail extends Pane {

    private final double width;
    private final double height;

    public PlateThumbnail(double width, double height) {
        this.width = width;
        this.height = height;
        setPrefSize(width, height);
        setMinSize(width, height);
        setMaxSize(width, height);
        getStyleClass().add("plate-thumbnail");
    }

    /** Shows a plate in the place of the one before. */
    public void show(Plate plate) {
        List<Point> places = new ArrayList<>();
        plate.washes().forEach(wash -> wash.borders().forEach(places::addAll));
        getChildren().clear();
        PlateDrawing.draw(plate, View.fit(Box.round(places), width, height, 2), getChildren());
    }
}
