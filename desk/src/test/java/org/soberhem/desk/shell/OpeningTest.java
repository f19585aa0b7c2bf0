package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.soberhem.core.body.Wearer;
import org.soberhem.desk.rail.RailView;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.files.store.Workspace;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Demo;
import org.soberhem.studio.demo.Studios;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** A workspace that cannot be opened, or not for writing, is told in the window, in words, and is not touched. */
@ExtendWith(ApplicationExtension.class)
class OpeningTest {

    private Path folder;
    private Stage stage;
    private Optional<Studio> opened = Optional.empty();

    @Start
    void start(Stage given) throws IOException {
        stage = given;
        folder = Files.createTempDirectory("opening");
    }

    private void open(FxRobot robot) {
        robot.interact(() -> {
            SoberHemApp.begin(new StartOptions(false, Optional.of(folder)));
            SoberHemApp.show(stage, studio -> opened = Optional.of(studio));
        });
    }

    private static void waitForWords(FxRobot robot, String words) throws Exception {
        WaitForAsyncUtils.waitFor(
                20,
                TimeUnit.SECONDS,
                () -> robot.lookup((Labeled label) ->
                                label.isVisible() && label.getText().contains(words))
                        .tryQuery()
                        .isPresent());
    }

    @Test
    void damagedWorkspace_isRefusedWithWhatToDo(FxRobot robot) throws Exception {
        Files.writeString(folder.resolve("workspace.db"), "this was once a workspace ".repeat(20));
        open(robot);
        waitForWords(robot, "is damaged and was not touched");
        assertThat(robot.lookup("The workspace cannot be opened").tryQuery()).isPresent();
        assertThat(opened).isEmpty();
        assertThat(Files.readString(folder.resolve("workspace.db"))).startsWith("this was once");
    }

    @Test
    void newerWorkspace_isRefusedUntouched(FxRobot robot) throws Exception {
        Workspace.open(folder, Clock.systemUTC()).close();
        Path database = folder.resolve("workspace.db");
        byte[] bytes = Files.readAllBytes(database);
        // The schema's number stands at byte 60 of the header (SQLite file format).
        bytes[63] = 99;
        Files.write(database, bytes);
        open(robot);
        waitForWords(robot, "was made by a newer Sober Hem");
        assertThat(Files.readAllBytes(database)).isEqualTo(bytes);
    }

    /** With many costumes the window answers before the last of them is worked out. */
    @Test
    void rail_worksOutWhatIsSeenFirst_andTheOthersAfterwards(FxRobot robot) throws Exception {
        Studio studio = Studios.demo(folder, Platform::runLater);
        RailView rail = new RailView(
                studio,
                new FileDesk(name -> Optional.empty(), Optional::empty, Runnable::run, Platform::runLater),
                situation -> {});
        robot.interact(() -> {
            stage.setScene(SoberHemApp.scene(rail));
            stage.show();
            rail.refresh();
            assertThat(rail.lookupAll(".costume-card")).hasSize(4);
        });
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> rail.lookupAll(".costume-card").size() == 10);
        robot.interact(() -> {
            rail.refresh();
            assertThat(rail.lookupAll(".costume-card")).hasSize(10);
        });
        studio.keeper().close();
    }

    @Test
    void workspaceOpenElsewhere_canBeLookedAt_andSaysThatNothingIsKept(FxRobot robot) throws Exception {
        try (Workspace elsewhere = Workspace.open(folder, Clock.systemUTC())) {
            Demo.fill(elsewhere, Studios.LIBRARY, LocalDate.of(2026, 5, 14));
            open(robot);
            waitForWords(robot, "you can look, but nothing will be kept");
            WaitForAsyncUtils.waitFor(
                    10,
                    TimeUnit.SECONDS,
                    () -> robot.lookup(".costume-card").queryAll().size() == 10);
            robot.clickOn("Postmistress on her round");
            TextField field =
                    robot.lookup("#reading-waist-to-floor-back-middle-0").queryAs(TextField.class);
            robot.interact(() -> {
                field.setText("40 1/2");
                field.getOnAction().handle(null);
            });
            waitForWords(robot, "nothing can be kept here");
            assertThat(elsewhere.lines("wearer", Wearer.class))
                    .filteredOn(line -> line.id().equals("wiebke"))
                    .singleElement()
                    .satisfies(line -> assertThat(line.undoable()).isFalse());
            robot.interact(() -> opened.orElseThrow().keeper().close());
        }
    }

    @Test
    void emptyWorkspace_saysHowToBegin(FxRobot robot) throws Exception {
        open(robot);
        waitForWords(robot, "There is no costume yet. Begin one with Ctrl+N");
        robot.press(KeyCode.CONTROL).type(KeyCode.N).release(KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#new-title").query().isFocused()).isTrue();
        robot.interact(() -> opened.orElseThrow().keeper().close());
    }
}
