package org.soberhem.desk.widget;

import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;

/**
 * A part that acts like a button and, unlike one, grows with words that break over lines.
 */
public final class Tappable extends StackPane {

    private final Runnable action;

    /**
     * @param content what is shown
     * @param spoken what a screen reader says
     * @param action what a click, Enter or the space bar does
     * @param styles style classes
     */
    public Tappable(Node content, String spoken, Runnable action, String... styles) {
        this.action = action;
        getStyleClass().add("tappable");
        getStyleClass().addAll(styles);
        getChildren().add(content);
        setAccessibleRole(AccessibleRole.BUTTON);
        setAccessibleText(spoken);
        setFocusTraversable(true);
        setMinHeight(USE_PREF_SIZE);
        addEventHandler(MouseEvent.MOUSE_CLICKED, event -> {
            requestFocus();
            action.run();
        });
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                action.run();
                event.consume();
            }
        });
    }

    /** Does what a click does. */
    public void fire() {
        action.run();
    }
}
