package org.soberhem.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class BenchTest {

    private static final LocalDateTime NINE = LocalDateTime.of(2026, 5, 14, 9, 0);

    private static Task task(String id, Task.Kind kind, String... after) {
        return new Task(id, "Skirt", id, kind, List.of(after), 60, "", Task.Where.BENCH, false, Optional.empty());
    }

    private static final Bench BENCH = new Bench(
            List.of(
                    task("cut", Task.Kind.WORK),
                    task("sew", Task.Kind.WORK, "cut"),
                    task("hang", Task.Kind.WAIT, "sew"),
                    task("hem", Task.Kind.WORK, "hang")),
            List.of());

    @Test
    void workIsTimedWithItsBreaks_andOnlyOneStepRunsAtATime() {
        Bench at = BENCH.started("cut", NINE)
                .stopped(NINE.plusMinutes(20))
                .started("cut", NINE.plusMinutes(50))
                .started("sew", NINE.plusMinutes(60));
        assertThat(at.spent("cut", NINE.plusHours(5))).isEqualTo(Duration.ofMinutes(30));
        assertThat(at.running())
                .hasValueSatisfying(spell -> assertThat(spell.task()).isEqualTo("sew"));
        assertThat(at.spent(NINE.plusMinutes(75))).isEqualTo(Duration.ofMinutes(45));
    }

    @Test
    void whatIsCutOff_endsWhenItWasLastSeen() {
        Bench cutOff = BENCH.started("cut", NINE).seen(NINE.plusMinutes(12));
        assertThat(cutOff.interrupted().spent("cut", NINE.plusDays(3))).isEqualTo(Duration.ofMinutes(12));
        assertThat(cutOff.interrupted().running()).isEmpty();
    }

    @Test
    void aClockThatWasSetBack_takesNothingAway() {
        Bench back = BENCH.started("cut", NINE).stopped(NINE.minusHours(1));
        assertThat(back.spent("cut", NINE)).isEqualTo(Duration.ZERO);
        assertThatThrownBy(() -> new Spell("cut", NINE, NINE, Optional.of(NINE.minusMinutes(1))))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aStepOpensWhenWhatIsBeforeItIsDone_andHasWaited() {
        assertThat(BENCH.open(NINE)).extracting(Task::id).containsExactly("cut");
        Bench hung = BENCH.with(BENCH.task("cut").orElseThrow().done(Optional.of(NINE)))
                .with(BENCH.task("sew").orElseThrow().done(Optional.of(NINE)))
                .with(BENCH.task("hang").orElseThrow().done(Optional.of(NINE)));
        assertThat(hung.open(NINE.plusMinutes(59))).isEmpty();
        assertThat(hung.open(NINE.plusMinutes(60))).extracting(Task::id).containsExactly("hem");
    }

    @Test
    void aStepLeftOut_leavesItsOrderToTheOthers() {
        Bench without = BENCH.without("sew");
        assertThat(without.task("hang").orElseThrow().after()).containsExactly("cut");
        assertThat(BENCH.wouldCircle("cut", "hem")).isTrue();
        assertThat(BENCH.wouldCircle("hem", "cut")).isFalse();
        assertThat(BENCH.moved("hem", -2).tasks()).extracting(Task::id).containsExactly("cut", "hem", "sew", "hang");
    }

    @Test
    void thePaceIsWhatStepsTookBesideWhatWasThought_dayByDay() {
        Bench logged = BENCH.started("cut", NINE.minusDays(2))
                .stopped(NINE.minusDays(2).plusMinutes(90))
                .started("sew", NINE.minusDays(1))
                .stopped(NINE.minusDays(1).plusMinutes(30));
        logged = logged.with(logged.task("cut").orElseThrow().done(Optional.of(NINE.minusDays(1))));
        Pace pace = Pace.of(List.of(logged, BENCH), NINE);
        assertThat(pace.ratios()).containsExactly(1.5);
        assertThat(pace.days()).containsExactly(90.0, 30.0);
        assertThat(Pace.of(List.of(BENCH), NINE)).isEqualTo(Pace.UNKNOWN);
    }

    @Test
    void sentencesOfASheetBecomeSteps_withWhatComesBeforeAndAfter() {
        SewingOrder making = new SewingOrder(
                List.of(new SewingOrder.Step(List.of(), "Cut", Task.Kind.WORK, 70, "grain", Task.Where.BENCH, false)),
                List.of(
                        SewingOrder.Kind.of(List.of("gather"), 50, "even", Task.Where.HAND, false),
                        SewingOrder.Kind.of(List.of("hem"), 75, "", Task.Where.TRAVELS, false)),
                List.of(new SewingOrder.Step(
                        List.of("skirt"), "Hang", Task.Kind.WAIT, 1440, "", Task.Where.BENCH, false)),
                Map.of(Manner.BY_HAND, new Manner.Factors(2.5, 1), Manner.BY_MACHINE, new Manner.Factors(1, 0.5)));
        List<Task> steps =
                making.steps("Skirt", "skirt", List.of("Gather it to the band.", "Hem.", "Sing."), Set.of("step-1"));
        assertThat(steps)
                .extracting(Task::title)
                .containsExactly("Cut", "Gather it to the band.", "Hem.", "Sing.", "Hang");
        assertThat(steps).extracting(Task::minutes).containsExactly(70, 50, 75, 45, 1440);
        assertThat(steps).extracting(Task::where).element(2).isEqualTo(Task.Where.TRAVELS);
        assertThat(steps).extracting(Task::id).doesNotContain("step-1").doesNotHaveDuplicates();
        assertThat(steps.get(3).after()).containsExactly(steps.get(2).id());
        assertThat(making.steps("Hood", "hood", List.of(), Set.of())).hasSize(1);
    }
}
