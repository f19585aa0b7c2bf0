package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.shape.Path;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import org.soberhem.core.judging.Target;
import org.soberhem.core.length.Length;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.desk.widget.Tappable;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** Figure, verdict, comparison, outlines and pictures, through the real window on the demo. */
class SilhouetteJourneyTest extends DemoJourney {

    private void open(FxRobot robot, String costume) {
        robot.interact(() -> {
            studio.open(costume);
            studio.navigation().place().set(Optional.of(org.soberhem.core.costume.Stage.SILHOUETTE));
        });
        DemoWindow.appear(robot, ".plate-wash");
    }

    private void fire(FxRobot robot, String id) {
        DemoWindow.appear(robot, "#" + id);
        robot.interact(robot.lookup("#" + id).queryAs(ButtonBase.class)::fire);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void choose(FxRobot robot, String id, int choice) {
        robot.interact(() -> robot.lookup("#" + id)
                .queryAs(ChoiceBox.class)
                .getSelectionModel()
                .select(choice));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static String words(FxRobot robot, String query) {
        return robot.lookup(query).queryAll().stream()
                .flatMap(node -> node instanceof Labeled label
                        ? Stream.of(label.getText())
                        : node instanceof Text text ? Stream.of(text.getText()) : Stream.empty())
                .collect(Collectors.joining("\n"));
    }

    private Verdict verdict(String rule) {
        return studio.situation().verdicts().stream()
                .filter(each -> each.rule().id().equals(rule))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void figure_standsInItsClothes_beneathThePeriodsOutline_withItsHeights(FxRobot robot) {
        open(robot, "quay-1861");
        assertThat(robot.lookup(".plate-wash.plate-skirt").queryAll()).isNotEmpty();
        assertThat(robot.lookup(".outline-band").queryAll()).hasSizeGreaterThanOrEqualTo(4);
        assertThat(words(robot, ".level-label .label"))
                .contains("waist ")
                .contains("hem 1½ in")
                .contains("crown ");
        robot.interact(
                () -> robot.lookup("#level-waist").queryAs(Tappable.class).fire());
        assertThat(studio.done().get()).startsWith("waist: height ").contains("girth from Waist");
        assertThat(words(robot, ".piece-name")).contains("front").contains("right side");
        choose(robot, "seen-from", 1);
        assertThat(words(robot, ".piece-name")).contains("back");
        choose(robot, "layers-range", 0);
        double least = broadest(robot, ".plate-wash.plate-skirt");
        choose(robot, "layers-range", 2);
        assertThat(broadest(robot, ".plate-wash.plate-skirt")).isGreaterThan(least * 1.05);
        choose(robot, "dress", 0);
        assertThat(robot.lookup(".plate-wash.plate-skirt").queryAll()).isEmpty();
        choose(robot, "outline-where", 2);
        assertThat(robot.lookup(".outline-band").queryAll()).isEmpty();
    }

    @Test
    void layers_arePutOnOneByOne_onTheStand(FxRobot robot) {
        robot.interact(() -> {
            studio.open("quay-1861");
            studio.navigation().place().set(Optional.of(org.soberhem.core.costume.Stage.TAPE));
        });
        fire(robot, "tape-layers");
        assertThat(words(robot, "#layers-on")).contains("(9 of 9)");
        assertThat(robot.lookup(".plate-wash.plate-under").queryAll()).isNotEmpty();
        for (int i = 8; i >= 0; i--) {
            fire(robot, "layer-off");
            assertThat(words(robot, "#layers-on")).contains("(" + i + " of 9)");
        }
        assertThat(words(robot, "#layers-on")).contains("nothing on");
        assertThat(robot.lookup(".plate-wash.plate-under").queryAll()).isEmpty();
        assertThat(robot.lookup(".plate-wash.plate-body").queryAll()).isNotEmpty();
        assertThat(robot.lookup("#layer-off").queryButton().isDisabled()).isTrue();
    }

    @Test
    void rail_showsEachWearerInTheirCostume(FxRobot robot) {
        robot.interact(() -> studio.navigation().place().set(Optional.empty()));
        DemoWindow.appear(robot, ".costume-card");
        assertThat(robot.lookup(".plate-thumbnail .plate-wash.plate-body").queryAll())
                .hasSizeGreaterThan(2);
        assertThat(robot.lookup(".plate-thumbnail .plate-wash.plate-skirt").queryAll())
                .isNotEmpty();
    }

    @Test
    void figure_turnsUnderTheHand(FxRobot robot) {
        open(robot, "quay-1861");
        choose(robot, "seen-from", 3);
        assertThat(words(robot, ".piece-name")).contains("front\n").contains("back");
        Node sheet = robot.lookup(".plate-stroke.plate-outline")
                .queryAll()
                .iterator()
                .next()
                .getParent();
        robot.moveTo(sheet).drag(javafx.scene.input.MouseButton.PRIMARY).moveBy(75, 0);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words(robot, ".piece-name")).contains("right side, from the front");
        assertThat(robot.lookup(".plate-stroke.plate-outline").queryAll()).isNotEmpty();
        robot.drop();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words(robot, ".piece-name")).contains("right side, from the front");
    }

    @Test
    void figure_followsATriedMeasure(FxRobot robot) {
        open(robot, "secretary-1906");
        double before = broadest(robot, ".plate-wash.plate-trunk");
        robot.interact(() -> studio.current().tryMeasure("waist-crease", 1000));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(studio.judge()
                        .figure(studio.situation().judged(), 0.5)
                        .body()
                        .at("waist")
                        .girth())
                .isCloseTo(1000, within(1e-6));
        assertThat(broadest(robot, ".plate-wash.plate-trunk")).isNotEqualTo(before);
        robot.interact(studio.current()::forgetTried);
    }

    private static double broadest(FxRobot robot, String query) {
        return robot.lookup(query).queryAllAs(Path.class).stream()
                .mapToDouble(shape -> shape.getBoundsInLocal().getWidth())
                .sum();
    }

    @Test
    void remedy_opensItsAlteration_withTheAmountThatMeetsTheRule(FxRobot robot) {
        open(robot, "secretary-1906");
        Verdict pouch = verdict("front-pouch");
        assertThat(pouch.isOpen()).isTrue();
        fire(robot, "alter-front-pouch");
        DemoWindow.appear(robot, "#alter-atFront");
        String typed = robot.lookup("#alter-atFront").queryAs(TextField.class).getText();
        assertThat(typed)
                .isEqualTo(studio.format()
                        .number(Length.ofMillimetres(2 * pouch.amount().orElseThrow())));
        assertThat(robot.lookup("#alter-make").queryAs(Button.class).isDisabled())
                .isFalse();
    }

    @Test
    void alteration_meetsTheRuleThatAskedForIt_onPaper(FxRobot robot) {
        open(robot, "quay-1861");
        Verdict hem = verdict("c60-hem-girth");
        assertThat(hem.grade()).isEqualTo(Verdict.Grade.NOT_MET);
        // More widths of cloth: the skirt's own setting, seen before anything is cut.
        robot.interact(() -> studio.garments().chooseWay("Skirt", "widths", 2, "six"));
        assertThat(verdict("c60-hem-girth").grade()).isEqualTo(Verdict.Grade.MET);
    }

    @Test
    void departure_needsAReason_isKept_andCanBeTakenBack(FxRobot robot) throws TimeoutException {
        open(robot, "quay-1861");
        fire(robot, "leave-c60-hem-girth");
        DemoWindow.appear(robot, "#departure");
        TextField why = robot.lookup("#departure").queryAs(TextField.class);
        robot.interact(() -> why.fireEvent(new ActionEvent()));
        assertThat(verdict("c60-hem-girth").grade()).isEqualTo(Verdict.Grade.NOT_MET);
        fire(robot, "leave-c60-hem-girth");
        DemoWindow.appear(robot, "#departure");
        TextField again = robot.lookup("#departure").queryAs(TextField.class);
        robot.interact(() -> {
            again.setText("the cloth ran out");
            again.fireEvent(new ActionEvent());
        });
        assertThat(verdict("c60-hem-girth").grade()).isEqualTo(Verdict.Grade.DEPARTED);
        assertThat(words(robot, "#verdicts .label")).contains("Departed on purpose");
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> studio.keeper().state().get().equals("kept"));
        robot.interact(studio::undo);
        window.settle();
        assertThat(verdict("c60-hem-girth").grade()).isEqualTo(Verdict.Grade.NOT_MET);
    }

    @Test
    void number_isTracedToItsSource(FxRobot robot) {
        open(robot, "quay-1861");
        fire(robot, "silhouette-rounds");
        DemoWindow.appear(robot, "#rule-c60-hem-girth");
        robot.interact(() ->
                robot.lookup("#rule-c60-hem-girth").queryAs(Tappable.class).fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words(robot, "#verdicts .label"))
                .contains("Where it comes from")
                .contains("Skirt, length(front.hem) + length(back.hem)");
    }

    @Test
    void eye_isAnsweredWithTheRound(FxRobot robot) {
        open(robot, "secretary-1906");
        robot.interact(() -> studio.navigation().target().set(new Target.Rule("s04-stance")));
        WaitForAsyncUtils.waitForFxEvents();
        fire(robot, "answer-s04-stance-partly");
        assertThat(verdict("s04-stance").grade()).isEqualTo(Verdict.Grade.NEAR);
        assertThat(studio.situation().costume().latestFitting().orElseThrow().answers())
                .containsEntry("s04-stance", 0.5);
    }

    @Test
    void outline_isChosen_andTheSchoolWithIt(FxRobot robot) {
        open(robot, "secretary-1906");
        robot.interact(() -> robot.lookup("#school-chosen")
                .queryAs(ChoiceBox.class)
                .getSelectionModel()
                .select(1));
        assertThat(studio.situation().costume().look().school()).isEqualTo("trailing");
        assertThat(studio.situation().verdicts())
                .anyMatch(each -> each.rule().id().equals("s04-trail"));
        assertThat(studio.situation().verdicts())
                .noneMatch(each -> each.rule().id().equals("hem-clearance"));
    }

    @Test
    void compare_anotherPeriod_anotherWearer_andALayerLess(FxRobot robot) {
        open(robot, "quay-1861");
        fire(robot, "silhouette-compare");
        DemoWindow.appear(robot, "#compare-with");
        assertThat(robot.lookup(".outline-band").queryAll()).hasSizeGreaterThanOrEqualTo(4);
        assertThat(robot.lookup(".other-outline").queryAll()).hasSizeGreaterThanOrEqualTo(4);
        ComboBox<?> what = robot.lookup("#compare-what").queryAs(ComboBox.class);
        robot.interact(() -> what.getSelectionModel().select(1));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(words(robot, ".label")).contains("The same garments, drafted for");
        robot.interact(() -> what.getSelectionModel().select(2));
        ComboBox<?> with = robot.lookup("#compare-with").queryAs(ComboBox.class);
        int cage = -1;
        for (int i = 0; i < with.getItems().size(); i++) {
            if (with.getItems().get(i).toString().contains("cage-1858")) {
                cage = i;
            }
        }
        int chosen = cage;
        robot.interact(() -> with.getSelectionModel().select(chosen));
        WaitForAsyncUtils.waitForFxEvents();
        double side = studio.situation()
                .work("Skirt")
                .orElseThrow()
                .draft()
                .settings()
                .get("left-long");
        fire(robot, "compare-take");
        assertThat(studio.situation()
                        .work("Skirt")
                        .orElseThrow()
                        .draft()
                        .settings()
                        .get("left-long"))
                .isGreaterThan(side + 10);
    }

    @Test
    void ownOutline_isCopied_givenARule_andJudgedBy(FxRobot robot) {
        open(robot, "quay-1861");
        fire(robot, "silhouette-outlines");
        DemoWindow.appear(robot, "#outline-copy");
        fire(robot, "outline-copy");
        fire(robot, "outline-rule");
        ListView<?> list = robot.lookup("#outlines").queryAs(ListView.class);
        assertThat(list.getSelectionModel().getSelectedItem().toString()).contains("w-1860-round-cage-2");
        assertThat(words(robot, ".label")).contains("It can be read");
        fire(robot, "outline-use");
        assertThat(studio.situation().costume().look().silhouette()).isEqualTo("w-1860-round-cage-2");
        assertThat(verdict("my-rule-1").grade()).isEqualTo(Verdict.Grade.NEAR);
        // What is wrong is said with its line, and kept as it is.
        TextArea text = robot.lookup("#outline-text").queryAs(TextArea.class);
        robot.interact(() -> text.setText(text.getText().replace("quantity: skirt-hem-girth", "quantity: hem-grith")));
        assertThat(words(robot, ".label")).contains("there is no quantity \"hem-grith\"");
    }

    @Test
    void picture_isTaken_measuredAgainstTheOutline_andKeptWithTheFitting(FxRobot robot) throws IOException {
        open(robot, "secretary-1906");
        fire(robot, "photograph");
        assertThat(Files.size(window.file.orElseThrow())).isGreaterThan(10_000);
        fire(robot, "measure-picture");
        DemoWindow.appear(robot, "#keep-picture");
        assertThat(robot.lookup(".picture-line").queryAll()).hasSize(2);
        assertThat(words(robot, ".label")).contains("The picture lies at most");
        fire(robot, "keep-picture");
        assertThat(studio.situation().costume().latestFitting().orElseThrow().readings())
                .containsKey("outline-departure");
        assertThat(verdict("any-outline").grade()).isNotEqualTo(Verdict.Grade.UNKNOWN);
        Files.writeString(window.file.orElseThrow(), "no picture");
        fire(robot, "measure-picture");
        assertThat(studio.done().get()).contains("not a picture");
    }

    @Test
    void costumeSheet_isWritten(FxRobot robot) throws IOException {
        open(robot, "visit-1869");
        fire(robot, "costume-sheet");
        assertThat(new String(Files.readAllBytes(window.file.orElseThrow()), 0, 5, StandardCharsets.US_ASCII))
                .isEqualTo("%PDF-");
    }
}
