package org.soberhem.desk.widget;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Group;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.EdgeRef;

/** A chosen corner of a piece that is pulled across the paper, to whole eighths of an inch or to whole millimetres. */
public final class CornerDrag {

    /**
     * What a corner was pulled by.
     *
     * @param corner piece and letter
     * @param out away from the base line, in millimetres
     * @param down in millimetres
     */
    public record Pull(EdgeRef corner, double out, double down) {}

    private final Point start;
    private final Paper.Pick corner;
    private final double scale;
    private final boolean mirrored;
    private final double step;

    /**
     * @param start where the corner lies on the screen
     * @param scale pixels a millimetre
     * @param mirrored whether the piece is drawn mirrored
     * @param step to which it snaps, in millimetres
     */
    CornerDrag(Paper.Pick corner, Point start, double scale, boolean mirrored, double step) {
        this.corner = corner;
        this.start = start;
        this.scale = scale;
        this.mirrored = mirrored;
        this.step = step;
    }

    private double snapped(double pixels) {
        return Math.round(pixels / scale / step) * step;
    }

    /** Shows how far it is pulled. */
    void draw(Group over, Point mouse) {
        Pull pull = to(mouse);
        Point end = new Point(start.x() + (mirrored ? -1 : 1) * pull.out() * scale, start.y() + pull.down() * scale);
        over.getChildren().add(Ink.line(start, end, "pulled"));
    }

    Pull to(Point mouse) {
        double out = snapped(mouse.x() - start.x());
        return new Pull(
                new EdgeRef(corner.piece(), corner.point()), mirrored ? -out : out, snapped(mouse.y() - start.y()));
    }

    /** Hands on what it was pulled by, if it was. */
    void end(Point mouse, Optional<Consumer<Pull>> pulled) {
        Pull pull = to(mouse);
        if (pull.out() != 0 || pull.down() != 0) {
            pulled.ifPresent(gets -> gets.accept(pull));
        }
    }
}
