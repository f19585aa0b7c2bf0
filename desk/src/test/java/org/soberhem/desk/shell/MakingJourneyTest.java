package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.soberhem.core.cloth.Cloth;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.length.Sentence;
import org.soberhem.desk.widget.Tappable;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** Cloth, bench, record and the workspace, through the real window on the demo. */
class MakingJourneyTest extends DemoJourney {

    private void open(FxRobot robot, String costume, String garment, Stage place) {
        robot.interact(() -> {
            studio.open(costume);
            studio.current().garment().set(garment);
            studio.navigation().place().set(Optional.of(place));
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void fire(FxRobot robot, String id) {
        DemoWindow.appear(robot, "#" + id);
        robot.interact(robot.lookup("#" + id).queryAs(ButtonBase.class)::fire);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void type(FxRobot robot, String id, String words) {
        DemoWindow.appear(robot, "#" + id);
        robot.interact(() -> {
            TextField field = robot.lookup("#" + id).queryAs(TextField.class);
            field.setText(words);
            field.getOnAction().handle(null);
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    private String words(FxRobot robot, String id) {
        return robot.lookup("#" + id).queryAs(Labeled.class).getText();
    }

    private Costume costume() {
        return studio.situation().costume();
    }

    @Test
    void cloth_isWrittenDown_chosen_planned_stopped_movedAndPrinted(FxRobot robot)
            throws IOException, TimeoutException {
        open(robot, "regatta-1953", "Frock", Stage.CLOTH);
        assertThat(words(robot, "cloth-said")).contains("Choose a cloth");
        fire(robot, "cloth-stash");
        fire(robot, "add-cloth");
        type(robot, "cloth-title", "Rose cotton");
        Cloth cloth = studio.stash().cloths().get(studio.stash().cloths().size() - 1);
        assertThat(cloth.title()).isEqualTo("Rose cotton");
        robot.interact(() -> studio.keep(
                studio.stash().with(cloth.withState(new Cloth.State(true, 60), 7000, 1700)),
                "ready",
                Sentence.of("Washed")));
        fire(robot, "cloth-lay");
        robot.interact(() -> {
            ChoiceBox<Cloth> choice = robot.lookup("#choose-cloth").queryAs(ChoiceBox.class);
            choice.setValue(studio.stash().cloth(cloth.id()).orElseThrow());
        });
        WaitForAsyncUtils.waitForFxEvents();
        fire(robot, "lay-folded");
        fire(robot, "plan-lay");
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> words(robot, "cloth-said").startsWith("Planning"));
        fire(robot, "stop-lay");
        WaitForAsyncUtils.waitFor(
                10,
                TimeUnit.SECONDS,
                () -> costume()
                        .underway()
                        .use("Frock", "outer")
                        .flatMap(use -> use.lay())
                        .isPresent());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words(robot, "cloth-said")).contains("are needed").contains("enough");
        var before =
                costume().underway().use("Frock", "outer").orElseThrow().lay().orElseThrow();
        robot.interact(() -> robot.lookup("#lay").query().requestFocus());
        robot.type(KeyCode.P, KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(costume()
                        .underway()
                        .use("Frock", "outer")
                        .orElseThrow()
                        .lay()
                        .orElseThrow())
                .isNotEqualTo(before);
        fire(robot, "print-lay");
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> words(robot, "cloth-said").startsWith("Written"));
        assertThat(Files.readAllBytes(window.file.orElseThrow()))
                .startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
        fire(robot, "cloth-notions");
        type(robot, "have-hook", "2");
        assertThat(studio.stash().amount("hook")).isEqualTo(2);
        type(robot, "have-hook", "two");
        assertThat(studio.stash().amount("hook")).isEqualTo(2);
        fire(robot, "cloth-cost");
        type(robot, "hour-rate", "18");
        assertThat(studio.maker().habits().rate()).isEqualTo(18);
    }

    @Test
    void bench_takesItsStepsFromTheSheet_timesThem_andWritesACalendar(FxRobot robot)
            throws IOException, TimeoutException {
        open(robot, "post-1908", "Walking skirt", Stage.BENCH);
        fire(robot, "propose-steps");
        String first = costume().underway().bench().tasks().get(0).id();
        fire(robot, "start-" + first);
        assertThat(costume().underway().bench().running()).isPresent();
        fire(robot, "bench-break");
        assertThat(costume().underway().bench().running()).isEmpty();
        fire(robot, "done-" + first);
        assertThat(costume().underway().bench().tasks().get(0).isDone()).isTrue();
        String second = costume().underway().bench().tasks().get(1).id();
        robot.interact(
                () -> robot.lookup("#task-" + second).queryAs(Tappable.class).fire());
        type(robot, "step-minutes", "no number");
        assertThat(costume().underway().bench().tasks().get(1).minutes()).isEqualTo(75);
        type(robot, "step-minutes", "80");
        assertThat(costume().underway().bench().tasks().get(1).minutes()).isEqualTo(80);
        fire(robot, "bench-travels");
        assertThat(robot.lookup("#task-" + second).tryQuery()).isEmpty();
        fire(robot, "calendar");
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> window.file.filter(Files::exists).isPresent());
        assertThat(Files.readString(window.file.orElseThrow()))
                .contains("BEGIN:VCALENDAR")
                .contains("Postmistress on her round");
    }

    @Test
    void record_printsTheDossier_goesToAnotherMaker_andComesBack(FxRobot robot) throws IOException, TimeoutException {
        open(robot, "wife-1778", "Petticoat", Stage.RECORD);
        fire(robot, "print-dossier");
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> words(robot, "record-said").startsWith("Written"));
        assertThat(Files.readAllBytes(window.file.orElseThrow()))
                .startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
        fire(robot, "bundle-out");
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> words(robot, "record-said").endsWith(".zip"));
        type(robot, "consent-words", "asked at the harbour");
        assertThat(studio.situation().wearer().consent().words()).isEqualTo("asked at the harbour");
        type(robot, "worn", "A second market day");
        assertThat(costume().papers().wearings()).hasSize(2);
        fire(robot, "archive");
        robot.interact(() -> studio.navigation().place().set(Optional.empty()));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("Keeper's wife at the fish market").tryQuery()).isEmpty();
        fire(robot, "open-care");
        fire(robot, "bundle-in");
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> words(robot, "care-said").startsWith("Taken in"));
        assertThat(studio.histories().allCostumes()).hasSize(11);
        fire(robot, "verify");
        assertThat(words(robot, "care-said")).contains("sound");
        fire(robot, "copy-whole");
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> words(robot, "care-said").startsWith("Written"));
        fire(robot, "back-up");
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> words(robot, "care-said").equals("Backed up."));
        type(robot, "limit", "1");
        assertThat(studio.maker().habits().limit()).isEqualTo(1);
    }

    @Test
    void erase_asksOnce_andLeavesTheCostume(FxRobot robot) {
        open(robot, "secretary-1906", "Blouse", Stage.RECORD);
        fire(robot, "erase");
        fire(robot, "erase-sure");
        window.settle();
        assertThat(studio.histories().wearers().values())
                .noneMatch(wearer -> wearer.name().startsWith("Ada"));
        assertThat(costume().title()).isEqualTo("Harbour office secretary");
        assertThat(words(robot, "record-said")).startsWith("Erased");
    }
}
