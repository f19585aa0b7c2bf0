package org.soberhem.studio;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** All that a part of the window listens to; it ends together. */
public final class Subscriptions implements AutoCloseable {

    private final List<Subscription> all = new ArrayList<>();

    /** Calls a listener at each change of a value. */
    public <T> void listen(Observed<T> value, Consumer<? super T> listener) {
        all.add(value.listen(listener));
    }

    /** Calls a listener with a value now and at each change. */
    public <T> void follow(Observed<T> value, Consumer<? super T> listener) {
        all.add(value.follow(listener));
    }

    @Override
    public void close() {
        all.forEach(Subscription::end);
        all.clear();
    }
}
