package org.soberhem.desk.widget;

import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;

/**
 * Pages of a place to choose from, side by side.
 *
 * @param <E> the pages
 */
public final class Tabs<E extends Enum<E>> extends HBox {

    private final ToggleGroup group = new ToggleGroup();

    /**
     * @param place begins the id of each button, followed by the page's name
     * @param pages in their order
     * @param words returns what stands on a button
     * @param show called when a page is chosen
     */
    public Tabs(String place, E[] pages, Function<E, String> words, Consumer<E> show) {
        for (E page : pages) {
            ToggleButton button = new ToggleButton(words.apply(page));
            button.setToggleGroup(group);
            button.setId(place + "-" + page.name().toLowerCase(Locale.ROOT));
            button.setUserData(page);
            button.setOnAction(event -> show.accept(page));
            getChildren().add(button);
        }
    }

    /** Marks a page as the one that is shown. */
    public void mark(E page) {
        group.getToggles().forEach(toggle -> toggle.setSelected(toggle.getUserData() == page));
    }
}
