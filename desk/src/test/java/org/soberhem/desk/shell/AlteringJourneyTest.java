package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration.Together;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.alter.kind.WidenPiece;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.judging.Target;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.files.print.PaperSize;
import org.soberhem.studio.AlterationCommands;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** Altering, walking seams, versions and paper, through the real window on the demo. */
class AlteringJourneyTest extends DemoJourney {

    private void open(FxRobot robot, String costume, String garment, String tab) {
        robot.interact(() -> {
            studio.open(costume);
            studio.current().garment().set(garment);
            studio.navigation().place().set(Optional.of(org.soberhem.core.costume.Stage.DRAFT));
        });
        DemoWindow.appear(robot, "#tab-" + tab);
        robot.interact(
                () -> robot.lookup("#tab-" + tab).queryAs(ToggleButton.class).setSelected(true));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void find(FxRobot robot, String words) {
        robot.interact(
                () -> robot.lookup("#alter-find").queryAs(TextField.class).setText(words));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void type(FxRobot robot, String field, String typed) {
        robot.interact(() -> robot.lookup(field).queryAs(TextField.class).setText(typed));
    }

    private static void enter(FxRobot robot, String field, String typed) {
        robot.interact(() -> {
            TextField text = robot.lookup(field).queryAs(TextField.class);
            text.setText(typed);
            text.getOnAction().handle(null);
        });
    }

    private static void press(FxRobot robot, String button) {
        DemoWindow.appear(robot, button);
        robot.interact(() -> robot.lookup(button).queryAs(Button.class).fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static String words(FxRobot robot) {
        return robot.lookup((Labeled label) -> label.getText() != null).queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .collect(Collectors.joining("\n"));
    }

    private Garment garment(String name) {
        return studio.situation().costume().garment(name).orElseThrow();
    }

    private List<SeamCheck> seams(String name) {
        return studio.situation().work(name).orElseThrow().seams();
    }

    @Test
    void everyAlteration_isFoundByItsName_andShownWithItsQuestions(FxRobot robot) {
        open(robot, "secretary-1906", "Blouse", "alter");
        for (AlterationKind kind : studio.library().alterations()) {
            find(robot, kind.name());
            robot.interact(() -> {
                @SuppressWarnings("unchecked")
                ListView<AlterationKind> list = robot.lookup("#alter-kinds").queryAs(ListView.class);
                list.getSelectionModel().select(kind);
            });
            for (AlterationKind.Ask ask : kind.asks()) {
                assertThat(robot.lookup("#alter-" + ask.name()).tryQuery())
                        .as(kind.id() + " asks " + ask.name())
                        .isPresent();
            }
            robot.interact(
                    () -> robot.lookup("#alter-usual").queryAs(Button.class).fire());
        }
        assertThat(garment("Blouse").alterations()).hasSize(2);
    }

    @Test
    void tornSeam_isRefused_andMadeWithItsCompletingOne(FxRobot robot) {
        open(robot, "visit-1869", "Bodice", "alter");
        find(robot, "Move a point");
        robot.interact(() -> {
            @SuppressWarnings("unchecked")
            ChoiceBox<Object> point = robot.lookup("#alter-point").queryAs(ChoiceBox.class);
            point.setValue(EdgeRef.parse("front.W"));
        });
        type(robot, "#alter-down", "3/8");
        assertThat(words(robot)).contains("no longer meet: make the other edge true with it");
        assertThat(robot.lookup("#alter-make").queryAs(Button.class).isDisabled())
                .isTrue();
        press(robot, "#alter-complete");
        assertThat(garment("Bodice").alterations()).singleElement().isInstanceOf(Together.class);
        assertThat(seams("Bodice")).allMatch(SeamCheck::isTrue);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        window.settle();
        assertThat(garment("Bodice").alterations()).isEmpty();
    }

    @Test
    void madeOnOneSide_isDoneOnTheOther_changed_copied_andTakenOut(FxRobot robot) {
        open(robot, "visit-1869", "Bodice", "alter");
        find(robot, "Take in or let out a seam");
        robot.interact(() -> {
            @SuppressWarnings("unchecked")
            ChoiceBox<Sides> sides = robot.lookup("#alter-sides").queryAs(ChoiceBox.class);
            sides.setValue(Sides.LEFT);
        });
        type(robot, "#alter-atTop", "1/4");
        type(robot, "#alter-atBottom", "1/4");
        press(robot, "#alter-make");
        TakeInSeam left = (TakeInSeam) garment("Bodice").alterations().get(0);
        assertThat(left.sides()).isEqualTo(Sides.LEFT);
        press(robot, "#made-same-0");
        assertThat(garment("Bodice").alterations()).containsExactly(left, left.on(Sides.RIGHT));

        press(robot, "#made-change-1");
        type(robot, "#alter-atTop", "3/8");
        assertThat(robot.lookup("#alter-make").queryAs(Button.class).getText()).isEqualTo("Change this alteration");
        press(robot, "#alter-make");
        assertThat(((TakeInSeam) garment("Bodice").alterations().get(1)).atTop())
                .isEqualTo(9.525);

        press(robot, "#made-copy-0");
        press(robot, "#alter-paste");
        assertThat(garment("Bodice").alterations()).hasSize(3);
        press(robot, "#made-take-1");
        assertThat(garment("Bodice").alterations()).containsExactly(left, left);
    }

    @Test
    void twoPieceSleeve_isDrawnBeforeItIsMade_andPrinted(FxRobot robot) {
        open(robot, "secretary-1906", "Blouse", "alter");
        find(robot, "two-piece");
        press(robot, "#alter-usual");
        assertThat(robot.lookup(".piece-name").queryAll().stream().map(node -> ((Text) node).getText()))
                .anyMatch(name -> name.startsWith("sleeve/under"));
        press(robot, "#alter-make");
        assertThat(studio.situation().work("Blouse").orElseThrow().pattern().names())
                .contains("sleeve/under");
        open(robot, "secretary-1906", "Blouse", "print");
        robot.interact(
                () -> robot.lookup("#print-piece-front").queryAs(CheckBox.class).setSelected(false));
        press(robot, "#export-dxf");
        assertThat(window.file.orElseThrow()).exists().content().contains("AC1009");
        press(robot, "#export-pdf");
        assertThat(window.file.orElseThrow()).exists();
    }

    @Test
    void alterationWhosePlaceIsGone_standsInTheWay_andOpensWhereItIsSettled(FxRobot robot) {
        open(robot, "visit-1869", "Bodice", "alter");
        robot.interact(() -> {
            var desk = new AlterationCommands(studio);
            desk.make(new TakeInSeam(EdgeRef.parse("front.gone"), 5, 5, Sides.BOTH));
        });
        var obstacle = studio.situation().inTheWay().stream()
                .filter(each -> each.target().equals(new Target.MadeAlteration(0)))
                .findFirst()
                .orElseThrow();
        assertThat(obstacle.sentence().in(LengthFormat.INCH_EIGHTHS)).contains("choose another seam");
        assertThat(words(robot)).contains("✗ not made:");
        robot.interact(() -> studio.navigation().settle(obstacle));
        assertThat(robot.lookup("#alter-make").queryAs(Button.class).getText()).isEqualTo("Change this alteration");
    }

    @Test
    void seam_isWalked_andTrued(FxRobot robot) {
        open(robot, "visit-1869", "Bodice", "checks");
        press(robot, "#walk-2");
        Slider slider = robot.lookup("#seam-slider").queryAs(Slider.class);
        robot.interact(() -> slider.setValue(0.5));
        assertThat(words(robot))
                .contains("it runs on smoothly")
                .contains("the end")
                .as("the maker's unit")
                .doesNotContain("0.0 mm");
        robot.interact(
                () -> robot.lookup("#seam-play").queryAs(ToggleButton.class).setSelected(true));
        try {
            WaitForAsyncUtils.waitFor(8, TimeUnit.SECONDS, () -> slider.getValue() > 0.55);
        } catch (TimeoutException stands) {
            throw new AssertionError("the walk does not go on", stands);
        }
        robot.interact(() -> new AlterationCommands(studio).make(new WidenPiece("sleeve", 0, 1, 30, 30, Sides.BOTH)));
        assertThat(seams("Bodice")).anyMatch(check -> !check.isTrue());
        int cap = 0;
        for (SeamCheck check : seams("Bodice")) {
            cap++;
            if (!check.isTrue()) {
                break;
            }
        }
        press(robot, "#walk-" + cap);
        press(robot, "#true-sleeve");
        assertThat(seams("Bodice")).allMatch(SeamCheck::isTrue);
        press(robot, "#seam-close");
        assertThat(robot.lookup("#seam-slider")
                        .queryAs(Slider.class)
                        .getParent()
                        .getParent()
                        .getParent()
                        .isVisible())
                .isFalse();
    }

    @Test
    void versions_areNamed_goneOnFrom_compared_andUsedElsewhere(FxRobot robot) {
        open(robot, "secretary-1906", "Blouse", "alter");
        assertThat(words(robot))
                .contains("Version 1")
                .contains("worn at fitting 1 over")
                .contains("on paper: a lower shoulder");
        press(robot, "#version-on-1");
        assertThat(studio.situation().judgement().versionWords(garment("Blouse")))
                .isEqualTo("version 1");
        enter(robot, "#version-why", "second thoughts");
        assertThat(garment("Blouse").latest().orElseThrow())
                .satisfies(version -> assertThat(version.after()).isEqualTo(1))
                .satisfies(version -> assertThat(version.why()).isEqualTo("second thoughts"))
                .satisfies(version -> assertThat(version.finished()).isPresent());
        robot.interact(() -> {
            ChoiceBox<?> one = robot.lookup("#version-one").queryAs(ChoiceBox.class);
            one.getSelectionModel().select(2);
        });
        assertThat(words(robot)).contains("less by");
        robot.interact(() -> robot.lookup("#version-branch-2")
                .queryAs(MenuButton.class)
                .getItems()
                .get(0)
                .fire());
        assertThat(studio.histories().allCostumes())
                .anyMatch(costume -> costume.garments().stream()
                        .anyMatch(each -> each.origin().equals("from Harbour office secretary, Blouse, version 2")));
    }

    @Test
    void squareThatMeasured_isKept_andAWrongOneIsRefused(FxRobot robot) {
        open(robot, "secretary-1906", "Blouse", "print");
        enter(robot, "#print-square", "98 mm");
        assertThat(studio.maker().square()).isEqualTo(98);
        enter(robot, "#print-square", "6 cm");
        assertThat(robot.lookup("#print-fault").queryAs(Label.class).getText()).contains("without fitting to the page");
        assertThat(studio.maker().square()).isEqualTo(98);
        robot.interact(() -> {
            @SuppressWarnings("unchecked")
            ChoiceBox<PaperSize> paper = robot.lookup("#print-paper").queryAs(ChoiceBox.class);
            paper.setValue(paper.getItems().get(paper.getItems().size() - 1));
        });
        enter(robot, "#print-roll", "3 cm");
        assertThat(robot.lookup("#print-fault").queryAs(Label.class).getText()).contains("200 mm to 2000 mm");
        assertThat(robot.lookup("#export-pdf").queryAs(Button.class).isDisabled())
                .isTrue();
    }

    @Test
    void drawing_isReadAsATracing_thatIsKeptAsASheet(FxRobot robot) throws IOException {
        robot.interact(() -> studio.navigation().shelf().set(true));
        DemoWindow.appear(robot, "#import-sheet");
        window.file = Optional.of(Files.writeString(
                window.folder.resolve("apron.svg"),
                "<svg xmlns='http://www.w3.org/2000/svg' width='600mm' viewBox='0 0 600 700'>"
                        + "<path class='apron' d='M0 0H500V600Q250 700 0 600Z'/></svg>"));
        press(robot, "#import-sheet");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(studio.maker().tracings()).containsKey("apron");
        DemoWindow.appear(robot, "#trace-scaled");
        robot.interact(
                () -> robot.lookup("#trace-scaled").queryAs(ToggleButton.class).fire());
        DemoWindow.appear(robot, "#keep-sheet");
        press(robot, "#keep-sheet");
        assertThat(studio.sheets().offered()).anyMatch(sheet -> sheet.id().equals("apron"));
    }
}
