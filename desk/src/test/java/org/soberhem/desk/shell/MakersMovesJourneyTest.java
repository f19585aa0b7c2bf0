package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.shape.Polyline;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.kind.LeaveSo;
import org.soberhem.core.alter.kind.MovePoint;
import org.soberhem.core.alter.kind.ShapeLine;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.desk.widget.Paper;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** The maker's own moves on the pattern, through the real window on the demo. */
class MakersMovesJourneyTest extends DemoJourney {

    private void open(FxRobot robot, String costume, String garment, String tab) {
        robot.interact(() -> {
            studio.open(costume);
            studio.current().garment().set(garment);
            studio.navigation().place().set(Optional.of(Stage.DRAFT));
        });
        DemoWindow.appear(robot, "#tab-" + tab);
        robot.interact(
                () -> robot.lookup("#tab-" + tab).queryAs(ToggleButton.class).setSelected(true));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void type(FxRobot robot, String field, String typed) {
        robot.interact(() -> robot.lookup(field).queryAs(TextField.class).setText(typed));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void press(FxRobot robot, String button) {
        DemoWindow.appear(robot, button);
        robot.interact(() -> robot.lookup(button).queryAs(Button.class).fire());
        window.settle();
    }

    @SuppressWarnings("unchecked")
    private static void choose(FxRobot robot, String field, Object value) {
        robot.interact(() -> robot.lookup(field).queryAs(ChoiceBox.class).setValue(value));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static String words(FxRobot robot) {
        return robot.lookup((Text text) -> text.isVisible()).queryAllAs(Text.class).stream()
                        .map(Text::getText)
                        .collect(Collectors.joining("\n"))
                + robot.lookup((Label label) -> true).queryAllAs(Label.class).stream()
                        .map(Label::getText)
                        .collect(Collectors.joining("\n"));
    }

    private Garment garment(String name) {
        return studio.situation().costume().garment(name).orElseThrow();
    }

    @Test
    void aSeam_isShapedByAmountsAtPlaces_typedAsTheyAreSaid(FxRobot robot) {
        open(robot, "visit-1869", "Bodice", "alter");
        type(robot, "#alter-find", "nothing beyond");
        choose(robot, "#alter-edge", EdgeRef.parse("back.centre"));
        type(robot, "#alter-amounts", "bust 1/4, waist 1/2, bottom 1/2");
        assertThat(words(robot)).contains("½ in at the waist");
        press(robot, "#alter-make");
        assertThat(garment("Bodice").alterations()).last().isInstanceOf(ShapeLine.class);
        type(robot, "#alter-amounts", "nowhere");
        assertThat(robot.lookup("#alter-make").queryAs(Button.class).isDisabled())
                .isTrue();
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settle();
        assertThat(garment("Bodice").alterations()).noneMatch(ShapeLine.class::isInstance);
    }

    @Test
    void theEdgesThatAreMeant_areLitOnThePaper(FxRobot robot) {
        open(robot, "visit-1869", "Bodice", "alter");
        type(robot, "#alter-find", "Take in or let out a seam");
        assertThat(robot.lookup((Polyline line) -> line.getStyleClass().contains("lit"))
                        .queryAll())
                .as("both edges of the side seam")
                .hasSizeGreaterThanOrEqualTo(2);
        robot.interact(
                () -> robot.lookup("#tab-checks").queryAs(ToggleButton.class).setSelected(true));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup((Polyline line) -> line.getStyleClass().contains("lit"))
                        .queryAll())
                .isEmpty();
    }

    @Test
    void aFailingCheck_isLeftSo_withAWhy_andComesBack(FxRobot robot) {
        open(robot, "visit-1869", "Bodice", "alter");
        type(robot, "#alter-find", "Take in or let out a seam");
        type(robot, "#alter-atTop", "3");
        type(robot, "#alter-atBottom", "3");
        press(robot, "#alter-make");
        open(robot, "visit-1869", "Bodice", "checks");
        long failing = failing();
        assertThat(failing).isPositive();
        type(robot, "#leave-so-why", "she laces tighter");
        press(robot, "#leave-so");
        assertThat(garment("Bodice").alterations()).last().isInstanceOf(LeaveSo.class);
        assertThat(failing()).isEqualTo(failing - 1);
        assertThat(words(robot)).contains("left so, she laces tighter");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settle();
        assertThat(failing()).isEqualTo(failing);
    }

    private long failing() {
        return studio.situation().work("Bodice").orElseThrow().checks().stream()
                .filter(check -> check.isJudged() && !check.passes())
                .map(CheckResult::name)
                .count();
    }

    @Test
    void aCornerPulledOnThePaper_becomesAnAlterationWithItsNumbers(FxRobot robot) {
        open(robot, "visit-1869", "Bodice", "alter");
        robot.interact(() -> {
            Paper paper = robot.lookup(node -> node instanceof Paper && node.isVisible())
                    .queryAs(Paper.class);
            paper.pickProperty().set(new Paper.Pick("front", "B"));
        });
        Paper paper =
                robot.lookup(node -> node instanceof Paper && node.isVisible()).queryAs(Paper.class);
        robot.interact(() -> PaperHand.pull(paper, 0, 14));
        WaitForAsyncUtils.waitForFxEvents();
        String down = robot.lookup("#alter-down").queryAs(TextField.class).getText();
        assertThat(down).as("how far down it was pulled").isNotBlank().isNotEqualTo("0");
        Button make = robot.lookup("#alter-make").queryAs(Button.class);
        press(robot, make.isDisabled() ? "#alter-complete" : "#alter-make");
        assertThat(garment("Bodice").alterations().toString()).contains(MovePoint.class.getSimpleName());
    }

    private static Paper paper(FxRobot robot) {
        return robot.lookup(node -> node instanceof Paper && node.isVisible()).queryAs(Paper.class);
    }

    @Test
    void aWholeSeamPulledOnThePaper_isTakenInAtBothEdges(FxRobot robot) {
        open(robot, "visit-1869", "Bodice", "alter");
        type(robot, "#alter-find", "Take in or let out a seam");
        robot.interact(() -> PaperHand.pullEdge(paper(robot), 9, 0));
        WaitForAsyncUtils.waitForFxEvents();
        String top = robot.lookup("#alter-atTop").queryAs(TextField.class).getText();
        assertThat(top).as("taken or let out").isNotBlank();
        assertThat(robot.lookup("#alter-atBottom").queryAs(TextField.class).getText())
                .isEqualTo(top);
        press(robot, "#alter-make");
        assertThat(garment("Bodice").alterations()).last().isInstanceOf(TakeInSeam.class);
    }

    @Test
    void aTapOnAPiece_saysWhereItIsWidened(FxRobot robot) {
        open(robot, "visit-1869", "Bodice", "alter");
        type(robot, "#alter-find", "Add width where I point");
        robot.interact(() -> PaperHand.tap(paper(robot)));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Double.parseDouble(
                        robot.lookup("#alter-at").queryAs(TextField.class).getText()))
                .isBetween(0.3, 0.7);
    }

    @Test
    void strapless_isAskedWhatHoldsItUp_andTheAnswerSettlesIt(FxRobot robot) {
        open(robot, "visit-1869", "Bodice", "alter");
        type(robot, "#alter-find", "strapless");
        type(robot, "#alter-below", "-1");
        press(robot, "#alter-make");
        open(robot, "visit-1869", "Bodice", "checks");
        assertThat(words(robot)).contains("What holds it up");
        assertThat(studio.situation().inTheWay())
                .anyMatch(each -> each.sentence().in(studio.format()).contains("What holds it up"));
    }

    @Test
    void aLineSewnToAnotherGarment_standsAmongTheChecks_andInTheWay(FxRobot robot) {
        open(robot, "visit-1869", "Bodice", "alter");
        type(robot, "#alter-find", "waistband to bodice");
        type(robot, "#alter-line", "waist");
        type(robot, "#alter-garment", "Cloak");
        type(robot, "#alter-otherLine", "waist");
        press(robot, "#alter-make");
        open(robot, "visit-1869", "Bodice", "checks");
        assertThat(words(robot))
                .containsIgnoringCase("Sewn to other garments")
                .contains("sewn to the Cloak, which is not there");
        assertThat(studio.situation().inTheWay())
                .anyMatch(each -> each.sentence().in(studio.format()).contains("sewn to the Cloak"));
    }
}
