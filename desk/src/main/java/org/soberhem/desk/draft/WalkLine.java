package org.soberhem.desk.draft;

import java.util.function.IntConsumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.soberhem.desk.widget.Parts;

/** The walk through a draft: the step in words, with keys to go back, on, through all, and to the finished drawing. */
final class WalkLine extends HBox {

    private static final double HIGH = 48;

    private final Label step = Parts.label("", "heading");
    private final Label count = Parts.label("", "small", "soft");
    private final WalkPlayer player;

    /**
     * @param walk goes on by so many steps
     * @param leave shows the finished drawing
     */
    WalkLine(IntConsumer walk, Runnable leave) {
        super(12);
        player = new WalkPlayer(() -> walk.accept(1));
        Button back = key("‹ back", "walk-back", () -> walk.accept(-1), "Page Up");
        Button next = key("next ›", "walk-next", () -> walk.accept(1), "Page Down");
        Button whole = key("whole", "walk-whole", leave, "The finished drawing (Esc)");
        step.setWrapText(true);
        step.setMaxWidth(Double.MAX_VALUE);
        step.setId("walk");
        HBox.setHgrow(step, Priority.ALWAYS);
        count.setMinWidth(Region.USE_PREF_SIZE);
        player.setMinWidth(Region.USE_PREF_SIZE);
        getChildren().addAll(back, step, count, whole, player, next);
        setAlignment(Pos.CENTER_LEFT);
        setPadding(new Insets(0, 12, 0, 12));
        setMinHeight(HIGH);
        setPrefHeight(HIGH);
        getStyleClass().add("foot");
    }

    private static Button key(String words, String id, Runnable action, String hint) {
        Button key = Parts.hinted(Parts.button(words, action, "quiet"), hint);
        key.setId(id);
        return key;
    }

    void show(String words, String which) {
        step.setText(words);
        count.setText(which);
    }

    /** Ends playing the steps one after the other. */
    void stop() {
        player.stop();
    }
}
