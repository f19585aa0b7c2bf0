package org.soberhem.desk.draft;

import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.ToggleButton;
import javafx.util.Duration;
import org.soberhem.desk.widget.Parts;

/** Plays the walk: takes the next step again and again until it is stopped. */
final class WalkPlayer extends ToggleButton {

    /** Long enough to read a step and find its line. */
    private static final Duration STEP = Duration.seconds(1.6);

    private final Timeline timeline;

    WalkPlayer(Runnable next) {
        super("▶ play");
        setId("walk-play");
        getStyleClass().add("quiet");
        Parts.hinted(this, "Draw it step by step");
        timeline = new Timeline(new KeyFrame(STEP, event -> next.run()));
        timeline.setCycleCount(Animation.INDEFINITE);
        selectedProperty().addListener((was, before, now) -> {
            setText(now ? "❚❚ pause" : "▶ play");
            if (now) {
                next.run();
                timeline.play();
            } else {
                timeline.stop();
            }
        });
    }

    void stop() {
        setSelected(false);
    }
}
