package org.soberhem.studio;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Consumer;

/**
 * A value that tells its listeners when it changes. It knows no toolkit; it belongs to one thread, the interface's
 * where there is one.
 *
 * @param <T> what it holds
 */
public final class Observed<T> {

    private final List<Consumer<? super T>> listeners = new ArrayList<>();
    private T value;

    public Observed(T value) {
        this.value = value;
    }

    public T get() {
        return value;
    }

    /** Sets the value; listeners hear of it unless it equals the one before. */
    public void set(T changed) {
        if (!Objects.equals(value, changed)) {
            publish(changed);
        }
    }

    /** Sets the value and tells every listener, without comparing it to the one before: for values that are large. */
    public void publish(T changed) {
        value = changed;
        List.copyOf(listeners).forEach(listener -> listener.accept(changed));
    }

    /**
     * Calls a listener at each change from now on.
     *
     * @return what ends it
     */
    public Subscription listen(Consumer<? super T> listener) {
        listeners.add(listener);
        return () -> listeners.remove(listener);
    }

    /** Calls a listener with the value now and at each change. */
    public Subscription follow(Consumer<? super T> listener) {
        listener.accept(value);
        return listen(listener);
    }
}
