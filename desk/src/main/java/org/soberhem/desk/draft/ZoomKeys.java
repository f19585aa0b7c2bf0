package org.soberhem.desk.draft;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import org.soberhem.desk.widget.Paper;
import org.soberhem.desk.widget.Parts;

/** Keys in the corner of a paper that bring it nearer or farther. */
final class ZoomKeys extends HBox {

    private static final double FARTHER = 0.8;
    private static final double NEARER = 1.25;

    ZoomKeys(Paper paper) {
        super(
                4,
                Parts.hinted(Parts.button("−", () -> paper.zoomMiddle(FARTHER)), "Farther (−)"),
                Parts.hinted(Parts.button("All", paper::fit), "All pieces (0)"),
                Parts.hinted(Parts.button("1:1", paper::trueSize), "True size (1)"),
                Parts.hinted(Parts.button("+", () -> paper.zoomMiddle(NEARER)), "Nearer (+)"));
        setPickOnBounds(false);
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(this, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(this, new Insets(0, 10, 10, 0));
    }
}
