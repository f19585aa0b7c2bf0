package org.soberhem.desk.widget;

import javafx.scene.layout.Pane;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.PieceLayout;
import org.soberhem.core.pattern.SpreadPiece;

/** A small drawing of a pattern's outlines. */
public final class Thumbnail extends Pane {

    public Thumbnail(Pattern pattern, double width, double height) {
        setPrefSize(width, height);
        setMinSize(width, height);
        setMaxSize(width, height);
        PieceLayout layout = PieceLayout.of(pattern);
        View view = View.fit(layout.box(), width, height, 3);
        for (SpreadPiece spread : SpreadPiece.of(pattern)) {
            getChildren().add(new PieceDrawing(spread, layout.places().get(spread.name()), view).outline("thumb-line"));
        }
    }
}
