package org.soberhem.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.Forecast;
import org.soberhem.core.plan.Task;
import org.soberhem.files.store.Workspace;
import org.soberhem.studio.demo.Demo;
import org.soberhem.studio.demo.Studios;

class BenchCommandsTest {

    private static final Instant MORNING = Instant.parse("2026-05-14T09:30:00Z");

    /** A clock that a test sets. */
    private static final class Hands extends Clock {

        private Instant now = MORNING;

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }

        void on(Duration by) {
            now = now.plus(by);
        }
    }

    @TempDir
    Path folder;

    private final Hands clock = new Hands();
    private Studio studio;
    private BenchCommands desk;

    @BeforeEach
    void open() {
        try (Workspace workspace = Workspace.open(folder, clock)) {
            Demo.fill(workspace, Studios.LIBRARY, LocalDate.now(clock));
        }
        again();
    }

    private void again() {
        studio = new Studio(Studios.LIBRARY, Keeper.atOnce(Workspace.open(folder, clock)), clock);
        studio.open("post-1908");
        desk = new BenchCommands(studio);
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    private Task first() {
        return desk.bench().tasks().get(0);
    }

    @Test
    void stepsComeFromTheSheet_andAreTimedAndTicked() {
        desk.propose();
        assertThat(desk.canPropose()).isFalse();
        assertThat(desk.bench().tasks()).hasSizeGreaterThan(6);
        desk.start(first());
        clock.on(Duration.ofMinutes(40));
        desk.pause();
        clock.on(Duration.ofMinutes(30));
        desk.start(first());
        clock.on(Duration.ofMinutes(10));
        desk.done(first(), true);
        assertThat(desk.bench().running()).isEmpty();
        assertThat(desk.bench().spent(first().id(), studio.now())).isEqualTo(Duration.ofMinutes(50));
        assertThat(desk.bench().open(studio.now()))
                .extracting(Task::id)
                .containsExactly(desk.bench().tasks().get(1).id());
        desk.done(first(), false);
        assertThat(first().isDone()).isFalse();
    }

    @Test
    void workCutOff_endsWhenItWasLastSeen_andClosingEndsItNow() {
        desk.propose();
        desk.start(first());
        clock.on(Duration.ofMinutes(8));
        desk.tick();
        clock.on(Duration.ofHours(9));
        studio.keeper().close();
        again();
        assertThat(desk.bench().running()).isEmpty();
        assertThat(desk.bench().spent(first().id(), studio.now())).isEqualTo(Duration.ofMinutes(8));
        desk.start(first());
        clock.on(Duration.ofMinutes(5));
        studio.histories().endWork(studio.now());
        studio.keeper().close();
        clock.on(Duration.ofHours(2));
        again();
        assertThat(desk.bench().spent(first().id(), studio.now())).isEqualTo(Duration.ofMinutes(13));
    }

    @Test
    void lookingAtTheClock_isNoActionThatUndoWouldTakeBack() {
        desk.propose();
        desk.start(first());
        desk.tick();
        desk.tick();
        studio.navigation().place().set(Optional.of(org.soberhem.core.costume.Stage.BENCH));
        studio.undo();
        assertThat(desk.bench().running()).isEmpty();
        assertThat(desk.bench().tasks()).isNotEmpty();
    }

    @Test
    void stepsAreChanged_addedMovedAndLeftOut_andNeverWaitForThemselves() {
        desk.propose();
        Bench before = desk.bench();
        Task second = before.tasks().get(1);
        assertThat(desk.after(first(), Optional.of(second)))
                .hasValueSatisfying(why -> assertThat(why).contains("already"));
        assertThat(desk.bench()).isEqualTo(before);
        desk.change(second.said("Cut by the window", 90, "light from the left")
                .withKind(Task.Kind.WORK, Task.Where.HAND, true));
        assertThat(desk.bench().task(second.id()).orElseThrow().minutes()).isEqualTo(90);
        desk.add("Walking skirt");
        desk.move(desk.bench().tasks().get(desk.bench().tasks().size() - 1), -3);
        desk.drop(desk.bench().tasks().get(0));
        assertThat(desk.bench().tasks()).hasSameSizeAs(before.tasks());
        studio.navigation().place().set(Optional.of(org.soberhem.core.costume.Stage.BENCH));
        studio.undo();
        studio.undo();
        studio.undo();
        studio.undo();
        assertThat(desk.bench()).isEqualTo(before);
    }

    @Test
    void theForecastFollowsTheMakersPace_andSaysWhatToLeaveOut() {
        assertThat(desk.outlookNow(desk.costume()).forecast()).isEmpty();
        desk.propose();
        Forecast forecast = desk.outlookNow(desk.costume()).forecast().orElseThrow();
        assertThat(forecast.early()).isBeforeOrEqualTo(forecast.middle());
        assertThat(desk.outlookNow(desk.costume()).timed())
                .as("the demo's petticoat was timed")
                .isPositive();
        Task task = desk.bench().tasks().get(3);
        desk.change(task.withKind(task.kind(), task.where(), true));
        assertThat(desk.outlookNow(desk.costume()).spared())
                .extracting(BenchCommands.Spared::task)
                .extracting(Task::id)
                .contains(task.id());
        assertThat(BenchCommands.time(61)).isEqualTo("1 h 1 min");
    }
}
