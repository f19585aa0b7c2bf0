package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.soberhem.core.judging.Obstacle;
import org.soberhem.core.judging.Target;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.studio.Situation;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** The sums of a draft, through the real window on the demo. */
class SumsJourneyTest extends DemoJourney {

    private void open(FxRobot robot, String costume, String garment) {
        robot.interact(() -> {
            studio.open(costume);
            studio.current().garment().set(garment);
            studio.navigation().place().set(Optional.of(org.soberhem.core.costume.Stage.DRAFT));
        });
        DemoWindow.appear(robot, "#tab-sums");
        robot.interact(
                () -> robot.lookup("#tab-sums").queryAs(ToggleButton.class).setSelected(true));
    }

    private static void choose(FxRobot robot, String sum) {
        DemoWindow.appear(robot, "#sum-" + sum);
        robot.interact(
                () -> robot.lookup("#sum-" + sum).queryAs(ToggleButton.class).fire());
    }

    private static String answer(FxRobot robot) {
        DemoWindow.appear(robot, "#sum-answer");
        return robot.lookup("#sum-answer").queryAs(Label.class).getText();
    }

    private static void type(FxRobot robot, String field, String typed) {
        DemoWindow.appear(robot, field);
        robot.interact(() -> {
            TextField text = robot.lookup(field).queryAs(TextField.class);
            text.setText(typed);
            text.getOnAction().handle(null);
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    private boolean stands(String words) {
        return studio.situation().inTheWay().stream()
                .anyMatch(obstacle ->
                        obstacle.sentence().in(LengthFormat.INCH_EIGHTHS).startsWith(words));
    }

    @Test
    void skirtOfShortCloth_standsInTheWay_untilThePanelIsLongEnough(FxRobot robot) {
        open(robot, "quay-1861", "Skirt");
        assertThat(stands("The panel is ½ in too short at the centre back")).isTrue();
        assertThat(answer(robot))
                .startsWith("The panel is ½ in too short at the centre back")
                .endsWith("Cut it 45 in long");
        assertThat(robot.lookup(".sketch-cloth").queryAll()).isNotEmpty();
        type(robot, "#setting-panel", "45");
        assertThat(answer(robot)).startsWith("Turn under 7¼ in at the front");
        assertThat(stands("The panel is")).isFalse();
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settle();
        assertThat(stands("The panel is")).isTrue();
    }

    @Test
    void ownFigure_isRecomputed_withTheSumAndTheSlip(FxRobot robot) {
        open(robot, "quay-1861", "Skirt");
        type(robot, "#setting-panel", "45");
        type(robot, "#make-turn-under-at-the-centre-back", "3 1/2");
        assertThat(slip(robot, "turn-under-at-the-centre-back"))
                .isEqualTo("✗ You make it 3½ in, it is 4½ in: 45 in − ½ in − 40 in. A whole inch slipped");
        type(robot, "#setting-clearance", "1");
        assertThat(slip(robot, "turn-under-at-the-centre-back")).startsWith("✗ You make it 3½ in, it is 4 in");
        type(robot, "#make-turn-under-at-the-centre-back", "4");
        assertThat(slip(robot, "turn-under-at-the-centre-back")).startsWith("✓ It is so");
    }

    @Test
    void ownNumber_isCompared_staysWithItsGarment_andCanBeWipedOut(FxRobot robot) {
        open(robot, "quay-1861", "Skirt");
        choose(robot, "gathering");
        type(robot, "#make-fullness", "4");
        assertThat(slip(robot, "fullness")).startsWith("✗ You make it 4, it is 5.07: 138¼ in ÷ 27¼ in");
        type(robot, "#make-fullness", "five");
        assertThat(slip(robot, "fullness")).isEqualTo("Write a number, such as 3.5: \"five\"");
        type(robot, "#make-fullness", "5,07");
        assertThat(slip(robot, "fullness")).startsWith("✓ It is so");
        open(robot, "visit-1869", "Overskirt");
        choose(robot, "gathering");
        assertThat(robot.lookup("#make-fullness").queryAs(TextField.class).getText())
                .isEmpty();
        open(robot, "quay-1861", "Skirt");
        choose(robot, "gathering");
        assertThat(slip(robot, "fullness")).startsWith("✓ It is so");
        type(robot, "#make-fullness", "");
        assertThat(robot.lookup("#slip-fullness").query().isVisible()).isFalse();
    }

    private static String slip(FxRobot robot, String figure) {
        return robot.lookup("#slip-" + figure).queryAs(Label.class).getText();
    }

    @Test
    void gathering_isChosenAmongItsWays_andTheFoldsPointUnmistakably(FxRobot robot) {
        open(robot, "quay-1861", "Skirt");
        choose(robot, "gathering");
        assertThat(answer(robot)).contains("folds, one every ¼ in of the band");
        robot.interact(() -> {
            @SuppressWarnings("unchecked")
            ChoiceBox<String> ways = robot.lookup("#setting-gathering").queryAs(ChoiceBox.class);
            ways.setValue("knife");
        });
        assertThat(answer(robot)).endsWith("every fold points to the wearer's left");
        assertThat(robot.lookup(".sketch-arrow").queryAll()).isNotEmpty();
    }

    @Test
    void obstacle_ofAnOpening_opensItsSum(FxRobot robot) {
        robot.interact(() -> studio.open("boatman-1780"));
        Obstacle opening = studio.situation().inTheWay().stream()
                .filter(obstacle -> obstacle.target().equals(new Target.Sum("openings")))
                .findFirst()
                .orElseThrow();
        assertThat(opening.garment()).isEqualTo("Hood");
        robot.interact(() -> studio.navigation().settle(opening));
        assertThat(answer(robot)).contains("It cannot be put on: the closed hood opening comes to 21¼ in for the head");
        assertThat(robot.lookup("#tab-sums").queryAs(ToggleButton.class).isSelected())
                .isTrue();
        assertThat(robot.lookup("#walk-next").queryAll().stream().anyMatch(SumsJourneyTest::isShown))
                .isFalse();
        choose(robot, "hood");
        assertThat(answer(robot)).startsWith("Strip 38¼ in by 10⅛ in");
    }

    private static boolean isShown(Node node) {
        for (Node each = node; each != null; each = each.getParent()) {
            if (!each.isVisible()) {
                return false;
            }
        }
        return true;
    }

    @Test
    void everyGarmentOfTheDemo_showsEachOfItsSums_lightAndDark(FxRobot robot) {
        List<Situation> all = new ArrayList<>();
        robot.interact(() -> all.addAll(studio.histories().allCostumes().stream()
                .map(studio.current()::evaluate)
                .toList()));
        for (Situation situation : all) {
            for (String garment : situation.judgement().works().keySet()) {
                open(robot, situation.costume().id(), garment);
                studio.current()
                        .sums(studio.situation().work(garment).orElseThrow())
                        .forEach(sum -> {
                            choose(robot, sum.name());
                            assertThat(answer(robot)).isEqualTo(sum.answer().in(LengthFormat.INCH_EIGHTHS));
                        });
            }
        }
        robot.interact(() -> studio.preferences().dark().set(true));
        assertThat(answer(robot)).isNotBlank();
    }

    @Test
    void card_isPrinted(FxRobot robot) {
        open(robot, "visit-1869", "Overskirt");
        choose(robot, "tapes");
        DemoWindow.appear(robot, "#sum-card");
        robot.interact(() -> robot.lookup("#sum-card").queryAs(Button.class).fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.file.orElseThrow()).isNotEmptyFile();
        assertThat(window.file.orElseThrow().getFileName().toString()).endsWith("tapes.pdf");
    }
}
