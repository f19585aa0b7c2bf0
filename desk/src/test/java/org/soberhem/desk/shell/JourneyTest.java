package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import org.junit.jupiter.api.Test;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.widget.Paper;
import org.soberhem.desk.widget.Tappable;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** Drives the real window, offscreen: what a costumer does from the rail to the second version. */
class JourneyTest extends DemoJourney {

    private Garment blouse() {
        return studio.situation().costume().garment("Blouse").orElseThrow();
    }

    private double unit() {
        return studio.situation()
                .work("Blouse")
                .orElseThrow()
                .draft()
                .scale()
                .orElseThrow()
                .unit();
    }

    /** Waits until layout has drawn what is looked for. */
    private static void appear(FxRobot robot, String style, int least) throws TimeoutException {
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> robot.lookup(style).queryAll().size() >= least);
    }

    private void openBlouse(FxRobot robot) {
        robot.clickOn("Harbour office secretary");
        robot.press(KeyCode.ALT).type(KeyCode.DIGIT3).release(KeyCode.ALT);
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void rail_searchAndOpen(FxRobot robot) {
        robot.clickOn(".text-field").write("wiebke");
        assertThat(robot.lookup(".costume-card").queryAll()).hasSize(1);
        robot.clickOn("Postmistress on her round");
        assertThat(studio.situation().costume().id()).isEqualTo("post-1908");
        assertThat(studio.navigation().place().get()).contains(org.soberhem.core.costume.Stage.TAPE);
    }

    @Test
    void rail_newCostume_opensItsTape(FxRobot robot) {
        robot.clickOn("#new-costume");
        robot.clickOn("#begin-costume");
        assertThat(robot.lookup("Say in a few words what the costume is.").tryQuery())
                .isPresent();
        robot.clickOn("#new-title").write("Net mender");
        robot.clickOn("#new-wearer").write("Jette Rahn");
        robot.clickOn("Walking skirt of seven gores");
        robot.clickOn("#begin-costume");
        assertThat(studio.situation().wearer().name()).isEqualTo("Jette Rahn");
        robot.clickOn("Begin measuring Jette Rahn");
        robot.clickOn("#reading-waist-crease-middle-0").write("28 1/2").type(KeyCode.ENTER);
        robot.clickOn("#reading-waist-to-floor-front-middle-0")
                .write("104,5 cm")
                .type(KeyCode.ENTER);
        assertThat(studio.situation().set().orElseThrow().readings()).hasSize(2);
        assertThat(studio.situation().work("Skirt")).isPresent();
    }

    @Test
    void tape_wrongReading_isExplainedBesideTheField_andKeptAsTyped(FxRobot robot) {
        robot.clickOn("Postmistress on her round");
        TextField field = robot.clickOn("#reading-full-hip-middle-1")
                .lookup("#reading-full-hip-middle-1")
                .queryAs(TextField.class);
        robot.eraseText(6).write("47 3/0");
        assertThat(field.getPseudoClassStates()).contains(PseudoClass.getPseudoClass("wrong"));
        assertThat(robot.lookup((Labeled label) ->
                                String.valueOf(label.getText()).contains("nothing under its stroke"))
                        .tryQuery())
                .isPresent();
        robot.type(KeyCode.ENTER);
        assertThat(field.getText()).isEqualTo("47 3/0");
        robot.eraseText(6).write("47 1/8").type(KeyCode.ENTER);
        assertThat(studio.situation().inTheWay())
                .noneMatch(obstacle ->
                        obstacle.sentence().in(LengthFormat.INCH_EIGHTHS).contains("measure again"));
    }

    @Test
    void draft_pulledTape_movesThePiecesAndKeepsTheirPlaces(FxRobot robot) throws Exception {
        openBlouse(robot);
        double before = unit();
        Node strip = robot.lookup(".tape-window .strip").query();
        robot.drag(strip).moveBy(-48, 0).drop();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(unit()).isGreaterThan(before);
        appear(robot, ".ghost", 1);
        robot.type(KeyCode.ESCAPE);
        assertThat(unit()).isEqualTo(before);
    }

    @Test
    void draft_pointRowAndStep_areOneSelection(FxRobot robot) {
        openBlouse(robot);
        robot.clickOn((Node node) -> node.getStyleClass().contains("row")
                && ((HBox) node).getChildren().get(0) instanceof Labeled letter
                && letter.getText().equals("C"));
        Paper paper = robot.lookup((Node node) -> node instanceof Paper).query();
        assertThat(paper.pickProperty().get()).isEqualTo(new Paper.Pick("front", "C"));
        assertThat(robot.lookup((Labeled label) ->
                                String.valueOf(label.getText()).startsWith("front: C: along the base line 2⅛"))
                        .tryQuery())
                .isPresent();
        robot.type(KeyCode.PAGE_DOWN);
        assertThat(paper.pickProperty().get()).isEqualTo(new Paper.Pick("front", "D"));
    }

    @Test
    void draft_foldsTableAndTapesAway_byOneKey(FxRobot robot) {
        openBlouse(robot);
        Node paper = robot.lookup((Node node) -> node instanceof Paper).query();
        double width = paper.getLayoutBounds().getWidth();
        robot.type(KeyCode.F6);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(paper.getLayoutBounds().getWidth()).isEqualTo(1280 - 72);
        robot.type(KeyCode.F6);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(paper.getLayoutBounds().getWidth()).isEqualTo(width);
    }

    @Test
    void draft_centimetresAndDark_byOneKeyEach(FxRobot robot) {
        openBlouse(robot);
        robot.type(KeyCode.F8);
        assertThat(robot.lookup((Labeled label) ->
                                String.valueOf(label.getText()).contains("bust of 97.9 cm"))
                        .tryQuery())
                .isPresent();
        robot.type(KeyCode.F9);
        assertThat(robot.lookup(".main-view").query().getScene().getRoot().getStyleClass())
                .contains("dark");
        robot.type(KeyCode.F1);
        assertThat(robot.lookup("Shortcuts").query().isVisible()).isTrue();
        robot.type(KeyCode.ESCAPE);
    }

    @Test
    void draft_alterAndUndo(FxRobot robot) {
        openBlouse(robot);
        int made = blouse().alterations().size();
        robot.clickOn("Alter");
        TextField first = robot.lookup("#alter-atFront").queryAs(TextField.class);
        robot.clickOn(first).write("1/2");
        robot.clickOn("Make this alteration");
        assertThat(blouse().alterations()).hasSize(made + 1);
        robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
        window.settle();
        assertThat(blouse().alterations()).hasSize(made);
    }

    @Test
    void draft_impossibleSetting_isRefusedInWords_aPossibleOneIsKept(FxRobot robot) {
        openBlouse(robot);
        robot.clickOn("Sheet");
        TextField lap = robot.lookup("#setting-lap").queryAs(TextField.class);
        robot.interact(() -> {
            lap.setText("500");
            lap.getOnAction().handle(null);
        });
        assertThat(studio.done().get()).startsWith("Overlap can be 0 in to ");
        assertThat(blouse().settings()).isEmpty();
        robot.interact(() -> {
            lap.setText("1 1/8");
            lap.getOnAction().handle(null);
        });
        assertThat(blouse().settings()).containsEntry("lap", 28.575);
    }

    @Test
    void draft_everyCheckLeadsToItsPlace(FxRobot robot) {
        openBlouse(robot);
        robot.clickOn("Checks");
        Tappable girth = robot.lookup((Node node) ->
                        node instanceof Tappable row && row.getAccessibleText().startsWith("Bust girth"))
                .query();
        robot.interact(girth::fire);
        Paper paper = robot.lookup((Node node) -> node instanceof Paper).query();
        assertThat(paper.pickProperty().get()).isEqualTo(new Paper.Pick("front", "U"));
    }

    @Test
    void draft_failedCheck_offersItsMending_whichSettlesIt(FxRobot robot) {
        robot.clickOn("Keeper's daughter at the regatta");
        robot.press(KeyCode.ALT).type(KeyCode.DIGIT3).release(KeyCode.ALT);
        Tappable back = robot.lookup((Node node) -> node instanceof Tappable row
                        && row.getAccessibleText().startsWith("Back length is 14⅞ in, 2 in too small"))
                .query();
        robot.interact(back::fire);
        robot.clickOn("Lengthen at the midriff by 2 in");
        assertThat(blouse().alterations()).hasSize(1);
        assertThat(studio.situation().inTheWay())
                .noneMatch(obstacle ->
                        obstacle.sentence().in(LengthFormat.INCH_EIGHTHS).startsWith("Back length"));
    }

    @Test
    void draft_printsTrueSizePdf(FxRobot robot) throws IOException {
        openBlouse(robot);
        robot.clickOn("Print");
        robot.clickOn("#export-pdf");
        WaitForAsyncUtils.waitForFxEvents();
        Path file = window.file.orElseThrow();
        assertThat(file.getFileName().toString()).isEqualTo("harbour-office-secretary-blouse-version-2.pdf");
        assertThat(Files.readString(file, StandardCharsets.ISO_8859_1)).startsWith("%PDF");
        assertThat(robot.lookup("#print-said").queryAs(Labeled.class).getText()).isEqualTo("Written: " + file);
    }

    @Test
    void fitting_threeKeysAndADecision_makeTheNextVersion(FxRobot robot) throws Exception {
        openBlouse(robot);
        robot.press(KeyCode.ALT).type(KeyCode.DIGIT4).release(KeyCode.ALT);
        robot.clickOn("Begin fitting 3");
        assertThat(studio.navigation().standing().get()).isTrue();
        robot.type(KeyCode.ENTER);
        robot.type(KeyCode.L, KeyCode.DIGIT1, KeyCode.DIGIT3);
        Fitting fitting = studio.situation().costume().latestFitting().orElseThrow();
        assertThat(fitting.confirmed()).isTrue();
        Remark remark = fitting.remarks().get(0);
        assertThat(remark.seen()).isEqualTo("side-wide");
        assertThat(remark.amount()).contains(Length.ofInches(0, 3, 8));
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> studio.keeper().state().get().equals("kept"));
        robot.type(KeyCode.ESCAPE);
        int versions = blouse().versions().size();
        robot.clickOn("Make it version " + (versions + 1));
        assertThat(blouse().versions()).hasSize(versions + 1);
        appear(robot, ".ghost", 1);
        robot.press(KeyCode.ALT).type(KeyCode.DIGIT5).release(KeyCode.ALT);
        appear(robot, ".verdict-full", 1);
        appear(robot, ".plate-wash", 5);
    }

    private Remark round(int remark) {
        return studio.situation()
                .costume()
                .latestFitting()
                .orElseThrow()
                .remarks()
                .get(remark);
    }

    @Test
    void fitting_everythingPointedAt_isLargeEnough(FxRobot robot) {
        openBlouse(robot);
        robot.press(KeyCode.ALT).type(KeyCode.DIGIT4).release(KeyCode.ALT);
        robot.clickOn("Stand at fitting 2");
        WaitForAsyncUtils.waitForFxEvents();
        robot.lookup(".zone").queryAll().forEach(zone -> {
            Bounds bounds = zone.getLayoutBounds();
            assertThat(bounds.getWidth()).isGreaterThanOrEqualTo(72);
            assertThat(bounds.getHeight()).isGreaterThanOrEqualTo(56);
        });
        robot.lookup(".hand")
                .queryAll()
                .forEach(key -> assertThat(key.getLayoutBounds().getHeight()).isGreaterThanOrEqualTo(72));
        assertThat(robot.lookup(".zone").queryAll()).hasSizeGreaterThan(17);
        robot.type(KeyCode.F7);
        WaitForAsyncUtils.waitForFxEvents();
        // Front, back, sleeve and collar of either side; every letter is still there, and none covers another.
        assertThat(robot.lookup(".thumb-line").queryAll()).hasSize(8);
        Set<Node> keys = robot.lookup(".zone").queryAll();
        List<Bounds> places = keys.stream().map(Node::getBoundsInParent).toList();
        assertThat(places).hasSizeGreaterThan(17);
        for (int i = 0; i < places.size(); i++) {
            for (int j = i + 1; j < places.size(); j++) {
                assertThat(places.get(i).intersects(places.get(j))).isFalse();
            }
        }
    }

    @Test
    void obstacle_opensThePlaceWhereItIsSettled(FxRobot robot) {
        robot.clickOn("Keeper's daughter at the regatta");
        robot.press(KeyCode.ALT).type(KeyCode.DIGIT3).release(KeyCode.ALT);
        Tappable first = robot.lookup(".obstacle").queryAs(Tappable.class);
        assertThat(first.getAccessibleText()).startsWith("Measured over no shaping layer");
        robot.interact(first::fire);
        assertThat(studio.navigation().place().get()).contains(org.soberhem.core.costume.Stage.TAPE);
    }
}
