package org.soberhem.desk.widget;

import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;

/** Something that is made in the background again and again, of which only what was asked for last counts. */
public final class Latest {

    private final FileDesk background;
    private final AtomicInteger asked = new AtomicInteger();

    public Latest(FileDesk background) {
        this.background = background;
    }

    /**
     * Asks anew; what was asked before is not told any more.
     *
     * @param made makes it; it may look whether it is still wanted, and end early with anything if not
     * @param then gets it on the interface thread, if nothing else was asked meanwhile
     * @param said gets why it cannot be made, in words
     */
    public <T> void ask(Function<BooleanSupplier, T> made, Consumer<T> then, Consumer<String> said) {
        int mine = asked.incrementAndGet();
        BooleanSupplier wanted = () -> asked.get() == mine;
        background.load(
                () -> made.apply(wanted),
                result -> {
                    if (wanted.getAsBoolean()) {
                        then.accept(result);
                    }
                },
                said);
    }
}
