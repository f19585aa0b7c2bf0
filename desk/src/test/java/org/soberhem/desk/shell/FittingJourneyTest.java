package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.event.ActionEvent;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.GateStep;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Trial;
import org.soberhem.core.judging.Target;
import org.soberhem.desk.widget.Tappable;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** A fitting from waking the screen to the closed gate, through the real window on the demo's half-solved costume. */
class FittingJourneyTest extends DemoJourney {

    private void open(FxRobot robot, String costume) {
        robot.interact(() -> {
            studio.open(costume);
            studio.navigation().place().set(Optional.of(Stage.FITTING));
        });
        DemoWindow.appear(robot, "#fitting-remarks");
    }

    private void fire(FxRobot robot, String id) {
        DemoWindow.appear(robot, "#" + id);
        robot.interact(() -> {
            var node = robot.lookup("#" + id).query();
            if (node instanceof Tappable tappable) {
                tappable.fire();
            } else {
                ((ButtonBase) node).fire();
            }
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Returns where the parts of a style lie in the window, as far as they are shown. */
    private static List<Bounds> shown(FxRobot robot, String style) {
        return robot.lookup(style).queryAll().stream()
                .filter(FittingJourneyTest::isShown)
                .map(node -> node.localToScene(node.getLayoutBounds()))
                .toList();
    }

    private static boolean isShown(Node node) {
        return node == null || node.isVisible() && isShown(node.getParent());
    }

    private static String words(FxRobot robot, String query) {
        return robot.lookup(query).queryAll().stream()
                .filter(FittingJourneyTest::isShown)
                .flatMap(node -> node instanceof Labeled label ? Stream.of(label.getText()) : Stream.empty())
                .collect(Collectors.joining("\n"));
    }

    private Costume costume() {
        return studio.situation().costume();
    }

    private Fitting fitting() {
        return costume().latestFitting().orElseThrow();
    }

    private Remark remark(String id) {
        return fitting().remark(id).orElseThrow();
    }

    @Test
    void newcomer_findsTheUnderlayer_decides_getsTheNextVersion_andSeesWhyTheGateIsClosed(FxRobot robot) {
        open(robot, "secretary-1906");
        fire(robot, "fitting-remarks");
        // The remark that is unsolved is chosen; two causes remain, one test is proposed.
        robot.interact(() -> studio.navigation().target().set(new Target.Remark("2-2")));
        DemoWindow.appear(robot, "#proposed-test");
        assertThat(words(robot, ".cause-row .label")).contains("The underlayer's own armscye pinches there");
        fire(robot, "not-front-wide-scye");
        assertThat(robot.lookup("#proposed-test").queryAll()).isEmpty();
        fire(robot, "cause-underlayer-scye");
        assertThat(remark("2-2").cause()).isEqualTo("underlayer-scye");
        assertThat(robot.lookup("#decision-kind").queryAs(ChoiceBox.class).getValue())
                .isEqualTo(Decision.Kind.CHANGE_FOUNDATION);
        fire(robot, "decide");
        assertThat(remark("2-2").decision().orElseThrow().kind()).isEqualTo(Decision.Kind.CHANGE_FOUNDATION);
        // The other one is altered: the next version.
        robot.interact(() -> studio.navigation().target().set(new Target.Remark("2-1")));
        WaitForAsyncUtils.waitForFxEvents();
        int versions = costume().garment("Blouse").orElseThrow().versions().size();
        fire(robot, "make-version");
        assertThat(costume().garment("Blouse").orElseThrow().versions()).hasSize(versions + 1);
        fire(robot, "fitting-gate");
        assertThat(words(robot, ".gate-row .label"))
                .contains("Version " + (versions + 1) + " has not been tried on")
                .contains("Open: ")
                .contains("No cloth is chosen yet for lining");
    }

    @Test
    void standing_threeKeysLog_movementsAndConditionsAreSaid_andAPhotographIsTaken(FxRobot robot) throws Exception {
        open(robot, "secretary-1906");
        robot.clickOn("Stand at fitting 2");
        WaitForAsyncUtils.waitForFxEvents();
        robot.type(KeyCode.H, KeyCode.DIGIT1, KeyCode.DIGIT4);
        Remark logged = fitting().remarks().get(fitting().remarks().size() - 1);
        assertThat(logged.zone()).isEqualTo("waist-front");
        assertThat(logged.amount()).isPresent();
        robot.type(KeyCode.F5);
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> fitting().pictures().size() == 2);
        assertThat(fitting().pictures().get(1).remark()).isEqualTo(logged.id());
        // Movements: the first that has no answer is chosen; one digit answers it.
        robot.type(KeyCode.F4, KeyCode.DIGIT3);
        assertThat(fitting().trials())
                .filteredOn(trial -> trial.result() == Trial.Result.FAILED)
                .hasSize(1);
        // What is worn beneath: the corset cover is left off, then the marks' page, the wrong side out.
        robot.type(KeyCode.F6, KeyCode.F);
        assertThat(fitting().conditions().off()).containsExactly("corset-cover-1880");
        robot.type(KeyCode.DIGIT3, KeyCode.G);
        assertThat(fitting().conditions().insideOut()).isTrue();
        robot.type(KeyCode.ESCAPE);
        assertThat(studio.navigation().standing().get())
                .as("the first Escape leaves the page only")
                .isTrue();
        robot.type(KeyCode.L);
        Remark turned = fitting().remarks().get(fitting().remarks().size() - 1);
        assertThat(turned.sides().words()).isEqualTo("wearer's right");
        assertThat(words(robot, ".spoken")).isEqualTo("side, garment's right: what is seen there?");
        // More than six symptoms turn a page.
        String first = words(robot, ".symptom .label");
        robot.type(KeyCode.DIGIT0);
        assertThat(words(robot, ".symptom .label")).isNotEqualTo(first);
        robot.type(KeyCode.ESCAPE);
        assertThat(studio.navigation().standing().get()).isFalse();
    }

    @Test
    void standing_whatIsTouched_isLargeEnough_andWithinTheScreen(FxRobot robot) {
        open(robot, "secretary-1906");
        robot.clickOn("Stand at fitting 2");
        robot.type(KeyCode.E);
        WaitForAsyncUtils.waitForFxEvents();
        for (String style : new String[] {".symptom", ".remark", ".hand"}) {
            List<Bounds> shown = shown(robot, style);
            assertThat(shown).as(style).isNotEmpty().allSatisfy(bounds -> {
                assertThat(bounds.getHeight()).as(style).isGreaterThanOrEqualTo(72);
                assertThat(bounds.getMaxY()).as(style).isLessThanOrEqualTo(800.5);
                assertThat(bounds.getMaxX()).as(style).isLessThanOrEqualTo(1280.5);
            });
        }
        for (KeyCode page : new KeyCode[] {KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4}) {
            robot.type(KeyCode.F6, page);
            WaitForAsyncUtils.waitForFxEvents();
            assertThat(shown(robot, ".choice")).isNotEmpty().allSatisfy(bounds -> {
                assertThat(bounds.getHeight()).isGreaterThanOrEqualTo(72);
                assertThat(bounds.getMaxY()).isLessThanOrEqualTo(568);
            });
            robot.type(KeyCode.ESCAPE);
        }
    }

    @Test
    void standing_isMirroredForTheLeftHand_andStaysSo(FxRobot robot) {
        open(robot, "secretary-1906");
        robot.clickOn("Stand at fitting 2");
        robot.type(KeyCode.E);
        WaitForAsyncUtils.waitForFxEvents();
        double before = shown(robot, ".symptom").get(0).getMinX();
        double log = shown(robot, ".remark").get(0).getMinX();
        assertThat(log).isGreaterThan(before);
        robot.type(KeyCode.F6, KeyCode.DIGIT3, KeyCode.H, KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(studio.maker().leftHanded()).isTrue();
        assertThat(shown(robot, ".remark").get(0).getMinX())
                .isLessThan(shown(robot, ".symptom").get(0).getMinX());
    }

    @Test
    void rounds_arePrinted_andCompared(FxRobot robot) throws IOException {
        open(robot, "secretary-1906");
        fire(robot, "fitting-rounds");
        assertThat(words(robot, ".label"))
                .contains("To do at the machine")
                .contains("¼ in taken in at each side in all; the girth less by ½ in")
                .contains("loose fold down the side");
        fire(robot, "print-round");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.file.orElseThrow().getFileName()).hasToString("harbour-office-secretary-fitting-2.pdf");
        assertThat(Files.size(window.file.orElseThrow())).isGreaterThan(1000);
    }

    @Test
    void picture_laidOverItsPlate_givesARemark(FxRobot robot) throws Exception {
        open(robot, "secretary-1906");
        fire(robot, "fitting-pictures");
        DemoWindow.appear(robot, ".picture-mark");
        assertThat(words(robot, ".label")).contains("Button 1: 1 in too low.");
        fire(robot, "laid-over");
        int before = fitting().remarks().size();
        fire(robot, "remark-button-1");
        assertThat(fitting().remarks()).hasSize(before + 1);
        assertThat(fitting().remarks().get(before).seen()).isEqualTo("button 1: 1 in too low");
    }

    @Test
    void gate_isPassedWithAReasonOnly_andOpensWhereItIsSettled(FxRobot robot) {
        open(robot, "secretary-1906");
        fire(robot, "fitting-gate");
        fire(robot, "gate-trim");
        assertThat(robot.lookup("#gate-pass").queryButton().isDisabled()).isTrue();
        robot.interact(
                () -> robot.lookup("#gate-reason").queryAs(TextField.class).setText("the day is near"));
        fire(robot, "gate-pass");
        assertThat(costume().papers().passages()).singleElement().satisfies(passage -> {
            assertThat(passage.step()).isEqualTo(GateStep.TRIM);
            assertThat(passage.reason()).isEqualTo("the day is near");
        });
        assertThat(words(robot, ".label")).contains("the day is near");
        Tappable open = robot.lookup(".gate-row").queryAll().stream()
                .filter(node -> node.getParent() instanceof Tappable)
                .map(node -> (Tappable) node.getParent())
                .findFirst()
                .orElseThrow();
        robot.interact(open::fire);
        DemoWindow.appear(robot, ".cause-row");
    }

    @Test
    void after_isNoted_andGoesWithThePattern(FxRobot robot) {
        open(robot, "secretary-1906");
        fire(robot, "fitting-after");
        robot.interact(() -> {
            TextField wearing = robot.lookup("#wearing").queryAs(TextField.class);
            wearing.setText("rained all day, the collar held");
            wearing.fireEvent(new ActionEvent());
            robot.lookup("#otherwise").queryAs(TextArea.class).setText("a lighter lawn");
        });
        fire(robot, "keep-otherwise");
        assertThat(costume().papers().otherwise()).isEqualTo("a lighter lawn");
        assertThat(costume().papers().wearings()).hasSize(1);
        assertThat(words(robot, ".label")).contains("rained all day, the collar held");
        robot.interact(studio::undo);
        window.settle();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(costume().papers().otherwise()).isEmpty();
    }
}
