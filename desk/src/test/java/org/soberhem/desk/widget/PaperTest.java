package org.soberhem.desk.widget;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.shell.Theme;
import org.soberhem.studio.demo.Studios;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@ExtendWith(ApplicationExtension.class)
class PaperTest {

    private static final CompiledSheet BLOUSE =
            Studios.LIBRARY.sheet("blouse-1906").orElseThrow();

    private final Paper paper = new Paper();

    @Start
    void start(Stage stage) {
        Scene scene = new Scene(new StackPane(paper), 900, 600);
        Theme.dress(scene);
        stage.setScene(scene);
        stage.show();
        show(BLOUSE.middle());
    }

    private void show(Inputs inputs) {
        Draft draft = Drafter.draft(BLOUSE, inputs);
        paper.show(new Paper.Scene(
                "one",
                draft.pattern(),
                Optional.empty(),
                draft.plates(),
                List.of(),
                Optional.empty(),
                List.of(),
                LengthFormat.INCH_EIGHTHS));
    }

    private Bounds first(FxRobot robot) {
        Node cut = robot.lookup(".cut-line").query();
        return cut.localToScene(cut.getBoundsInLocal());
    }

    @Test
    void fit_showsEveryPieceWhole(FxRobot robot) {
        List<Bounds> pieces = bounds(robot, ".cut-line");
        assertThat(pieces).hasSize(5).allSatisfy(bounds -> {
            assertThat(bounds.getMinX()).isGreaterThan(18);
            assertThat(bounds.getMaxX()).isLessThan(900);
            assertThat(bounds.getMinY()).isGreaterThan(18);
            assertThat(bounds.getMaxY()).isLessThan(600);
        });
    }

    private static List<Bounds> bounds(FxRobot robot, String style) {
        Set<Node> nodes = robot.lookup(style).queryAll();
        return nodes.stream()
                .map(node -> node.localToScene(node.getBoundsInLocal()))
                .toList();
    }

    @Test
    void names_standClearOfEachOther(FxRobot robot) {
        List<Bounds> names = bounds(robot, ".piece-name");
        assertThat(names).hasSize(5);
        for (int i = 0; i < names.size(); i++) {
            for (int j = i + 1; j < names.size(); j++) {
                assertThat(names.get(i).intersects(names.get(j))).isFalse();
            }
        }
    }

    @Test
    void anotherSize_keepsPlaceAndScale_untilItIsFitted(FxRobot robot) {
        Bounds before = first(robot);
        robot.interact(() -> show(BLOUSE.middle().with("full-bust", Inputs.Measured.both(1100))));
        Bounds larger = first(robot);
        assertThat(larger.getMinX()).isEqualTo(before.getMinX(), within(1.0));
        assertThat(larger.getHeight()).isGreaterThan(before.getHeight() * 1.1);
        robot.interact(paper::fit);
        assertThat(first(robot).getHeight()).isLessThan(larger.getHeight());
    }

    @Test
    void keys_zoomAndMove(FxRobot robot) {
        Bounds before = first(robot);
        robot.interact(paper::requestFocus);
        robot.type(KeyCode.PLUS);
        assertThat(first(robot).getWidth()).isGreaterThan(before.getWidth() * 1.2);
        robot.type(KeyCode.DIGIT0);
        assertThat(first(robot).getWidth()).isEqualTo(before.getWidth(), within(1.0));
        robot.type(KeyCode.DOWN);
        assertThat(first(robot).getMinY()).isEqualTo(before.getMinY() - 40, within(1.0));
    }

    @Test
    void click_onALetterPoint_picksIt_beside_letsGo(FxRobot robot) {
        robot.interact(() -> paper.pickProperty().set(new Paper.Pick("front", "C")));
        assertThat(robot.lookup(".point-dot.picked").queryAll()).hasSize(1);
        Node dot = robot.lookup(".point-dot.picked").query();
        Bounds at = dot.localToScreen(dot.getBoundsInLocal());
        robot.interact(() -> paper.pickProperty().set(null));
        robot.clickOn(at.getCenterX(), at.getCenterY());
        assertThat(paper.pickProperty().get()).isEqualTo(new Paper.Pick("front", "C"));
        robot.clickOn(880, 590);
        assertThat(paper.pickProperty().get()).isNull();
    }
}
