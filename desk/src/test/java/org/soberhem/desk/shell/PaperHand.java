package org.soberhem.desk.shell;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import javafx.scene.layout.Pane;
import org.soberhem.desk.widget.Paper;

/** The mouse on the paper: pulls what is chosen on it. */
final class PaperHand {

    private PaperHand() {}

    /** Presses on the chosen point, moves by some pixels and lets go. */
    static void pull(Paper paper, double right, double down) {
        Node chosen = paper.lookup(".point-dot.picked");
        Pane sheet = (Pane) paper.getChildrenUnmodifiable().get(0);
        Point2D at = sheet.sceneToLocal(chosen.localToScene(
                chosen.getBoundsInLocal().getCenterX(),
                chosen.getBoundsInLocal().getCenterY()));
        fire(sheet, MouseEvent.MOUSE_PRESSED, at);
        fire(sheet, MouseEvent.MOUSE_DRAGGED, at.add(right, down));
        fire(sheet, MouseEvent.MOUSE_RELEASED, at.add(right, down));
    }

    private static void fire(Pane sheet, javafx.event.EventType<MouseEvent> type, Point2D at) {
        Point2D scene = sheet.localToScene(at);
        sheet.fireEvent(new MouseEvent(
                type,
                scene.getX(),
                scene.getY(),
                scene.getX(),
                scene.getY(),
                MouseButton.PRIMARY,
                1,
                false,
                false,
                false,
                false,
                true,
                false,
                false,
                false,
                false,
                false,
                new PickResult(sheet, scene.getX(), scene.getY())));
    }
}
