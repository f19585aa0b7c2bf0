package org.soberhem.studio;

import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Function;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.stand.OddReading;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.Stands;

/**
 * Where stands are made and drawn, away from the interface: what is wanted first is shown quickly and roughly, then
 * as it
 * fits. A stand follows from its readings alone, so that all workspaces share those that were made.
 */
public final class FigureRoom {

    private static final Stands STANDS = new Stands();

    private Executor background = Runnable::run;
    private Executor ui = Runnable::run;
    private boolean away;

    /**
     * From now on draws in the background; before, at once.
     *
     * @param thread one that lasts
     * @param interfaceThread runs what shows the drawing
     */
    public void workIn(Executor thread, Executor interfaceThread) {
        background = thread;
        ui = interfaceThread;
        away = true;
    }

    /** Returns a body's stand; if it must be made first, that takes a moment. */
    public Stand stand(BodyFigure body) {
        return STANDS.of(body);
    }

    /** Returns a body's stand if it is known, else a quick one. */
    public Stand quick(BodyFigure body) {
        return STANDS.known(body).orElseGet(() -> STANDS.rough(body));
    }

    /** Returns a place to draw one picture after the other at, of which only the last counts. */
    public Easel easel() {
        return new Easel();
    }

    /** Draws one picture after the other; what was asked for before is not shown any more. */
    public final class Easel {
        private final AtomicInteger asked = new AtomicInteger();

        private Easel() {}

        /**
         * Draws a body's stand.
         *
         * @param picture makes the picture, in the background
         * @param then gets it on the interface thread; twice if the stand was not known: first a rough one
         */
        public <T> void draw(BodyFigure body, Function<Stand, T> picture, Consumer<T> then) {
            int mine = asked.incrementAndGet();
            background.execute(() -> {
                if (away && asked.get() == mine && STANDS.known(body).isEmpty()) {
                    tell(mine, picture.apply(STANDS.rough(body)), then);
                }
                if (asked.get() == mine) {
                    tell(mine, picture.apply(STANDS.of(body)), then);
                }
            });
        }

        /** Draws a small picture, for which a stand that is not fitted will do. */
        public <T> void sketch(BodyFigure body, Function<Stand, T> picture, Consumer<T> then) {
            int mine = asked.incrementAndGet();
            background.execute(() -> tell(mine, picture.apply(quick(body)), then));
        }

        /**
         * Looks whether one of the readings contradicts the others, once the stand is made.
         *
         * @param then gets it on the interface thread, if there is one and nothing else was asked meanwhile
         */
        public void look(BodyFigure body, Consumer<Stand> made, Consumer<OddReading> then) {
            int mine = asked.incrementAndGet();
            background.execute(() -> {
                if (asked.get() == mine) {
                    tell(mine, STANDS.of(body), made);
                    STANDS.odd(body).ifPresent(odd -> tell(mine, odd, then));
                }
            });
        }

        private <T> void tell(int mine, T made, Consumer<T> then) {
            ui.execute(() -> {
                if (asked.get() == mine) {
                    then.accept(made);
                }
            });
        }
    }
}
