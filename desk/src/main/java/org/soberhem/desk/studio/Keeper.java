package org.soberhem.desk.studio;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.soberhem.core.costume.Overview;
import org.soberhem.files.store.Line;
import org.soberhem.files.store.StoreException;
import org.soberhem.files.store.Workspace;

/** Keeps actions in the workspace, in order, off the interface thread, and says when they are durable. */
public final class Keeper implements AutoCloseable {

    private final Workspace workspace;
    private final Executor ui;
    private volatile Thread own;
    private final ExecutorService queue = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "keeper");
        thread.setDaemon(true);
        own = thread;
        return thread;
    });
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper(this, "state", "");
    private final ReadOnlyStringWrapper fault = new ReadOnlyStringWrapper(this, "fault", "");

    /** @param ui runs on the interface thread */
    public Keeper(Workspace workspace, Executor ui) {
        this.workspace = workspace;
        this.ui = ui;
        if (workspace.isReadOnly()) {
            fault.set("This workspace is open in another window: you can look, but nothing will be kept.");
        }
    }

    /** Looks after the workspace once a day, when it has been open for a while: nothing waits for it then. */
    public void careAfter(Duration open) {
        Executor later = CompletableFuture.delayedExecutor(open.toMillis(), TimeUnit.MILLISECONDS, queue);
        later.execute(this::care);
    }

    private void care() {
        try {
            if (workspace.needsBackup()) {
                workspace.sweep();
                workspace.backUp();
            }
        } catch (StoreException broken) {
            ui.execute(() -> fault.set(broken.getMessage()));
        }
    }

    /** "keeping…" while an action waits, "kept" when it is durable. */
    public ReadOnlyStringProperty stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** What went wrong last, in words; empty while all is well. */
    public ReadOnlyStringProperty faultProperty() {
        return fault.getReadOnlyProperty();
    }

    /** Reads every line of a kind; waits for actions still queued. */
    public <T> List<Line<T>> lines(String kind, Class<T> type) {
        return waitFor(() -> workspace.lines(kind, type));
    }

    /** Reads one line; waits for actions still queued. */
    public <T> Line<T> line(String id, Class<T> type) {
        return waitFor(() -> workspace.line(id, type));
    }

    /** Returns the overviews of a kind, by id. */
    public Map<String, Optional<Overview>> overviews(String kind) {
        return waitFor(() -> workspace.overviews(kind));
    }

    /** Queues the overview of a line that stays as it is. */
    public void note(String id, Overview overview) {
        queue.execute(() -> {
            try {
                workspace.note(id, overview);
            } catch (StoreException broken) {
                ui.execute(() -> fault.set(broken.getMessage()));
            }
        });
    }

    /** Takes back or does again the last action of a line; waits for actions still queued. */
    public <T> Line<T> step(String id, Class<T> type, boolean back) {
        return waitFor(() -> back ? workspace.undo(id, type) : workspace.redo(id, type));
    }

    private <R> R waitFor(Callable<R> question) {
        FutureTask<R> answer = new FutureTask<>(question);
        if (Thread.currentThread() == own) {
            // What is asked while a queued action is told of would wait for itself.
            answer.run();
        } else {
            queue.execute(answer);
        }
        try {
            return answer.get();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Interrupted while reading the workspace", stopped);
        } catch (ExecutionException failed) {
            if (failed.getCause() instanceof StoreException broken) {
                throw broken;
            }
            throw new IllegalStateException("The workspace could not be read", failed.getCause());
        }
    }

    /** Queues a value to be kept; {@code done} gets the line as it stands, on the interface thread. */
    public <T> void keep(
            String kind,
            String id,
            T value,
            String action,
            String sentence,
            String inWay,
            Class<T> type,
            Consumer<Line<T>> done) {
        state.set("keeping…");
        queue.execute(() -> {
            try {
                Line<T> line = workspace.keep(kind, id, value, action, sentence, inWay, type);
                ui.execute(() -> {
                    state.set("kept");
                    fault.set("");
                    done.accept(line);
                });
            } catch (StoreException broken) {
                ui.execute(() -> {
                    state.set("not kept");
                    fault.set(broken.getMessage());
                });
            }
        });
    }

    /** Queues a picture to be kept; {@code done} gets its hash when it is durable, on the interface thread. */
    public void attach(byte[] content, Consumer<String> done) {
        state.set("keeping…");
        queue.execute(() -> {
            try {
                String hash = workspace.attach(content);
                ui.execute(() -> done.accept(hash));
            } catch (StoreException broken) {
                ui.execute(() -> {
                    state.set("not kept");
                    fault.set(broken.getMessage());
                });
            }
        });
    }

    /** Keeps a picture and returns its hash; waits until it is durable. */
    public String attached(byte[] content) {
        return waitFor(() -> workspace.attach(content));
    }

    /** Erases lines for good and lets others begin anew; returns the backups that still hold them. */
    public <T> List<Path> erase(Set<String> lines, Map<String, T> anew) {
        return waitFor(() -> workspace.erase(lines, anew));
    }

    /** Does something with the whole workspace, after all that is queued; throws what it throws. */
    public <R> R withWorkspace(Function<Workspace, R> what) {
        return waitFor(() -> what.apply(workspace));
    }

    /** Finds the file of a picture. */
    public Optional<Path> attachment(String hash) {
        return workspace.attachment(hash);
    }

    @Override
    public void close() {
        waitFor(() -> {
            workspace.close();
            return null;
        });
        queue.shutdown();
    }
}
