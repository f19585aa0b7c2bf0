package org.soberhem.desk.widget;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.soberhem.core.judging.Obstacle;
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
            String words = obstacle.sentence().in(format);
            getChildren().add(new Tappable(row(obstacle, words), words, () -> open.accept(obstacle), "obstacle"));
        }
        if (obstacles.size() > MOST) {
            getChildren().add(Parts.label("and " + (obstacles.size() - MOST) + " more", "small", "soft", "more"));
        }
    }

    private static Region row(Obstacle obstacle, String words) {
        String where = obstacle.stage().words() + (obstacle.garment().isEmpty() ? "" : " · " + obstacle.garment());
        return new VBox(1, Parts.text(words), Parts.label(where, "small", "faint"));
    }
}
