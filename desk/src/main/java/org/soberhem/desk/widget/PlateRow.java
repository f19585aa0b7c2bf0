package org.soberhem.desk.widget;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.Pane;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.plate.Plate;

/** Plates of one figure side by side on one floor, as large as there is room, each with where it is seen from. */
public class PlateRow extends Pane {

    private static final double HEAD = 36;
    private static final double FOOT = 18;
    private static final double GAP = 18;

    private List<Plate> plates = List.of();
    private List<Box> boxes = List.of();
    private String caption = "";

    public PlateRow() {
        getStyleClass().add("sheet");
        setMinSize(0, 0);
    }

    /** Shows plates in the place of those before. */
    public final void show(List<Plate> made) {
        show(made, "");
    }

    /** Shows plates in the place of those before, with words beneath them. */
    public final void show(List<Plate> made, String words) {
        caption = words;
        plates = made;
        boxes = made.stream().map(PlateRow::box).toList();
        requestLayout();
    }

    private static Box box(Plate plate) {
        List<Point> places = new ArrayList<>(List.of(new Point(0, 0)));
        plate.washes().forEach(wash -> wash.borders().forEach(places::addAll));
        return Box.round(places);
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        if (plates.isEmpty() || getWidth() < 1) {
            return;
        }
        double total = boxes.stream().mapToDouble(Box::width).sum();
        double tall = boxes.stream().mapToDouble(box -> -box.minY()).max().orElseThrow();
        int count = plates.size();
        double scale = Math.min((getHeight() - HEAD - FOOT) / tall, (getWidth() - GAP * (count + 1)) / total);
        double floor = (getHeight() + HEAD - FOOT + tall * scale) / 2;
        double gap = (getWidth() - total * scale) / (count + 1);
        double left = gap;
        for (int i = 0; i < count; i++) {
            Box box = boxes.get(i);
            double right = left + box.width() * scale;
            getChildren().add(Ink.line(new Point(left, floor), new Point(right, floor), "construction"));
            PlateDrawing.draw(plates.get(i), new View(scale, left - box.minX() * scale, floor), getChildren());
            String words = plates.get(i).from().words();
            getChildren().add(Ink.text(words, (left + right) / 2, floor - tall * scale - 18, "piece-name"));
            left = right + gap;
        }
        getChildren().add(Ink.text(caption, getWidth() / 2, floor + 11, "plate-note"));
        applyCss();
    }
}
