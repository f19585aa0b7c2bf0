package org.soberhem.studio;

import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import org.soberhem.core.report.Overview;
import org.soberhem.files.store.Action;
import org.soberhem.files.store.HistoryLine;
import org.soberhem.files.store.StoreException;
import org.soberhem.files.store.Workspace;
import org.soberhem.library.input.Failure;

/**
 * Keeps actions in the workspace, in order, off the interface thread, and says when they are durable. An action that
 * cannot be kept is held with all later ones of its line, and tried again until it can be: nothing is written past it.
 * Reading does not wait for what is queued.
 */
public final class Keeper implements AutoCloseable {

    private static final Duration AGAIN = Duration.ofSeconds(3);
    private static final Duration CLOSING = Duration.ofSeconds(20);
    /** The state while something is held back. */
    public static final String NOT_KEPT = "not kept";

    /**
     * Something to be done at a line.
     *
     * @param doing returns what is then told on the interface thread
     */
    private record Waiting(String line, String sentence, Supplier<Runnable> doing) {}

    private final Workspace workspace;
    private final Executor ui;
    private final Executor queue;
    private final Executor care;
    private final List<ExecutorService> threads;

    /** What is held back, by line; only the queue touches it. */
    private final Map<String, Deque<Waiting>> held = new LinkedHashMap<>();

    /** The newest value of each line that is not durable yet. */
    private final Map<String, HistoryLine<?>> pending = new ConcurrentHashMap<>();

    private final Observed<String> state = new Observed<>("");
    private final Observed<String> fault = new Observed<>("");
    private volatile boolean holding;

    private Keeper(Workspace workspace, Executor ui, Executor queue, Executor care, List<ExecutorService> threads) {
        this.workspace = workspace;
        this.ui = ui;
        this.queue = queue;
        this.care = care;
        this.threads = threads;
        if (workspace.isReadOnly()) {
            fault.set("This workspace is open in another window: you can look, but nothing will be kept.");
        }
    }

    /** @param ui runs on the interface thread */
    public static Keeper inBackground(Workspace workspace, Executor ui) {
        ExecutorService queue = thread("keeper");
        ExecutorService care = thread("workspace-care");
        return new Keeper(workspace, ui, queue, care, List.of(queue, care));
    }

    /** Returns a keeper that does everything at once where it is asked: for commands, which have no interface. */
    public static Keeper atOnce(Workspace workspace) {
        return new Keeper(workspace, Runnable::run, Runnable::run, Runnable::run, List.of());
    }

    private static ExecutorService thread(String name) {
        return Executors.newSingleThreadExecutor(task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    /** Looks after the workspace once a day, when it has been open for a while: nothing waits for it then. */
    public void careAfter(Duration open) {
        CompletableFuture.delayedExecutor(open.toMillis(), TimeUnit.MILLISECONDS, care)
                .execute(() -> {
                    try {
                        workspace.finishErasing();
                        if (workspace.needsBackup()) {
                            workspace.backUp();
                            workspace.sweep();
                        }
                    } catch (RuntimeException | Error broken) {
                        workspace.log("Looking after the workspace", broken);
                        tell(() -> fault.set(Failure.sentence(broken)));
                    }
                });
    }

    private void tell(Runnable what) {
        ui.execute(what);
    }

    /** "keeping…" while an action waits, "kept" when it is durable, "not kept" while one is held back. */
    public Observed<String> state() {
        return state;
    }

    /** What went wrong last, in words; empty while all is well. */
    public Observed<String> fault() {
        return fault;
    }

    /** Says whether something was done that is not kept and waits for its cause to go. */
    public boolean isHolding() {
        return holding;
    }

    /** Adds words to what is told of what is not kept; on the interface thread. */
    public void warn(String words) {
        fault.set(fault.get() + " " + words + ".");
    }

    /** Reads every line of a kind as it is kept. */
    public <T> List<HistoryLine<T>> lines(String kind, Class<T> type) {
        return workspace.lines(kind, type);
    }

    /** Returns one line as it is: the value that is still to be kept, or the kept one. */
    public <T> HistoryLine<T> line(String id, Class<T> type) {
        HistoryLine<?> newer = pending.get(id);
        return newer != null && type.isInstance(newer.value())
                ? new HistoryLine<>(id, type.cast(newer.value()), newer.done(), newer.undoable(), newer.redo())
                : workspace.line(id, type);
    }

    /** Returns the overviews of a kind, by id. */
    public Map<String, Optional<Overview>> overviews(String kind) {
        return workspace.overviews(kind);
    }

    /** Queues the overview of a line that stays as it is. */
    public void note(String id, Overview overview) {
        queue.execute(() -> {
            try {
                workspace.note(id, overview);
            } catch (RuntimeException | Error broken) {
                // It is made anew when the workspace is opened next.
                workspace.log("Noting what is known of a line", broken);
            }
        });
    }

    /**
     * Queues taking back, or doing again, the last action of a line.
     *
     * @param then gets the line as it then stands, on the interface thread
     * @param said gets why nothing was taken back, in words
     */
    public <T> void step(String id, Class<T> type, boolean back, Consumer<HistoryLine<T>> then, Consumer<String> said) {
        queue.execute(() -> {
            release(id);
            if (held.containsKey(id)) {
                tell(() -> said.accept("Nothing can be taken back while something is not kept: " + fault.get()));
                return;
            }
            try {
                HistoryLine<T> line = back ? workspace.undo(id, type) : workspace.redo(id, type);
                tell(() -> then.accept(line));
            } catch (RuntimeException | Error broken) {
                workspace.log("Taking back or doing again", broken);
                tell(() -> said.accept(Failure.sentence(broken)));
            }
        });
    }

    /** Queues a value to be kept; {@code done} gets the line as it stands, on the interface thread. */
    public <T> void keep(String kind, String id, T value, Action action, Class<T> type, Consumer<HistoryLine<T>> done) {
        HistoryLine<T> newer = new HistoryLine<>(id, value, action.sentence(), true, "");
        pending.put(id, newer);
        state.set("keeping…");
        queue.execute(() -> run(new Waiting(id, action.sentence(), () -> {
            HistoryLine<T> line = workspace.keep(kind, id, value, action, type);
            pending.remove(id, newer);
            return () -> done.accept(line);
        })));
    }

    private void run(Waiting waiting) {
        Deque<Waiting> before = held.get(waiting.line());
        if (before != null) {
            before.add(waiting);
            release(waiting.line());
        } else if (!done(waiting) && !workspace.isReadOnly()) {
            held.put(waiting.line(), new ArrayDeque<>(List.of(waiting)));
            holding = true;
            again();
        }
    }

    /** Does something; false, and told why, if it cannot be done. */
    private boolean done(Waiting waiting) {
        try {
            Runnable told = waiting.doing().get();
            boolean last = held.isEmpty()
                    || held.size() == 1
                            && held.containsKey(waiting.line())
                            && held.get(waiting.line()).size() == 1;
            tell(() -> {
                state.set(last ? "kept" : NOT_KEPT);
                if (last) {
                    fault.set("");
                }
                told.run();
            });
            return true;
        } catch (RuntimeException | Error broken) {
            workspace.log("Keeping an action", broken);
            String why = "Not kept: " + waiting.sentence() + ". " + Failure.sentence(broken)
                    + (workspace.isReadOnly() ? "." : ". It stays here and is tried again.");
            tell(() -> {
                state.set(NOT_KEPT);
                fault.set(why);
            });
            return false;
        }
    }

    /** Tries what is held back of a line, in order, until one cannot be done. */
    private void release(String line) {
        Deque<Waiting> waiting = held.getOrDefault(line, new ArrayDeque<>());
        while (!waiting.isEmpty() && done(waiting.peek())) {
            waiting.remove();
        }
        if (waiting.isEmpty()) {
            held.remove(line);
        }
        holding = !held.isEmpty();
    }

    private void releaseAll() {
        List.copyOf(held.keySet()).forEach(this::release);
    }

    private void again() {
        if (!threads.isEmpty()) {
            CompletableFuture.delayedExecutor(AGAIN.toMillis(), TimeUnit.MILLISECONDS, queue)
                    .execute(() -> {
                        releaseAll();
                        if (holding) {
                            again();
                        }
                    });
        }
    }

    /**
     * Queues pictures to be kept.
     *
     * @param done gets their hashes, in their order, when they are durable, on the interface thread
     */
    public void attach(List<byte[]> contents, Consumer<List<String>> done) {
        state.set("keeping…");
        queue.execute(() -> {
            try {
                List<String> hashes = contents.stream().map(workspace::attach).toList();
                tell(() -> {
                    state.set(holding ? NOT_KEPT : "kept");
                    done.accept(hashes);
                });
            } catch (RuntimeException | Error broken) {
                workspace.log("Keeping a picture", broken);
                tell(() -> {
                    state.set(NOT_KEPT);
                    fault.set(Failure.sentence(broken));
                });
            }
        });
    }

    /**
     * Queues the erasing of lines for good; others begin anew.
     *
     * @param then gets the backups that still hold them, on the interface thread
     * @param said gets what went wrong, in words
     */
    public <T> void erase(Set<String> lines, Map<String, T> anew, Consumer<List<Path>> then, Consumer<String> said) {
        queue.execute(() -> {
            try {
                // Nothing that waits may bring back what is erased.
                lines.forEach(held::remove);
                anew.keySet().forEach(held::remove);
                lines.forEach(pending::remove);
                anew.keySet().forEach(pending::remove);
                holding = !held.isEmpty();
                List<Path> backups = workspace.erase(lines, anew);
                tell(() -> then.accept(backups));
            } catch (RuntimeException | Error broken) {
                workspace.log("Erasing", broken);
                tell(() -> said.accept(Failure.sentence(broken)));
            }
        });
    }

    /**
     * Does something that lasts with the whole workspace, beside what is queued: a backup, a copy, a check.
     *
     * @param then gets what it returns, on the interface thread
     * @param said gets what went wrong, in words
     */
    public <R> void care(Function<Workspace, R> what, Consumer<R> then, Consumer<String> said) {
        care.execute(() -> {
            try {
                R result = what.apply(workspace);
                tell(() -> then.accept(result));
            } catch (RuntimeException | Error broken) {
                if (!Failure.isForTheMaker(broken)) {
                    workspace.log("Looking after the workspace", broken);
                }
                tell(() -> said.accept(Failure.sentence(broken)));
            }
        });
    }

    /** Returns the folder of the workspace. */
    public Path folder() {
        return workspace.folder();
    }

    /** Writes down that something failed that nobody foresaw, and returns it in words. */
    public String logged(String at, Throwable thrown) {
        workspace.log(at, thrown);
        return Failure.sentence(thrown);
    }

    /** Finds the file of a picture. */
    public Optional<Path> attachment(String hash) {
        return workspace.attachment(hash);
    }

    /** Returns what ends when all that was queued before has been tried. */
    public CompletableFuture<Void> settled() {
        CompletableFuture<Void> ended = new CompletableFuture<>();
        queue.execute(() -> ended.complete(null));
        return ended;
    }

    /**
     * Tries once more what is held back, and closes the workspace.
     *
     * @throws StoreException if something could not be kept
     */
    @Override
    public void close() {
        CompletableFuture<Void> closed = new CompletableFuture<>();
        queue.execute(() -> {
            try {
                releaseAll();
                workspace.close();
                closed.complete(null);
            } catch (RuntimeException | Error broken) {
                closed.completeExceptionally(broken);
            }
        });
        try {
            closed.orTimeout(CLOSING.toMillis(), TimeUnit.MILLISECONDS).join();
        } catch (RuntimeException broken) {
            throw new StoreException("The workspace could not be closed: " + Failure.sentence(broken), broken);
        } finally {
            threads.forEach(ExecutorService::shutdown);
        }
        if (holding) {
            throw new StoreException(fault.get());
        }
    }
}
