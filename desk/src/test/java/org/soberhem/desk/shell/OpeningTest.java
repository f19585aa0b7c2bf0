package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Labeled;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** A workspace that cannot be opened is told in the window, in words, and is not touched. */
@ExtendWith(ApplicationExtension.class)
class OpeningTest {

    private Path folder;
    private boolean opened;

    @Start
    void start(Stage stage) throws IOException {
        folder = Files.createTempDirectory("damaged");
        Files.writeString(folder.resolve("workspace.db"), "this was once a workspace ".repeat(20));
        SoberHemApp.begin(List.of("--workspace=" + folder));
        SoberHemApp.show(stage, studio -> opened = true);
    }

    @Test
    void damagedWorkspace_isRefusedWithWhatToDo(FxRobot robot) throws Exception {
        WaitForAsyncUtils.waitFor(
                20,
                TimeUnit.SECONDS,
                () -> robot.lookup((Labeled label) -> label.getText().contains("is damaged and was not touched"))
                        .tryQuery()
                        .isPresent());
        assertThat(robot.lookup("The workspace cannot be opened").tryQuery()).isPresent();
        assertThat(opened).isFalse();
        assertThat(Files.readString(folder.resolve("workspace.db"))).startsWith("this was once");
    }
}
