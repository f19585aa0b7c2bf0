package org.soberhem.desk.widget;

import java.util.function.Consumer;
import javafx.beans.value.ChangeListener;

/**
 * Keeps what the program shows in fields apart from what the maker chooses there: while it fills them, nobody is told.
 */
public final class Filling {

    private boolean on;

    /** Fills fields; what listens through {@link #heard} is not told. */
    public void during(Runnable fill) {
        boolean before = on;
        on = true;
        try {
            fill.run();
        } finally {
            on = before;
        }
    }

    /** Returns a listener that is told only what the maker chooses. */
    public <T> ChangeListener<T> heard(Consumer<? super T> listener) {
        return (field, before, now) -> {
            if (!on) {
                listener.accept(now);
            }
        };
    }

    /** Returns whether fields are being filled. */
    public boolean isOn() {
        return on;
    }
}
