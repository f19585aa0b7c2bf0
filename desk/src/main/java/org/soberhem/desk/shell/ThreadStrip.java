package org.soberhem.desk.shell;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.text.Text;
import org.soberhem.core.costume.Stage;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Situation;
import org.soberhem.studio.Studio;
import org.soberhem.studio.Subscriptions;

/** The costume's thread: a running stitch down the left, a knot for each stage with how much stands in its way. */
final class ThreadStrip extends Pane {

    static final double WIDTH = 72;

    private static final PseudoClass OPEN = PseudoClass.getPseudoClass("open");
    private static final PseudoClass SETTLED = PseudoClass.getPseudoClass("settled");
    private static final double FIRST = 92;
    private static final double STEP = 78;

    private final Studio studio;
    private final Line stitch = new Line(WIDTH / 2, 30, WIDTH / 2, 600);
    private final Map<Stage, Button> stages = new EnumMap<>(Stage.class);
    private final Map<Stage, Text> counts = new EnumMap<>(Stage.class);
    private final Button rail;

    ThreadStrip(Studio studio, Subscriptions listening) {
        this.studio = studio;
        getStyleClass().add("thread");
        setMinWidth(WIDTH);
        setPrefWidth(WIDTH);
        stitch.getStyleClass().add("stitch");
        stitch.endYProperty().bind(heightProperty().subtract(30));
        rail = knot("Rail", new Text(""), () -> {
            studio.navigation().place().set(Optional.empty());
            studio.navigation().shelf().set(false);
        });
        Parts.hinted(rail, "All costumes (Alt+1)");
        getChildren().addAll(stitch, rail);
        for (Stage stage : Stage.values()) {
            Text count = new Text();
            count.getStyleClass().add("count");
            Button button =
                    knot(stage.words(), count, () -> studio.navigation().place().set(Optional.of(stage)));
            Parts.hinted(button, stage.words() + " (Alt+" + (stage.ordinal() + 2) + ")");
            counts.put(stage, count);
            stages.put(stage, button);
            getChildren().add(button);
        }
        listening.listen(studio.current().situation(), now -> refresh());
        listening.listen(studio.navigation().place(), now -> refresh());
        refresh();
    }

    private static Button knot(String words, Text count, Runnable action) {
        Circle circle = new Circle(13);
        circle.getStyleClass().add("knot");
        Label label = new Label(words);
        VBox box = new VBox(3, new StackPane(circle, count), label);
        box.setAlignment(Pos.CENTER);
        Button button = new Button();
        button.getStyleClass().setAll("stage");
        button.setGraphic(box);
        button.setAccessibleText(words);
        button.setPrefWidth(WIDTH - 4);
        button.setOnAction(event -> action.run());
        return button;
    }

    private void refresh() {
        Situation now = studio.situation();
        Optional<Stage> place = studio.navigation().place().get();
        rail.pseudoClassStateChanged(Parts.SELECTED, place.isEmpty());
        stages.forEach((stage, button) -> {
            button.setDisable(now == null);
            long open = now == null ? 0 : now.count(stage);
            boolean settled = now != null && now.isSettled(stage);
            counts.get(stage).setText(open > 0 ? String.valueOf(open) : settled ? "✓" : "");
            button.pseudoClassStateChanged(OPEN, open > 0);
            button.pseudoClassStateChanged(SETTLED, settled);
            button.pseudoClassStateChanged(
                    Parts.SELECTED, place.filter(stage::equals).isPresent());
        });
    }

    @Override
    protected void layoutChildren() {
        rail.autosize();
        rail.relocate(2, 14);
        stages.forEach((stage, button) -> {
            button.autosize();
            button.relocate(2, FIRST + 12 + stage.ordinal() * STEP);
        });
    }
}
