package org.soberhem.desk.draft;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.beans.Observable;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.Obstacle;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.widget.ObstacleList;
import org.soberhem.desk.widget.Parts;

/** The side of the draft place: a panel by its tab, and beneath it what is in the way. */
final class DraftSide extends VBox {

    private static final double WIDE = 380;
    private static final double LOW = 120;
    private static final double HIGH = 250;

    private final ToggleGroup tabs = new ToggleGroup();
    private final HBox heads = new HBox(2);
    private final StackPane panel = new StackPane();
    private final ObstacleList obstacles;
    private final Runnable chosen;
    private final List<Page> pages;

    /**
     * A panel.
     *
     * @param words on its tab
     * @param node the panel itself
     * @param tall whether it needs the room of the list beneath
     * @param fill shows a drafted garment in it
     */
    record Page(String words, Node node, boolean tall, Consumer<DraftedGarment> fill) {}

    /**
     * @param pages in their order; the first is shown
     * @param obstacles what is in the way
     * @param chosen runs when another panel is shown
     */
    DraftSide(List<Page> pages, ObstacleList obstacles, Runnable chosen) {
        this.pages = List.copyOf(pages);
        this.obstacles = obstacles;
        this.chosen = chosen;
        pages.forEach(page -> {
            heads.getChildren().add(tab(page.words(), page.node()));
            panel.getChildren().add(page.node());
        });
        heads.setPadding(new Insets(10, 8, 6, 8));
        tabs.getToggles().get(0).setSelected(true);
        VBox.setVgrow(panel, Priority.ALWAYS);
        VBox way = new VBox(4, Parts.label("In the way", "caps"), obstacles);
        way.getChildren().get(0).setTranslateX(12);
        way.setPadding(new Insets(8, 0, 8, 0));
        ScrollPane scroll = Parts.scroll(way);
        Observable[] shown =
                pages.stream().map(page -> page.node().visibleProperty()).toArray(Observable[]::new);
        scroll.prefHeightProperty()
                .bind(Bindings.createDoubleBinding(
                        () -> pages.stream()
                                        .anyMatch(page ->
                                                page.tall() && page.node().isVisible())
                                ? LOW
                                : HIGH,
                        shown));
        scroll.minHeightProperty().bind(scroll.prefHeightProperty());
        scroll.getStyleClass().add("foot");
        getChildren().addAll(heads, panel, scroll);
        getStyleClass().add("panel");
        setPrefWidth(WIDE);
        setMinWidth(WIDE);
        setMaxWidth(WIDE);
    }

    private ToggleButton tab(String words, Node page) {
        ToggleButton tab = new ToggleButton(words);
        tab.getStyleClass().add("close-tab");
        tab.setMinWidth(Region.USE_PREF_SIZE);
        tab.setId("tab-" + words.split(" ")[0].toLowerCase(Locale.ROOT));
        tab.setToggleGroup(tabs);
        Parts.show(page, false);
        tab.selectedProperty().addListener((was, before, now) -> {
            Parts.show(page, now);
            if (now) {
                chosen.run();
            } else if (tabs.getSelectedToggle() == null) {
                tab.setSelected(true);
            }
        });
        return tab;
    }

    /** Shows one of the panels. */
    void select(Node page) {
        tabs.selectToggle(tabs.getToggles().get(panel.getChildren().indexOf(page)));
    }

    /** Fills the panel that is open; the others wait until they are. */
    void fill(DraftedGarment drafted) {
        pages.stream()
                .filter(page -> page.node().isVisible())
                .forEach(page -> page.fill().accept(drafted));
    }

    /** Shows the panels and what is in the way, or only that. */
    void show(boolean drafted, List<Obstacle> inTheWay, LengthFormat format) {
        Parts.show(heads, drafted);
        Parts.show(panel, drafted);
        obstacles.show(inTheWay, format);
    }
}
