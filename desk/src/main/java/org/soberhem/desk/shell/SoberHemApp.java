package org.soberhem.desk.shell;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.ForkJoinPool;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import org.soberhem.desk.demo.Demo;
import org.soberhem.desk.draft.PrintPanel;
import org.soberhem.desk.studio.Keeper;
import org.soberhem.desk.studio.Studio;
import org.soberhem.files.library.Library;
import org.soberhem.files.store.StoreException;
import org.soberhem.files.store.Workspace;

/** The application's window. Parameters: {@code --demo}, or {@code --workspace=FOLDER}. */
public final class SoberHemApp extends Application {

    /** The date the demo plays on, so that its pictures do not change from day to day. */
    public static final LocalDate DEMO_DAY = LocalDate.of(2026, 5, 14);

    public static final int WIDTH = 1280;
    public static final int HEIGHT = 800;

    private Studio studio;

    @Override
    public void start(Stage stage) {
        try {
            boolean demo = getParameters().getUnnamed().contains("--demo");
            studio = demo
                    ? demoStudio(Platform::runLater)
                    : ownStudio(getParameters().getNamed().get("workspace"));
        } catch (StoreException refused) {
            stage.setScene(scene(new Refusal(refused.getMessage())));
            stage.setTitle("Sober Hem");
            stage.show();
            return;
        }
        PrintPanel print =
                new PrintPanel(studio, name -> askWhere(stage, name), ForkJoinPool.commonPool(), Platform::runLater);
        stage.setScene(scene(new MainView(studio, print)));
        stage.setTitle("Sober Hem");
        stage.show();
    }

    private static Optional<Path> askWhere(Stage stage, String name) {
        FileChooser chooser = new FileChooser();
        chooser.setInitialFileName(name);
        return Optional.ofNullable(chooser.showSaveDialog(stage)).map(File::toPath);
    }

    static Scene scene(Parent root) {
        Scene scene = new Scene(root, WIDTH, HEIGHT);
        Theme.dress(scene);
        return scene;
    }

    private static Studio ownStudio(String folder) {
        Path home = folder == null ? Path.of(System.getProperty("user.home"), ".sober-hem") : Path.of(folder);
        Clock clock = Clock.systemDefaultZone();
        return new Studio(Library.shipped(), new Keeper(Workspace.open(home, clock), Platform::runLater), clock);
    }

    /**
     * Makes a studio on a fresh demo workspace in a temporary folder.
     *
     * @param ui runs on the interface thread
     */
    public static Studio demoStudio(Executor ui) {
        try {
            Path folder = Files.createTempDirectory("sober-hem-demo");
            folder.toFile().deleteOnExit();
            Clock clock = Clock.fixed(DEMO_DAY.atTime(9, 30).toInstant(ZoneOffset.UTC), ZoneOffset.UTC);
            Workspace workspace = Workspace.open(folder, clock);
            Library library = Library.shipped();
            Demo.fill(workspace, library, DEMO_DAY);
            return new Studio(library, new Keeper(workspace, ui), clock);
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot make a temporary folder for the demo", broken);
        }
    }

    @Override
    public void stop() {
        if (studio != null) {
            studio.keeper().close();
        }
    }
}
