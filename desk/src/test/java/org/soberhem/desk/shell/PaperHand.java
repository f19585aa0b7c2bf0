package org.soberhem.desk.shell;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Polyline;
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

    /** Takes hold of a lit edge half way, moves by some pixels and lets go. */
    static void pullEdge(Paper paper, double right, double down) {
        Polyline edge = (Polyline) paper.lookup(".lit");
        Pane sheet = (Pane) paper.getChildrenUnmodifiable().get(0);
        Point2D at = sheet.sceneToLocal(edge.localToScene(halfWay(edge)));
        fire(sheet, MouseEvent.MOUSE_PRESSED, at);
        fire(sheet, MouseEvent.MOUSE_DRAGGED, at.add(right, down));
        fire(sheet, MouseEvent.MOUSE_RELEASED, at.add(right, down));
    }

    private static Point2D halfWay(Polyline line) {
        List<Point2D> places = new ArrayList<>();
        for (int i = 0; i < line.getPoints().size(); i += 2) {
            places.add(new Point2D(line.getPoints().get(i), line.getPoints().get(i + 1)));
        }
        double length = 0;
        for (int i = 1; i < places.size(); i++) {
            length += places.get(i).distance(places.get(i - 1));
        }
        double left = length / 2;
        int at = 1;
        while (places.get(at).distance(places.get(at - 1)) < left) {
            left -= places.get(at).distance(places.get(at - 1));
            at++;
        }
        return places.get(at - 1)
                .interpolate(places.get(at), left / places.get(at).distance(places.get(at - 1)));
    }

    /** Taps the middle of a piece, by the middle of its cutting line. */
    static void tap(Paper paper) {
        Node piece = paper.lookup(".cut-line");
        Pane sheet = (Pane) paper.getChildrenUnmodifiable().get(0);
        Point2D at = sheet.sceneToLocal(piece.localToScene(
                piece.getBoundsInLocal().getCenterX(), piece.getBoundsInLocal().getCenterY() + 7));
        fire(sheet, MouseEvent.MOUSE_PRESSED, at);
        fire(sheet, MouseEvent.MOUSE_RELEASED, at);
        fire(sheet, MouseEvent.MOUSE_CLICKED, at);
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
                type == MouseEvent.MOUSE_CLICKED,
                new PickResult(sheet, scene.getX(), scene.getY())));
    }
}
