package org.soberhem.desk.shell;

import java.io.File;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;
import org.soberhem.files.store.StoreException;
import org.soberhem.files.store.Workspace;
import org.soberhem.library.Library;
import org.soberhem.library.input.Failure;
import org.soberhem.studio.Keeper;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.DemoStudio;

/** The application's window. Parameters: {@code --demo}, or {@code --workspace=FOLDER}. */
public final class SoberHemApp extends Application {

    /** So long after the start the workspace is looked after. */
    private static final Duration QUIET = Duration.ofSeconds(30);

    public static final int WIDTH = 1280;
    public static final int HEIGHT = 800;

    private static CompletableFuture<Studio> opening;

    private Optional<Studio> studio = Optional.empty();

    /** Begins to open the workspace, so that it is read while the window comes up. */
    public static void begin(StartOptions start) {
        opening = CompletableFuture.supplyAsync(
                () -> start.demo() ? DemoStudio.live(Platform::runLater) : ownStudio(start.workspace()), task -> {
                    Thread thread = new Thread(task, "opening");
                    thread.setDaemon(true);
                    thread.start();
                });
    }

    @Override
    public void start(Stage stage) {
        show(stage, opened -> studio = Optional.of(opened));
    }

    /**
     * Shows the window, and the rail in it when the workspace is open.
     *
     * @param opened gets the studio once the rail is there
     */
    static void show(Stage stage, Consumer<Studio> opened) {
        Scene scene = scene(new StackPane(Parts.label("Opening the workspace …", "title")));
        stage.setScene(scene);
        stage.setTitle("Sober Hem");
        stage.show();
        opening.whenCompleteAsync(
                (studio, failure) -> {
                    if (failure != null) {
                        scene.setRoot(new WorkspaceRefusal(Failure.sentence(failure)));
                        return;
                    }
                    FileDesk files = new FileDesk(
                            name -> askWhere(stage, name),
                            () -> askWhich(stage),
                            ForkJoinPool.commonPool(),
                            Platform::runLater);
                    studio.figures().workIn(thread("drawing"), Platform::runLater);
                    studio.trials().workIn(thread("trying on"), Platform::runLater);
                    MainView view = new MainView(studio, files);
                    scene.setRoot(view);
                    stage.setOnHidden(event -> view.close());
                    Thread.currentThread()
                            .setUncaughtExceptionHandler((thread, unforeseen) ->
                                    studio.done().set(studio.keeper().logged("At the interface", unforeseen)));
                    askBeforeLosing(stage, studio.keeper());
                    opened.accept(studio);
                },
                Platform::runLater);
    }

    private static Executor thread(String name) {
        return Executors.newSingleThreadExecutor(task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    /** What is not kept would be gone with the window: it closes only when that was said once. */
    private static void askBeforeLosing(Stage stage, Keeper keeper) {
        AtomicBoolean said = new AtomicBoolean();
        stage.setOnCloseRequest(event -> {
            if (keeper.isHolding() && !said.getAndSet(true)) {
                event.consume();
                keeper.warn("Close the window again to leave without it");
            }
        });
    }

    private static Optional<Path> askWhere(Stage stage, String name) {
        FileChooser chooser = new FileChooser();
        chooser.setInitialFileName(name);
        return Optional.ofNullable(chooser.showSaveDialog(stage)).map(File::toPath);
    }

    private static Optional<Path> askWhich(Stage stage) {
        return Optional.ofNullable(new FileChooser().showOpenDialog(stage)).map(File::toPath);
    }

    static Scene scene(Parent root) {
        Scene scene = new Scene(root, WIDTH, HEIGHT);
        Theme.dress(scene);
        return scene;
    }

    private static Studio ownStudio(Optional<Path> folder) {
        Path home = folder.orElseGet(() -> Path.of(System.getProperty("user.home"), ".sober-hem"));
        Clock clock = Clock.systemDefaultZone();
        Workspace workspace = Workspace.open(home, clock);
        Keeper keeper = Keeper.inBackground(workspace, Platform::runLater);
        keeper.careAfter(QUIET);
        return new Studio(Library.shipped(), keeper, clock);
    }

    @Override
    public void stop() {
        studio.ifPresent(opened -> {
            opened.histories().endWork(opened.now());
            try {
                opened.keeper().close();
            } catch (StoreException notKept) {
                System.err.println("sober-hem: " + notKept.getMessage());
            }
        });
    }
}
