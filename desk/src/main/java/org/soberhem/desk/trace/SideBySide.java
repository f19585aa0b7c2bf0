package org.soberhem.desk.trace;

import java.util.List;
import javafx.scene.layout.Pane;
import javafx.scene.text.Text;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.pattern.PieceLayout;
import org.soberhem.core.pattern.SpreadPiece;
import org.soberhem.desk.widget.Ink;
import org.soberhem.desk.widget.PieceDrawing;
import org.soberhem.desk.widget.View;

/** The same pieces brought to size in several ways, one above the other to one scale. */
final class SideBySide extends Pane {

    private static final double MARGIN = 14;
    private static final double TITLE = 22;

    private List<ScaledPanel.Drawn> drawn = List.of();

    SideBySide() {
        getStyleClass().add("sheet");
        setMinSize(0, 0);
    }

    void show(List<ScaledPanel.Drawn> drawings) {
        drawn = drawings;
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        if (drawn.isEmpty() || getWidth() <= 0) {
            return;
        }
        List<PieceLayout> layouts =
                drawn.stream().map(each -> PieceLayout.of(each.pattern())).toList();
        double wide =
                layouts.stream().mapToDouble(each -> each.box().width()).max().orElseThrow();
        double high =
                layouts.stream().mapToDouble(each -> each.box().height()).max().orElseThrow();
        double row = getHeight() / drawn.size();
        double scale = Math.min((getWidth() - 2 * MARGIN) / wide, (row - TITLE - MARGIN) / high);
        for (int i = 0; i < drawn.size(); i++) {
            Box box = layouts.get(i).box();
            double left = (getWidth() - wide * scale) / 2;
            View view = new View(scale, left - box.minX() * scale, i * row + TITLE - box.minY() * scale);
            Text title =
                    Ink.shape(new Text(MARGIN, i * row + TITLE, drawn.get(i).title()), "piece-name");
            getChildren().add(title);
            for (SpreadPiece spread : SpreadPiece.of(drawn.get(i).pattern())) {
                PieceDrawing piece =
                        new PieceDrawing(spread, layouts.get(i).places().get(spread.name()), view);
                getChildren().add(piece.outline("thumb-line"));
            }
        }
        applyCss();
    }
}
