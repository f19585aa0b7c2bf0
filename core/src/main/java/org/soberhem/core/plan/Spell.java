package org.soberhem.core.plan;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Optional;

/**
 * A stretch of work at one step without a break.
 *
 * @param task id of the step
 * @param from when it began
 * @param seen when it was last known to go on; after a crash it ended then
 * @param to when it ended; empty while it runs
 */
public record Spell(String task, LocalDateTime from, LocalDateTime seen, Optional<LocalDateTime> to) {

    public Spell {
        if (seen.isBefore(from) || to.filter(end -> end.isBefore(from)).isPresent()) {
            throw new IllegalArgumentException("Work cannot end before it began: " + from);
        }
    }

    /** Work that begins. */
    public static Spell begun(String task, LocalDateTime at) {
        return new Spell(task, at, at, Optional.empty());
    }

    public boolean isRunning() {
        return to.isEmpty();
    }

    public Spell seen(LocalDateTime at) {
        return new Spell(task, from, at, to);
    }

    public Spell ended(LocalDateTime at) {
        return new Spell(task, from, at, Optional.of(at));
    }

    /** Returns how long it was, up to a moment if it still runs. */
    public Duration length(LocalDateTime now) {
        LocalDateTime end = to.orElse(now.isBefore(from) ? from : now);
        return Duration.between(from, end);
    }
}
