package org.soberhem.core.drape;

import java.util.function.IntConsumer;
import java.util.stream.IntStream;

/** Two hands: work is always divided the same way, however many threads there are, so that results are the same too. */
final class Threads {

    private Threads() {}

    /** Does the work for 0 and for 1, at the same time where there are threads. */
    static void both(IntConsumer work) {
        IntStream.range(0, 2).parallel().forEach(work);
    }
}
