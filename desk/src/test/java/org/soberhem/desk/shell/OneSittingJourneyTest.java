package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import org.junit.jupiter.api.Test;
import org.soberhem.core.costume.DailyNeeds;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.judging.CutState;
import org.soberhem.core.plan.Manner;
import org.soberhem.studio.BenchCommands;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** The maker's own moves around the pattern, one after the other on the demo. */
class OneSittingJourneyTest extends DemoJourney {

    private void go(FxRobot robot, String costume, String garment, Stage place) {
        robot.interact(() -> {
            studio.open(costume);
            studio.current().garment().set(garment);
            studio.navigation().place().set(Optional.of(place));
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void tab(FxRobot robot, String tab) {
        DemoWindow.appear(robot, "#tab-" + tab);
        robot.interact(
                () -> robot.lookup("#tab-" + tab).queryAs(ToggleButton.class).setSelected(true));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void type(FxRobot robot, String field, String typed) {
        robot.interact(() -> robot.lookup(field).queryAs(TextField.class).setText(typed));
    }

    private void press(FxRobot robot, String button) {
        DemoWindow.appear(robot, button);
        robot.interact(() -> robot.lookup(button).queryAs(Button.class).fire());
        window.settle();
    }

    private static boolean shows(FxRobot robot, String words) {
        return robot.lookup(".label").queryAllAs(Label.class).stream()
                .anyMatch(label -> label.getText() != null && label.getText().contains(words));
    }

    @Test
    @SuppressWarnings("unchecked")
    void aSumOfOnesOwn_aSettingBeyondTheUsual_andWhatTheWearerMustDo(FxRobot robot) {
        go(robot, "secretary-1906", "Blouse", Stage.DRAFT);
        tab(robot, "sums");
        robot.interact(() -> robot.lookup("#sum-a-sum-of-your-own")
                .queryAs(ToggleButton.class)
                .fire());
        robot.interact(
                () -> robot.lookup("#own-sum-kind").queryAs(ChoiceBox.class).setValue("band"));
        type(robot, "#own-least", "24");
        type(robot, "#own-most", "27");
        press(robot, "#own-sum-work");
        assertThat(robot.lookup("#sum-answer").queryAs(Label.class).getText())
                .isEqualTo("A band of 28½ in closes from 24 in to 27 in by 4 places of its fastening, 1 in apart");
        type(robot, "#own-most", "nonsense");
        press(robot, "#own-sum-work");
        assertThat(robot.lookup("#sum-answer").queryAs(Label.class).getText()).startsWith("most: ");

        robot.interact(
                () -> robot.lookup("#sum-openings").queryAs(ToggleButton.class).fire());
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(
                () -> robot.lookup("#need-nursing").queryAs(CheckBox.class).fire());
        assertThat(studio.situation().costume().needs().orElseThrow().all()).containsExactly(DailyNeeds.Need.NURSING);

        tab(robot, "sheet");
        robot.interact(() -> {
            TextField lap = robot.lookup("#setting-lap").queryAs(TextField.class);
            lap.setText("1 1/2");
            lap.getOnAction().handle(null);
        });
        assertThat(studio.situation().inTheWay())
                .anySatisfy(obstacle -> assertThat(obstacle.sentence().in(studio.format()))
                        .startsWith("Overlap is 1½ in: ½ in to 1¼ in is usual"));
        robot.interact(studio::undo);
        window.settle();
        assertThat(studio.situation().inTheWay())
                .noneMatch(obstacle -> obstacle.sentence().in(studio.format()).startsWith("Overlap is"));
    }

    @Test
    @SuppressWarnings("unchecked")
    void buttonsInSets_theMannerOfSewing_andAFinishedGarmentRemade(FxRobot robot) {
        go(robot, "secretary-1906", "Blouse", Stage.BENCH);
        robot.interact(() -> new BenchCommands(studio).propose());
        WaitForAsyncUtils.waitForFxEvents();
        int before = minutes();
        robot.interact(() -> robot.lookup("#manner").queryAs(ChoiceBox.class).setValue(Manner.BY_HAND));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(minutes()).isGreaterThan(before);

        go(robot, "secretary-1906", "Blouse", Stage.DRAFT);
        Garment blouse = studio.situation().costume().garment("Blouse").orElseThrow();
        tab(robot, "alter");
        press(robot, "#version-remake-" + blouse.latest().orElseThrow().number());
        assertThat(studio.situation().costume().title()).endsWith(", remade");
        Garment remade = studio.situation().costume().garments().get(0);
        assertThat(studio.situation().judgement().cutState(remade).filter(CutState::isChanged))
                .isEmpty();
        assertThat(shows(robot, "Harbour office secretary, remade")).isTrue();
    }

    private int minutes() {
        return studio.situation().costume().underway().bench().tasks().stream()
                .mapToInt(task -> task.minutes())
                .sum();
    }
}
