package org.soberhem.library;

import java.util.function.Supplier;

/**
 * A value that is read when it is first asked for; the application starts without what its first view does not need.
 */
final class Lazily<T> implements Supplier<T> {

    private final Supplier<T> read;
    private T value;

    Lazily(Supplier<T> read) {
        this.read = read;
    }

    @Override
    public synchronized T get() {
        if (value == null) {
            value = read.get();
        }
        return value;
    }
}
