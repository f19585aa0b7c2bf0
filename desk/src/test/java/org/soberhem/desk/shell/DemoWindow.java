package org.soberhem.desk.shell;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Studios;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** The real window on a fresh demo; files go into its own folder, and the file at hand is the one that is read. */
final class DemoWindow {

    final Path folder;
    final Studio studio;

    /** The file written last, or given to be read. */
    Optional<Path> file = Optional.empty();

    private DemoWindow(Path folder) {
        this.folder = folder;
        studio = Studios.demo(folder, Platform::runLater);
    }

    static DemoWindow open(Stage stage) {
        DemoWindow window = new DemoWindow(folder());
        FileDesk files = new FileDesk(
                name -> {
                    window.file = Optional.of(window.folder.resolve(name));
                    return window.file;
                },
                () -> window.file,
                Runnable::run,
                Platform::runLater);
        stage.setScene(SoberHemApp.scene(new MainView(window.studio, files)));
        stage.show();
        return window;
    }

    private static Path folder() {
        try {
            return Files.createTempDirectory("window");
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Waits until something of the window is there and laid out. */
    static void appear(FxRobot robot, String query) {
        try {
            WaitForAsyncUtils.waitFor(
                    10, TimeUnit.SECONDS, () -> !robot.lookup(query).queryAll().isEmpty());
        } catch (TimeoutException never) {
            throw new AssertionError(query + " never appeared", never);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Waits until everything that was queued is done and shown. */
    void settle() {
        WaitForAsyncUtils.waitForFxEvents();
        studio.keeper().settled().join();
        WaitForAsyncUtils.waitForFxEvents();
    }

    void close() throws IOException {
        studio.keeper().close();
        try (var files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(each -> each.toFile().delete());
        }
    }
}
