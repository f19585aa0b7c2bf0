package org.soberhem.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/**
 * One step of making up.
 *
 * @param id unique in its costume
 * @param garment name of the garment; empty if it is of the whole costume
 * @param title what is done
 * @param kind whether it is work, waiting, or a look before going on
 * @param after ids of the steps that must be done before
 * @param minutes how long it should take; of waiting, until it may go on
 * @param look what to look at before going on
 * @param where what it needs: the machine, hands at home, or nothing that cannot be carried along
 * @param spare whether it can be left out when time is short
 * @param done when it was done, if it was; of waiting, when it began to wait
 */
@RecordBuilder
public record Task(
        String id,
        String garment,
        String title,
        Kind kind,
        List<String> after,
        int minutes,
        String look,
        Where where,
        boolean spare,
        Optional<LocalDateTime> done)
        implements TaskBuilder.With {

    /** What a step is. */
    public enum Kind {
        WORK("work"),
        WAIT("waiting"),
        INSPECT("look before going on");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Where a step can be done. */
    public enum Where {
        BENCH("at the bench"),
        HAND("by hand, in company"),
        TRAVELS("by hand, can travel");

        private final String words;

        Where(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Task {
        after = List.copyOf(after);
    }

    /** Returns it done, or open again. */
    public Task done(Optional<LocalDateTime> at) {
        return withDone(at);
    }

    /** Returns it with other words and another estimate. */
    public Task said(String otherTitle, int otherMinutes, String otherLook) {
        return with(copy -> copy.title(otherTitle).minutes(otherMinutes).look(otherLook));
    }

    /** Returns it as another kind of step. */
    public Task withKind(Kind other, Where elsewhere, boolean canBeSpared) {
        return with(copy -> copy.kind(other).where(elsewhere).spare(canBeSpared));
    }

    /** Returns it after other steps. */
    public Task after(List<String> others) {
        return withAfter(others);
    }

    public boolean isDone() {
        return done.isPresent();
    }
}
