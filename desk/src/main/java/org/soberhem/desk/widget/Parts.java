package org.soberhem.desk.widget;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.collections.ObservableList;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** Makes the small parts of a view with their style classes. */
public final class Parts {

    public static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");

    private Parts() {}

    public static Label label(String words, String... styles) {
        Label label = new Label(words);
        label.getStyleClass().addAll(styles);
        return label;
    }

    /** Returns a label that breaks its words over lines. */
    public static Label text(String words, String... styles) {
        Label label = label(words, styles);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    public static Button button(String words, Runnable action, String... styles) {
        Button button = new Button(words);
        button.getStyleClass().addAll(styles);
        button.setOnAction(event -> action.run());
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    /** Returns the button with its shortcut or explanation shown when the mouse rests on it. */
    public static <C extends Control> C hinted(C control, String hint) {
        control.setTooltip(new Tooltip(hint));
        return control;
    }

    /** Returns an empty part that takes the room that is left. */
    public static Region gap() {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        VBox.setVgrow(gap, Priority.ALWAYS);
        return gap;
    }

    /** Returns a view that is as wide as it can be and moves up and down only. */
    public static ScrollPane scroll(Node content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        return scroll;
    }

    /** Shows or hides a node together with its room. */
    public static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    /**
     * Puts the keyboard into a node at once, so that no key typed ahead is lost: what is shown for the first time, or
     * scrolls, has no place in the window before it is styled.
     *
     * @param within a part of the window that holds it
     */
    public static void focus(Parent within, Node node) {
        within.applyCss();
        within.layout();
        node.requestFocus();
    }

    /** Fills a part anew; what had the focus in it has it again, if it has an id and is still there. */
    public static void keepingFocus(Parent part, Runnable fill) {
        Node owner = part.getScene() == null ? null : part.getScene().getFocusOwner();
        String id = owner != null && isWithin(owner, part) ? owner.getId() : null;
        fill.run();
        if (id != null) {
            part.applyCss();
            Optional.ofNullable(part.lookup("#" + id)).ifPresent(Node::requestFocus);
        }
    }

    private static boolean isWithin(Node node, Parent part) {
        for (Node each = node; each != null; each = each.getParent()) {
            if (each == part) {
                return true;
            }
        }
        return false;
    }

    /** Hides a node together with its room while something else is the case. */
    public static void shownUnless(Node node, ObservableBooleanValue other) {
        node.visibleProperty().bind(Bindings.not(other));
        node.managedProperty().bind(node.visibleProperty());
    }

    /** Offers values in a choice; the same ones again cost nothing. */
    public static <T> void offer(ObservableList<T> shown, List<T> wanted) {
        if (!shown.equals(wanted)) {
            shown.setAll(wanted);
        }
    }

    /** Says how the values of a choice are worded. */
    public static <T> StringConverter<T> words(Function<T, String> words) {
        return new StringConverter<>() {
            @Override
            public String toString(T value) {
                return value == null ? "" : words.apply(value);
            }

            @Override
            public T fromString(String text) {
                throw new UnsupportedOperationException("A choice is only shown, never typed");
            }
        };
    }
}
