package org.soberhem.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;

class ForecastTest {

    private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 14, 9, 0);

    private static Task work(String id, int minutes, String... after) {
        return new Task(
                id,
                "Skirt",
                id,
                Task.Kind.WORK,
                List.of(after),
                minutes,
                "",
                Task.Where.BENCH,
                false,
                Optional.empty());
    }

    private static Forecast forecast(Bench bench, Pace pace, LocalDate event) {
        return Forecast.of(bench, pace, NOW, event, new SplittableRandom(1));
    }

    private static Pace steady(double ratio, double minutesADay) {
        List<Double> ratios = new ArrayList<>();
        List<Double> days = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            ratios.add(ratio * (i % 2 == 0 ? 1.02 : 0.98));
        }
        for (int i = 0; i < 56; i++) {
            days.add(minutesADay);
        }
        return new Pace(ratios, days);
    }

    @Test
    void aSteadyMakersWorkIsForetoldToTheDay() {
        Bench bench = new Bench(List.of(work("a", 300), work("b", 300, "a")), List.of());
        Forecast forecast = forecast(bench, steady(1, 60), LocalDate.MAX);
        assertThat(forecast.minutes()).isBetween(570.0, 720.0);
        assertThat(forecast.middle()).isBetween(LocalDate.of(2026, 5, 23), LocalDate.of(2026, 5, 28));
        assertThat(forecast.early()).isBeforeOrEqualTo(forecast.middle());
        assertThat(forecast.late()).isAfterOrEqualTo(forecast.middle());
        assertThat(forecast.inTime()).isEqualTo(1);
    }

    @Test
    void whoTakesTwiceAsLong_isDoneTwiceAsLate() {
        Bench bench = new Bench(List.of(work("a", 600)), List.of());
        double once = forecast(bench, steady(1, 60), LocalDate.MAX).minutes();
        double twice = forecast(bench, steady(2, 60), LocalDate.MAX).minutes();
        assertThat(twice / once).isBetween(1.7, 2.1);
    }

    @Test
    void waitingTakesDaysButNoWork_andGoesOnBesideOtherWork() {
        Task wait = new Task(
                "hang",
                "Skirt",
                "hang",
                Task.Kind.WAIT,
                List.of(),
                10 * 1440,
                "",
                Task.Where.BENCH,
                false,
                Optional.empty());
        Bench bench = new Bench(List.of(wait, work("a", 60), work("hem", 30, "hang")), List.of());
        Forecast forecast = forecast(bench, steady(1, 60), LocalDate.MAX);
        assertThat(forecast.minutes()).isBetween(80.0, 115.0);
        assertThat(forecast.early()).isAfterOrEqualTo(LocalDate.of(2026, 5, 24));
        Bench begun = bench.with(wait.done(Optional.of(NOW.minusDays(9))));
        assertThat(forecast(begun, steady(1, 60), LocalDate.MAX).middle()).isBefore(forecast.early());
    }

    @Test
    void anEventTooNearIsSaidToBeMissed() {
        Bench bench = new Bench(List.of(work("a", 3000)), List.of());
        assertThat(forecast(bench, steady(1, 60), LocalDate.of(2026, 5, 20)).inTime())
                .isZero();
        assertThat(forecast(bench, Pace.UNKNOWN, LocalDate.of(2028, 5, 20)).inTime())
                .isGreaterThan(0.95);
    }

    /** A maker who is made up: how long each step takes beside what was thought, and how much time a day has. */
    private record Maker(double pull, double spread, double[] week) {

        static Maker of(RandomGenerator random) {
            double[] week = new double[7];
            for (int i = 0; i < 7; i++) {
                week[i] = random.nextDouble() < 0.45 ? 0 : 20 + random.nextInt(130);
            }
            week[6] = Math.max(week[6], 60);
            return new Maker(0.29 + 0.3 * random.nextGaussian(), 0.25 + 0.35 * random.nextDouble(), week);
        }

        double factor(RandomGenerator random) {
            return Math.exp(pull + spread * random.nextGaussian());
        }

        double day(int day, RandomGenerator random) {
            double usual = week[Math.floorMod(day, 7)];
            return random.nextDouble() < 0.2 ? 0 : usual * (0.6 + 0.8 * random.nextDouble());
        }
    }

    @Test
    void inFourOfFiveSimulatedCases_theEndLiesInTheInterval() {
        RandomGenerator random = new SplittableRandom(20260514);
        int within = 0;
        int played = 300;
        for (int run = 0; run < played; run++) {
            Maker maker = Maker.of(random);
            List<Double> ratios = new ArrayList<>();
            for (int i = 4 + random.nextInt(16); i > 0; i--) {
                ratios.add(maker.factor(random));
            }
            List<Double> days = new ArrayList<>();
            for (int day = -28; day < 0; day++) {
                days.add(maker.day(day, random));
            }
            List<Task> tasks = new ArrayList<>();
            for (int i = 0; i < 8 + random.nextInt(10); i++) {
                tasks.add(work("s" + i, 20 + random.nextInt(120)));
            }
            Forecast forecast = forecast(new Bench(tasks, List.of()), new Pace(ratios, days), LocalDate.MAX);
            double left = 0;
            for (Task task : tasks) {
                left += task.minutes() * maker.factor(random);
            }
            int day = 0;
            for (left -= maker.day(0, random); left > 0; left -= maker.day(day, random)) {
                day++;
            }
            LocalDate end = NOW.toLocalDate().plusDays(day);
            within += end.isBefore(forecast.early()) || end.isAfter(forecast.late()) ? 0 : 1;
        }
        assertThat(within / (double) played).isBetween(0.75, 0.85);
    }
}
