package org.soberhem.desk.widget;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Obstacle;
import org.soberhem.core.length.LengthFormat;

/** What stands in the way: a few sentences, each of which opens its place. */
public final class ObstacleList extends VBox {

    private static final int MOST = 6;

    private final Consumer<Obstacle> open;

    /** @param open opens the place where an obstacle is settled */
    public ObstacleList(Consumer<Obstacle> open) {
        this.open = open;
        getStyleClass().add("obstacles");
    }

    /** Shows the first sentences and how many more there are. */
    public void show(List<Obstacle> obstacles, LengthFormat format) {
        getChildren().clear();
        if (obstacles.isEmpty()) {
            getChildren().add(Parts.text("Nothing stands in the way.", "settled"));
        }
        for (Obstacle obstacle : obstacles.subList(0, Math.min(MOST, obstacles.size()))) {
            Button row = new Button();
            row.getStyleClass().setAll("obstacle");
            row.setGraphic(row(obstacle, format));
            row.setMaxWidth(Double.MAX_VALUE);
            row.setAlignment(Pos.CENTER_LEFT);
            row.setAccessibleText(obstacle.sentence().in(format));
            row.setOnAction(event -> open.accept(obstacle));
            getChildren().add(row);
        }
        if (obstacles.size() > MOST) {
            getChildren().add(Parts.label("and " + (obstacles.size() - MOST) + " more", "small", "soft", "more"));
        }
    }

    private Region row(Obstacle obstacle, LengthFormat format) {
        var sentence = Parts.text(obstacle.sentence().in(format));
        sentence.prefWidthProperty().bind(widthProperty().subtract(28));
        String where = obstacle.stage().words() + (obstacle.garment().isEmpty() ? "" : " · " + obstacle.garment());
        return new VBox(1, sentence, Parts.label(where, "small", "faint"));
    }
}
