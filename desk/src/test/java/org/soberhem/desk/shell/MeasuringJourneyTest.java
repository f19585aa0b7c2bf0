package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.costume.Choice;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;
import org.soberhem.desk.tape.TapeDesk;
import org.soberhem.desk.widget.LengthField;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** Measuring through the real window. */
class MeasuringJourneyTest extends DemoJourney {

    private void open(FxRobot robot, String costume) {
        robot.interact(() -> {
            studio.open(costume);
            studio.navigation().place().set(Optional.of(org.soberhem.core.costume.Stage.TAPE));
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static boolean shows(FxRobot robot, String words) {
        WaitForAsyncUtils.waitForFxEvents();
        return robot.lookup((Labeled label) ->
                        label.getText() != null && label.getText().contains(words) && isShown(label))
                .tryQuery()
                .isPresent();
    }

    private static boolean isShown(Node node) {
        for (Node each = node; each != null; each = each.getParent()) {
            if (!each.isVisible()) {
                return false;
            }
        }
        return true;
    }

    private MeasurementSet newest() {
        List<MeasurementSet> sets = studio.situation().wearer().sets();
        return sets.get(sets.size() - 1);
    }

    private static void fire(FxRobot robot, String id) {
        robot.interact(() -> robot.lookup(id).queryAs(Button.class).fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void session_byKeyboardAlone_oneHand_doubtSettled_pausedAndKept(FxRobot robot) {
        open(robot, "clerk-1907");
        robot.type(KeyCode.F7);
        assertThat(shows(robot, "Before the tape")).isTrue();
        assertThat(shows(robot, "Lace in stages")).isTrue();
        robot.type(KeyCode.ENTER);
        assertThat(shows(robot, "Tie the ribbon")).isTrue();
        robot.type(KeyCode.ENTER);
        robot.write("26+4").type(KeyCode.ENTER).write("26+3").type(KeyCode.ENTER, KeyCode.ENTER);
        assertThat(newest().value("waist-crease", Side.MIDDLE)).contains(Length.ofMillimetres(671.5125));
        assertThat(shows(robot, "Full hip")).isTrue();
        robot.write("99");
        assertThat(shows(robot, "would fit if it was read in cm")).isTrue();
        assertThat(newest().has("full-hip")).isFalse();
        robot.clickOn((Button button) -> button.getText().startsWith("It was cm: 39"));
        assertThat(newest().value("full-hip", Side.MIDDLE)).contains(Length.ofMillimetres(990));
        assertThat(robot.lookup("#session-field").queryAs(TextField.class).getText())
                .isEmpty();
        robot.type(KeyCode.PAGE_DOWN);
        robot.type(KeyCode.ESCAPE);
        assertThat(shows(robot, "Readings")).isTrue();
        assertThat(newest().readings()).hasSize(2);
        assertThat(robot.lookup("#reading-full-hip-middle-0")
                        .queryAs(TextField.class)
                        .getText())
                .isEqualTo("39");
    }

    /** Lets the tape read until a reading has come through: it may not yet be listened to. */
    private void readTape(FxRobot robot, String measure) {
        for (int i = 0; i < 50 && !newest().has(measure); i++) {
            robot.type(KeyCode.F6);
            robot.sleep(100);
        }
        assertThat(newest().has(measure)).isTrue();
    }

    @Test
    void digitalTape_readsIntoTheStep_wrongUnitIsDoubted(FxRobot robot) throws Exception {
        open(robot, "clerk-1907");
        robot.type(KeyCode.F7).type(KeyCode.ENTER).type(KeyCode.ENTER);
        robot.interact(() -> robot.from(robot.lookup(".standing").queryAll())
                .lookup("#tape-connect")
                .queryAs(Button.class)
                .fire());
        readTape(robot, "waist-crease");
        double read = newest().value("waist-crease", Side.MIDDLE).orElseThrow().toMillimetres();
        assertThat(read).isBetween(560.0, 1000.0);
        robot.interact(() -> {
            ChoiceBox<?> manner = robot.from(robot.lookup(".standing").queryAll())
                    .lookup("#tape-manner")
                    .queryAs(ChoiceBox.class);
            manner.getSelectionModel().selectLast();
        });
        robot.type(KeyCode.ENTER);
        readTape(robot, "full-hip");
        assertThat(shows(robot, "would fit if it was read in cm")).isTrue();
    }

    @Test
    void digitalTape_readsIntoTheFieldInFocus_andSaysWhereNoneIs(FxRobot robot) throws Exception {
        open(robot, "post-1908");
        robot.interact(() -> robot.lookup("#tape-connect").queryAs(Button.class).fire());
        robot.clickOn("#reading-waist-to-floor-back-middle-0");
        readTape(robot, "waist-to-floor-back");
        assertThat(newest().value("waist-to-floor-back", Side.MIDDLE)
                        .orElseThrow()
                        .toMillimetres())
                .isBetween(800.0, 1300.0);
        robot.interact(() -> robot.lookup("#guided").query().requestFocus());
        robot.type(KeyCode.F6);
        WaitForAsyncUtils.waitFor(5, TimeUnit.SECONDS, () -> shows(robot, "no field waits for it"));
        robot.interact(() -> robot.lookup("#tape-port").queryAs(TextField.class).setText("99999"));
        fire(robot, "#tape-connect");
        assertThat(shows(robot, "A port is a number up to 65535")).isTrue();
    }

    @Test
    void oldReadings_areMeasuredAnew_andTheSessionEndsWithDrawingFromThem(FxRobot robot) {
        open(robot, "boatman-1780");
        robot.interact(
                () -> studio.keep(studio.maker().withMonths(1), "months", Sentence.of("Measured again after a month")));
        assertThat(shows(robot, "Measured 1 month ago")).isTrue();
        robot.clickOn("Measure anew");
        robot.type(KeyCode.F7).type(KeyCode.ENTER).type(KeyCode.ENTER);
        for (int i = 0; i < 30 && !shows(robot, "Left out"); i++) {
            robot.type(KeyCode.PAGE_DOWN);
        }
        assertThat(shows(robot, "Left out: ")).isTrue();
        fire(robot, "#session-draw");
        assertThat(studio.situation().costume().set()).isEqualTo(newest().id());
    }

    @Test
    void alone_tapeAtTheFloor_mirrorHints(FxRobot robot) {
        open(robot, "post-1908");
        fire(robot, "#change-conditions");
        robot.interact(() -> {
            ChoiceBox<?> start = robot.lookup("#tape-start").queryAs(ChoiceBox.class);
            start.getSelectionModel().selectLast();
        });
        assertThat(shows(robot, "with its 10 in mark at the floor")).isTrue();
        robot.clickOn("#reading-waist-to-floor-back-middle-0").write("50 1/2").type(KeyCode.ENTER);
        assertThat(newest().value("waist-to-floor-back", Side.MIDDLE)).contains(Length.ofInches(40, 4, 8));
        robot.type(KeyCode.F7);
        for (int i = 0; i < 30 && !shows(robot, "Not to be trusted alone: "); i++) {
            robot.type(KeyCode.PAGE_DOWN);
        }
        assertThat(shows(robot, "Not to be trusted alone: ")).isTrue();
    }

    @Test
    void layers_ownStackSavedAndWorn_saysWhatNoLongerCounts(FxRobot robot) {
        open(robot, "secretary-1906");
        robot.clickOn("#tape-layers");
        assertThat(shows(robot, "All of them count over this stack too.")).isTrue();
        fire(robot, "#remove-hip-pad-1898");
        assertThat(shows(robot, "save it as your own")).isTrue();
        robot.clickOn("#stack-title").write("Without pads");
        fire(robot, "#save-stack");
        assertThat(shows(robot, "No longer count")).isTrue();
        fire(robot, "#wear-over");
        assertThat(studio.situation().costume().stack()).isEqualTo("own-without-pads");
        assertThat(studio.situation().inTheWay())
                .anyMatch(obstacle ->
                        obstacle.sentence().in(LengthFormat.INCH_EIGHTHS).contains("no longer count"));
        fire(robot, "#dressing-card");
        assertThat(window.file.orElseThrow()).exists().hasExtension("pdf");
    }

    @Test
    void values_estimatedUntilMeasured_andOverruledOnlyWithAReason(FxRobot robot) {
        open(robot, "keeper-1907");
        robot.clickOn("#tape-values");
        fire(robot, "#estimate-all");
        assertThat(studio.situation().inTheWay())
                .anyMatch(obstacle ->
                        obstacle.sentence().in(LengthFormat.INCH_EIGHTHS).contains("only estimated over"));
        assertThat(shows(robot, "not a measurement")).isTrue();
        fire(robot, "#choose-waist-crease");
        assertThat(studio.situation().costume().choices().get("waist-crease").reason())
                .isEmpty();
        robot.interact(() -> {
            robot.lookup("#reason-waist-crease").queryAs(TextField.class).setText("tight lacing is not wanted");
            @SuppressWarnings("unchecked")
            ChoiceBox<Choice.Take> take = robot.lookup("#take-waist-crease").queryAs(ChoiceBox.class);
            take.setValue(Choice.Take.STANDING);
        });
        fire(robot, "#choose-waist-crease");
        assertThat(studio.situation().costume().choices().get("waist-crease"))
                .isEqualTo(new Choice("waist-crease", Choice.Take.STANDING, "tight lacing is not wanted"));
        assertThat(shows(robot, "tight lacing is not wanted")).isTrue();
    }

    @Test
    void history_changesAndCharts_andTheMakersMonths(FxRobot robot) {
        open(robot, "secretary-1906");
        robot.clickOn("#tape-history");
        assertThat(shows(robot, "+¾ in")).isTrue();
        robot.interact(() -> {
            @SuppressWarnings("unchecked")
            ChoiceBox<Integer> months = robot.lookup("#months").queryAs(ChoiceBox.class);
            months.setValue(1);
        });
        assertThat(studio.maker().months()).isEqualTo(1);
        assertThat(studio.situation().inTheWay())
                .anyMatch(obstacle ->
                        obstacle.sentence().in(LengthFormat.INCH_EIGHTHS).contains("ago, on"));
        robot.interact(studio::undo);
        window.settle();
        assertThat(studio.maker().months()).isEqualTo(6);
    }

    @Test
    void sizes_ownChartFromAFile_andAWrongOneIsExplained(FxRobot robot) throws IOException {
        open(robot, "secretary-1906");
        robot.clickOn("#tape-sizes");
        assertThat(shows(robot, "Size 96 by Full bust")).isTrue();
        assertThat(shows(robot, "Patterns sold by cup: C")).isTrue();
        window.file =
                Optional.of(Files.writeString(window.folder.resolve("mine.csv"), "size,bust\nA,36 in\nB,39 in\n"));
        fire(robot, "#load-chart");
        assertThat(shows(robot, "Size B by Full bust")).isTrue();
        window.file = Optional.of(Files.writeString(window.folder.resolve("bad.csv"), "size,bost\nA,36 in\n"));
        fire(robot, "#load-chart");
        assertThat(shows(robot, "\"bost\" is not a known measurement")).isTrue();
        assertThat(studio.maker().charts()).hasSize(1);
        fire(robot, "#enter-chart");
        TextArea rows = robot.lookup("#chart-rows").queryAs(TextArea.class);
        assertThat(rows.getText()).contains("# title: My own, after mine.csv", "A,91.4 cm");
        robot.interact(() -> rows.setText("# title: Third\nsize,bust\nC,38 in\n"));
        fire(robot, "#take-chart");
        assertThat(shows(robot, "Size C by Full bust")).isTrue();
        assertThat(studio.maker().charts()).hasSize(2);
    }

    @Test
    void csvAndSheets_outAndIn(FxRobot robot) throws IOException {
        open(robot, "post-1908");
        fire(robot, "#csv-out");
        assertThat(Files.readString(window.file.orElseThrow())).contains("full-hip,47 1/4 in,46 1/2 in,47 3/8 in");
        Files.writeString(window.file.orElseThrow(), "measure,value\nfull-hip@seated,49\n");
        fire(robot, "#csv-in");
        assertThat(newest().find("full-hip", Side.MIDDLE, Posture.SEATED)).isPresent();
        Files.writeString(window.file.orElseThrow(), "measure,value\nbost,49\n");
        fire(robot, "#csv-in");
        assertThat(shows(robot, "\"bost\" is not a known measurement")).isTrue();
        fire(robot, "#sheet-blank");
        assertThat(Files.readString(window.file.orElseThrow(), StandardCharsets.ISO_8859_1))
                .startsWith("%PDF");
        fire(robot, "#sheet-filled");
        assertThat(shows(robot, "Written: ")).isTrue();
    }

    @Test
    void costumeWithoutAPattern_everyPlaceCanBeVisited(FxRobot robot) {
        for (String costume : List.of("girl-1905", "boatman-1780")) {
            for (org.soberhem.core.costume.Stage place : org.soberhem.core.costume.Stage.values()) {
                robot.interact(() -> {
                    studio.open(costume);
                    studio.navigation().place().set(Optional.of(place));
                });
                WaitForAsyncUtils.waitForFxEvents();
            }
        }
        open(robot, "girl-1905");
        assertThat(shows(robot, "Chest")).isTrue();
        assertThat(shows(robot, "Full bust")).isFalse();
    }

    @Test
    void circumstances_ringsOfAHoop_anotherLacing_andAChildsWeight(FxRobot robot) {
        open(robot, "post-1908");
        fire(robot, "#change-conditions");
        robot.interact(() -> {
            LengthField gap = robot.lookup("#gap-waist").queryAs(LengthField.class);
            gap.setText("1");
            gap.getOnAction().handle(null);
        });
        assertThat(shows(robot, "These were read at another lacing.")).isTrue();
        robot.clickOn("Begin another set");
        assertThat(newest().readings()).isEmpty();
        assertThat(newest().worn().gap().orElseThrow().waist()).isEqualTo(Length.ofInches(1, 0, 8));
        robot.interact(() -> new TapeDesk(studio).wearOver("woman-1861"));
        robot.clickOn("Measure anew");
        robot.clickOn("One more ring");
        assertThat(newest().worn().rings()).hasSize(1);
        assertThat(shows(robot, "out at the side")).isTrue();
        open(robot, "girl-1905");
        robot.interact(() -> {
            ChoiceBox<?> age = robot.lookup("#age").queryAs(ChoiceBox.class);
            age.getSelectionModel().selectFirst();
        });
        robot.clickOn("#weight").write("nine").type(KeyCode.ENTER);
        assertThat(shows(robot, "write for example 9.2 kg")).isTrue();
        robot.clickOn("#weight").eraseText(4).write("9.2 kg").type(KeyCode.ENTER);
        assertThat(newest().weight().orElseThrow().grams()).isEqualTo(9200);
    }
}
