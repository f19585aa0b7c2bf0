package org.soberhem.desk.cloth;

import java.util.SplittableRandom;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import org.soberhem.core.cloth.Lay;
import org.soberhem.core.cloth.LayException;
import org.soberhem.core.cloth.LayPlanner;
import org.soberhem.core.judging.ClothSupply;

/** A lay being planned in the background: every better plan is shown, and it can be stopped. */
final class Planning {

    private final Executor ui;
    private final AtomicBoolean stopped = new AtomicBoolean();

    /** @param ui runs on the interface thread */
    Planning(Executor ui) {
        this.ui = ui;
    }

    /**
     * Begins.
     *
     * @param seconds how long it plans at most
     * @param better gets every better plan, on the interface thread
     * @param done called when it ends, with what is wrong if it could not be planned, else nothing
     */
    void begin(ClothSupply supply, double seconds, Consumer<Lay> better, Consumer<LayException> done) {
        Thread thread = new Thread(() -> run(supply, seconds, better, done), "lay-planner");
        thread.setDaemon(true);
        thread.start();
    }

    private void run(ClothSupply supply, double seconds, Consumer<Lay> better, Consumer<LayException> done) {
        long until = System.nanoTime() + (long) (seconds * 1e9);
        try {
            new LayPlanner(supply.pieces().pieces(), supply.rules().orElseThrow(), new SplittableRandom(1))
                    .plan(
                            () -> !stopped.get() && System.nanoTime() < until,
                            lay -> ui.execute(() -> better.accept(lay)));
            ui.execute(() -> done.accept(null));
        } catch (LayException wide) {
            ui.execute(() -> done.accept(wide));
        }
    }

    /** Ends it; the best plan so far stays. */
    void stop() {
        stopped.set(true);
    }
}
