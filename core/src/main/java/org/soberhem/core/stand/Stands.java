package org.soberhem.core.stand;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.WeakHashMap;
import org.soberhem.core.figure.BodyFigure;

/** The stands that were made lately, kept by what they were made from. It may be asked from any thread. */
public final class Stands {

    /** A stand takes about three megabytes. */
    private static final int KEPT = 8;

    /** A quick one is made again in a few milliseconds. */
    private static final int QUICK_KEPT = 2;

    private final Map<Object, Stand> fitted = kept(KEPT);
    private final Map<Object, Stand> rough = kept(QUICK_KEPT);
    private final Map<Stand, Optional<OddReading>> odd = new WeakHashMap<>();

    private static Map<Object, Stand> kept(int most) {
        return new LinkedHashMap<>(most, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<Object, Stand> eldest) {
                return size() > most;
            }
        };
    }

    /** Returns a body's stand, and makes it if it is not known: that takes a moment. */
    public Stand of(BodyFigure body) {
        return known(body).orElseGet(() -> {
            Stand made = StandMaker.of(body);
            put(fitted, body, made);
            return made;
        });
    }

    /** Returns the reading that the others contradict, if there is one: that takes a few moments. */
    public Optional<OddReading> odd(BodyFigure body) {
        Stand stand = of(body);
        synchronized (odd) {
            Optional<OddReading> known = odd.get(stand);
            if (known != null) {
                return known;
            }
        }
        Optional<OddReading> found = OddReading.of(body, stand);
        synchronized (odd) {
            odd.put(stand, found);
        }
        return found;
    }

    /** Returns a body's stand if it has been made. */
    public Optional<Stand> known(BodyFigure body) {
        return get(fitted, body);
    }

    /** Returns a quick stand, that is not yet fitted to all tapes at once. */
    public Stand rough(BodyFigure body) {
        return get(rough, body).orElseGet(() -> {
            Stand made = StandMaker.rough(body);
            put(rough, body, made);
            return made;
        });
    }

    private static Optional<Stand> get(Map<Object, Stand> kept, BodyFigure body) {
        synchronized (kept) {
            return Optional.ofNullable(kept.get(body.madeFrom(Stand.measures())));
        }
    }

    private static void put(Map<Object, Stand> kept, BodyFigure body, Stand made) {
        synchronized (kept) {
            kept.put(body.madeFrom(Stand.measures()), made);
        }
    }
}
