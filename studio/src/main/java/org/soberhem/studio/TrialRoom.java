package org.soberhem.studio;

import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import org.soberhem.core.drape.BodyField;
import org.soberhem.core.drape.Draped;
import org.soberhem.core.drape.TryOn;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.stand.Pose;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.worn.CannotTryOn;

/** Where garments are tried on, away from the interface: one after the other; the last that was asked for counts. */
public final class TrialRoom {

    /** Arms stand off so far that sleeves and sides can be seen. */
    private static final Pose ARMS = new Pose(16, Pose.HANGING.bent());

    /** A picture on the way is drawn no more often than this, nanoseconds. */
    private static final long BETWEEN = 2_000_000_000L;

    private final FigureRoom figures;
    private final AtomicInteger asked = new AtomicInteger();
    private Executor background = Runnable::run;
    private Executor ui = Runnable::run;
    private Optional<Ready> ready = Optional.empty();

    /** The stand that was used last. */
    private record Ready(Stand made, Stand posed, BodyField field) {}

    TrialRoom(FigureRoom figures) {
        this.figures = figures;
    }

    /**
     * From now on tries on in the background; before, at once.
     *
     * @param thread one that lasts
     * @param interfaceThread runs what hears of it
     */
    public void workIn(Executor thread, Executor interfaceThread) {
        background = thread;
        ui = interfaceThread;
    }

    /** Hears on the interface thread how a trial goes. */
    public interface Watcher<T> {

        /** It is so far: 0 to 1. */
        void going(double share);

        /** A picture, on the way or at the end. */
        void seen(T picture, boolean done);

        /** It cannot be tried on, and why. */
        void cannot(String why);
    }

    /**
     * Tries a pattern on; a trial under way is stopped.
     *
     * @param picture draws how it lies, in the background
     */
    public <T> void tryOn(
            BodyFigure body, Pattern pattern, TryOn.Plan plan, Function<Draped, T> picture, Watcher<T> watcher) {
        int mine = asked.incrementAndGet();
        background.execute(() -> {
            if (asked.get() == mine) {
                run(mine, body, pattern, plan, picture, watcher);
            }
        });
    }

    /** Stops the trial under way. */
    public void stop() {
        asked.incrementAndGet();
    }

    private <T> void run(
            int mine,
            BodyFigure body,
            Pattern pattern,
            TryOn.Plan plan,
            Function<Draped, T> picture,
            Watcher<T> watcher) {
        try {
            tell(mine, () -> watcher.going(0));
            // What cannot be tried on is said before the stand is made, which takes a moment.
            TryOn.sewn(pattern);
            Ready stand = ready(body);
            long[] drawn = {System.nanoTime() - BETWEEN / 2};
            Draped draped = TryOn.on(stand.posed(), stand.field(), pattern, plan, (share, now) -> {
                tell(mine, () -> watcher.going(share));
                if (asked.get() == mine && System.nanoTime() - drawn[0] > BETWEEN) {
                    T onTheWay = picture.apply(now.get());
                    tell(mine, () -> watcher.seen(onTheWay, false));
                    drawn[0] = System.nanoTime();
                }
                return asked.get() == mine;
            });
            T done = picture.apply(draped);
            tell(mine, () -> watcher.seen(done, true));
        } catch (CannotTryOn wrong) {
            tell(mine, () -> watcher.cannot(wrong.getMessage()));
        } catch (CancellationException stopped) {
            // Another trial was asked for, or none: there is nothing to tell.
        }
    }

    private Ready ready(BodyFigure body) {
        Stand made = figures.stand(body);
        if (ready.isEmpty() || ready.get().made() != made) {
            Stand posed = made.posed(ARMS);
            ready = Optional.of(new Ready(made, posed, BodyField.of(posed)));
        }
        return ready.get();
    }

    private void tell(int mine, Runnable what) {
        ui.execute(() -> {
            if (asked.get() == mine) {
                what.run();
            }
        });
    }
}
