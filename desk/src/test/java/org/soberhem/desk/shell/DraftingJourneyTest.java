package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.desk.widget.Tappable;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** The walk, the sheet and its scale, what if, the shelf and the editor, through the real window on the demo. */
class DraftingJourneyTest extends DemoJourney {

    private void open(FxRobot robot, String garment) {
        robot.interact(() -> {
            studio.open("keeper-1907");
            studio.current().garment().set(garment);
            studio.navigation().place().set(Optional.of(org.soberhem.core.costume.Stage.DRAFT));
        });
        DemoWindow.appear(robot, "#walk-next");
    }

    private void press(FxRobot robot, String id) {
        DemoWindow.appear(robot, id);
        robot.interact(() -> robot.lookup(id).queryAs(Button.class).fire());
    }

    private static void tap(FxRobot robot, String id) {
        DemoWindow.appear(robot, id);
        robot.interact(() -> robot.lookup(id).queryAs(Tappable.class).fire());
    }

    private void tab(FxRobot robot, String name) {
        robot.interact(
                () -> robot.lookup("#tab-" + name).queryAs(ToggleButton.class).fire());
    }

    private String walk(FxRobot robot) {
        return robot.lookup("#walk").queryAs(Label.class).getText();
    }

    private Garment blouse() {
        return studio.situation().costume().garment("Blouse").orElseThrow();
    }

    private DraftedGarment work() {
        return studio.situation().work("Blouse").orElseThrow();
    }

    @Test
    void walk_drawsStepByStep_forwardBackAndWhole(FxRobot robot) {
        open(robot, "Blouse");
        robot.push(KeyCode.PAGE_DOWN);
        assertThat(walk(robot)).startsWith("front: A: along the base line 3⅝");
        assertThat(robot.lookup(".cut-line").queryAll()).isEmpty();
        for (int i = 0; i < 60 && !walk(robot).startsWith("front: draw the "); i++) {
            robot.push(KeyCode.PAGE_DOWN);
        }
        assertThat(walk(robot)).startsWith("front: draw the ");
        assertThat(robot.lookup(".walked").queryAll()).isNotEmpty();
        String here = walk(robot);
        robot.push(KeyCode.PAGE_DOWN);
        robot.push(KeyCode.PAGE_UP);
        assertThat(walk(robot)).isEqualTo(here);
        robot.push(KeyCode.ESCAPE);
        assertThat(robot.lookup(".cut-line").queryAll()).hasSizeGreaterThan(4);
    }

    @Test
    void whatCannotBeTriedOn_isSaidBesideItsPieces(FxRobot robot) {
        robot.interact(() -> {
            studio.open("secretary-1906");
            studio.current().garment().set("Walking skirt");
            studio.navigation().place().set(Optional.of(org.soberhem.core.costume.Stage.DRAFT));
        });
        DemoWindow.appear(robot, "#walk-next");
        robot.push(KeyCode.F4);
        DemoWindow.appear(robot, "#tried-on");
        assertThat(robot.lookup("#tried-on .label").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(words -> words.startsWith("Nothing of the pattern goes round the trunk"));
        robot.push(KeyCode.F4);
        assertThat(robot.lookup("#tried-on").query().isVisible()).isFalse();
    }

    @Test
    void walk_plays_untilItIsPaused(FxRobot robot) throws TimeoutException {
        open(robot, "Blouse");
        robot.interact(
                () -> robot.lookup("#walk-play").queryAs(ToggleButton.class).fire());
        String first = walk(robot);
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> !walk(robot).equals(first));
        robot.interact(
                () -> robot.lookup("#walk-play").queryAs(ToggleButton.class).fire());
        assertThat(robot.lookup("#walk-play").queryAs(ToggleButton.class).getText())
                .contains("play");
    }

    @Test
    void sheet_tellsWhatOneMeasurementCannotKnow_andTakesMeasuredRulers(FxRobot robot) {
        open(robot, "Blouse");
        tab(robot, "sheet");
        DemoWindow.appear(robot, "#ruler-0-0");
        assertThat(robot.lookup(".label").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(words -> words.startsWith("· At a bust of 34 in the scale draws for a back length of"));
        String[][] rulers = {{"32", "10", "9"}, {"36", "10", "10 1/8"}};
        robot.interact(() -> {
            for (int row = 0; row < rulers.length; row++) {
                for (int column = 0; column < 3; column++) {
                    field(robot, "#ruler-" + row + "-" + column).setText(rulers[row][column]);
                }
            }
        });
        press(robot, "#take-rulers");
        double bust = work().draft().scale().orElseThrow().measured() / 25.4;
        assertThat(work().draft().scale().orElseThrow().unit())
                .isCloseTo(25.4 * (0.9 + (1.0125 - 0.9) * (bust - 32) / 4), within(1e-9));
        assertThat(robot.lookup("#setting-law").queryAs(ChoiceBox.class).getItems())
                .hasSize(3);
        robot.interact(() -> robot.lookup("#setting-law")
                .queryAs(ChoiceBox.class)
                .getSelectionModel()
                .select(1));
        assertThat(work().draft().scale().orElseThrow().unit()).isCloseTo(bust * 25.4 / 36, within(1e-9));
        assertThat(blouse().settings()).containsEntry("law", 1.0);
    }

    @Test
    void rulers_thatDoNotRise_areRefusedBesideThem_andStayAsTyped(FxRobot robot) {
        open(robot, "Blouse");
        tab(robot, "sheet");
        DemoWindow.appear(robot, "#ruler-0-0");
        String before = blouse().sheet();
        robot.interact(() -> {
            field(robot, "#ruler-0-0").setText("36");
            field(robot, "#ruler-0-1").setText("10");
            field(robot, "#ruler-0-2").setText("10");
            field(robot, "#ruler-1-0").setText("32");
            field(robot, "#ruler-1-1").setText("10");
            field(robot, "#ruler-1-2").setText("9");
        });
        press(robot, "#take-rulers");
        assertThat(robot.lookup(".needs").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(words -> words.startsWith("Marks and units must rise"));
        assertThat(field(robot, "#ruler-1-0").getText()).isEqualTo("32");
        assertThat(blouse().sheet()).isEqualTo(before);
    }

    private static TextField field(FxRobot robot, String id) {
        return robot.lookup(id).queryAs(TextField.class);
    }

    @Test
    void whatIf_laysAnotherWearerOverTheDraft_withTheDifferences(FxRobot robot) {
        open(robot, "Blouse");
        tab(robot, "what");
        DemoWindow.appear(robot, "#what-if");
        assertThat(robot.lookup(".ghost").queryAll()).isEmpty();
        robot.interact(() -> robot.lookup("#what-if")
                .queryAs(ChoiceBox.class)
                .getSelectionModel()
                .select(1));
        assertThat(robot.lookup(".ghost").queryAll()).isNotEmpty();
        assertThat(robot.lookup(".what-if-row").queryAll()).hasSizeGreaterThan(5);
        int last = robot.lookup("#what-if").queryAs(ChoiceBox.class).getItems().size() - 1;
        robot.interact(() -> {
            robot.lookup("#what-if")
                    .queryAs(ChoiceBox.class)
                    .getSelectionModel()
                    .select(last);
            field(robot, "#what-if-value").setText("36");
            field(robot, "#what-if-value").getOnAction().handle(null);
        });
        assertThat(robot.lookup(".ghost").queryAll()).isNotEmpty();
        tab(robot, "numbers");
        assertThat(robot.lookup(".ghost").queryAll()).isEmpty();
        assertThat(studio.situation().tried()).isEmpty();
    }

    @Test
    void garment_isAdded_fromTheShelf_toACostume(FxRobot robot) {
        robot.interact(() -> {
            studio.open("girl-1905");
            studio.navigation().place().set(Optional.of(org.soberhem.core.costume.Stage.DRAFT));
        });
        press(robot, "#first-garment");
        DemoWindow.appear(robot, "#sheet-chemise-1910");
        int before = studio.situation().costume().garments().size();
        tap(robot, "#sheet-chemise-1910");
        assertThat(studio.situation().costume().garments()).hasSize(before + 1);
        assertThat(studio.current().garment().get()).isEqualTo("Chemise");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settle();
        assertThat(studio.situation().costume().garments()).hasSize(before);
    }

    @Test
    void shelf_isNarrowedByYearGarmentAndSystem(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.L);
        DemoWindow.appear(robot, "#sheet-blouse-1906");
        robot.interact(() -> field(robot, "#shelf-year").setText("1780"));
        assertThat(robot.lookup("#sheet-blouse-1906").queryAll()).isEmpty();
        assertThat(robot.lookup("#sheet-stays-1780").queryAll()).isNotEmpty();
        robot.interact(() -> {
            field(robot, "#shelf-year").setText("");
            @SuppressWarnings("unchecked")
            ChoiceBox<String> system = robot.lookup("#shelf-system").queryAs(ChoiceBox.class);
            system.setValue("divisions");
        });
        assertThat(robot.lookup("#sheet-bodice-1869").queryAll()).isNotEmpty();
        assertThat(robot.lookup("#sheet-stays-1780").queryAll()).isEmpty();
    }

    @Test
    void editor_copiesAShippedSheet_followsEachChange_andTellsAnErrorAtItsPlace(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.L);
        tap(robot, "#sheet-blouse-1906");
        press(robot, "#copy-sheet");
        DemoWindow.appear(robot, "#cell-B-1");
        assertThat(studio.maker().sheets()).containsOnlyKeys("blouse-1906-2");
        typeInto(robot, "#cell-B-1", "3 1/4");
        assertThat(studio.maker().sheets().get("blouse-1906-2")).contains("B: [0, 3 1/4]");
        assertThat(studio.library().sheetText("blouse-1906").orElseThrow()).contains("B: [0, 3]");
        typeInto(robot, "#cell-B-1", "hip / 4");
        assertThat(robot.lookup("#point-B .needs").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(words -> words.contains("\"hip\" is not known here"));
        assertThat(studio.maker().sheets().get("blouse-1906-2")).contains("B: [0, hip / 4]");
        assertThat(robot.lookup(".sheet-editor .cut-line").queryAll()).isNotEmpty();
        typeInto(robot, "#cell-B-1", "3");
        press(robot, "#add-after-B");
        DemoWindow.appear(robot, "#point-I");
        robot.interact(
                () -> robot.lookup("#editor-text").queryAs(ToggleButton.class).fire());
        TextArea area = robot.lookup("#sheet-area").queryAs(TextArea.class);
        assertThat(area.getText()).contains("      I: [0, 0]\n");
        robot.interact(() -> area.setText(area.getText().replace("title: Blouse", "title: My blouse")));
        press(robot, "#editor-done");
        assertThat(studio.sheets().offered())
                .filteredOn(each -> each.own())
                .singleElement()
                .satisfies(
                        each -> assertThat(each.sheet().sheet().about().title()).startsWith("My blouse"));
    }

    private static void typeInto(FxRobot robot, String id, String text) {
        DemoWindow.appear(robot, id);
        robot.interact(() -> {
            TextField cell = field(robot, id);
            cell.setText(text);
            cell.getOnAction().handle(null);
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void sheet_isWrittenToAFile_andReadBack_evenUnfinished(FxRobot robot) throws IOException {
        robot.push(KeyCode.CONTROL, KeyCode.L);
        tap(robot, "#sheet-chemise-1910");
        press(robot, "#export-sheet");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.file.orElseThrow())
                .hasContent(studio.library().sheetText("chemise-1910").orElseThrow());
        press(robot, "#import-sheet");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(studio.maker().sheets()).containsOnlyKeys("chemise-1910-2");
        Files.writeString(window.file.orElseThrow(), "draft: broken\ntitle: [");
        press(robot, "#import-sheet");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(studio.maker().sheets()).hasSize(2);
        DemoWindow.appear(robot, ".needs");
        assertThat(robot.lookup(".needs").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(words -> words.endsWith("cannot be drawn yet"));
    }

    @Test
    void garmentsOwnSheet_isChanged_andTheShippedOneStays(FxRobot robot) {
        open(robot, "Blouse");
        tab(robot, "sheet");
        press(robot, "#change-sheet");
        typeInto(robot, "#cell-B-1", "3 1/4");
        press(robot, "#editor-done");
        assertThat(blouse().sheet()).contains("B: [0, 3 1/4]");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settle();
        assertThat(blouse().sheet()).contains("B: [0, 3]");
    }

    @Test
    void overlays_goWithTheirCostume_andWhatWasTypedIsKeptInIt(FxRobot robot) {
        open(robot, "Blouse");
        tab(robot, "sheet");
        press(robot, "#change-sheet");
        robot.interact(
                () -> robot.lookup("#editor-text").queryAs(ToggleButton.class).fire());
        TextArea area = robot.lookup("#sheet-area").queryAs(TextArea.class);
        robot.interact(() -> area.setText(area.getText().replace("title: Blouse", "title: My blouse")));
        robot.interact(() -> studio.open("secretary-1906"));
        assertThat(robot.lookup("#editor-done")
                        .queryAs(Button.class)
                        .getParent()
                        .getParent()
                        .isVisible())
                .isFalse();
        assertThat(studio.situation().costume().id()).isEqualTo("secretary-1906");
        assertThat(blouse().sheet()).doesNotContain("My blouse");
        robot.interact(() -> studio.open("keeper-1907"));
        assertThat(blouse().sheet()).contains("title: My blouse");
        press(robot, "#add-garment");
        DemoWindow.appear(robot, "#sheet-chemise-1910");
        robot.interact(() -> studio.open("girl-1905"));
        DemoWindow.appear(robot, "#first-garment");
    }

    @Test
    void print_writesTheDraftingCardAndTheRuler(FxRobot robot) {
        open(robot, "Blouse");
        tab(robot, "print");
        press(robot, "#export-card");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.file.orElseThrow()).isNotEmptyFile();
        press(robot, "#export-ruler");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.file.orElseThrow().getFileName().toString()).endsWith("ruler.pdf");
        assertThat(window.file.orElseThrow()).isNotEmptyFile();
    }
}
