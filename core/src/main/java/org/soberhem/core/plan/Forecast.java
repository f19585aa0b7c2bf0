package org.soberhem.core.plan;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import org.apache.commons.rng.sampling.distribution.AhrensDieterMarsagliaTsangGammaSampler;

/**
 * When a costume will be done, from the maker's own pace.
 *
 * @param early one time in ten it is done by then
 * @param middle as often before as after
 * @param late nine times in ten it is done by then; with {@code early} the interval that holds it in four of five cases
 * @param minutes of work still left, in the middle
 * @param inTime how often it is done by the event, 0 to 1; 1 if there is none
 */
public record Forecast(LocalDate early, LocalDate middle, LocalDate late, double minutes, double inTime) {

    /** Futures that are played through. */
    private static final int PLAYED = 1000;

    /** So far ahead nothing is foretold, in days. */
    private static final int MOST_DAYS = 1500;

    /**
     * What is believed before anything was timed, from memory: steps take a third longer than thought, give or take a
     * factor of 1.6, and that counts as much as four timed steps.
     */
    private static final double USUAL = Math.log(1.33);

    private static final double USUAL_SPREAD = Math.log(1.6);
    private static final double USUAL_COUNTS = 4;

    /** And an hour, in minutes, on every other day, which counts as much as a week of log. */
    private static final double USUAL_DAY = 60;

    private static final int DAYS = 7;

    /**
     * Plays the rest of the work through many times: how fast the maker is, how long each step takes, how much time
     * each day has.
     *
     * @param bench the steps
     * @param pace of the maker
     * @param now when it is asked
     * @param event when it is needed; {@code LocalDate.MAX} if there is none
     * @param random plays
     */
    public static Forecast of(Bench bench, Pace pace, LocalDateTime now, LocalDate event, RandomGenerator random) {
        int[] days = new int[PLAYED];
        double[] minutes = new double[PLAYED];
        int inTime = 0;
        Posterior believed = Posterior.of(pace.ratios());
        for (int i = 0; i < PLAYED; i++) {
            days[i] = play(bench, pace, believed, now, random, minutes, i);
            if (!now.toLocalDate().plusDays(days[i]).isAfter(event)) {
                inTime++;
            }
        }
        Arrays.sort(days);
        Arrays.sort(minutes);
        LocalDate today = now.toLocalDate();
        return new Forecast(
                today.plusDays(days[PLAYED / 10]),
                today.plusDays(days[PLAYED / 2]),
                today.plusDays(days[PLAYED * 9 / 10]),
                minutes[PLAYED / 2],
                inTime / (double) PLAYED);
    }

    /** Plays one future; returns the days from now until all is done. */
    private static int play(
            Bench bench,
            Pace pace,
            Posterior believed,
            LocalDateTime now,
            RandomGenerator random,
            double[] minutes,
            int future) {
        double spread = believed.spread(random);
        double pull = believed.middle(spread, random);
        DaysAhead ahead = new DaysAhead(pace.days(), random);
        Map<String, Double> ready = new HashMap<>();
        double last = 0;
        for (Task task : order(bench)) {
            if (Bench.isOver(task, now)) {
                continue;
            }
            double from = task.after().stream()
                    .mapToDouble(id -> ready.getOrDefault(id, 0.0))
                    .max()
                    .orElse(0);
            double end = from;
            if (task.kind() == Task.Kind.WAIT) {
                double waited = task.done()
                        .map(at -> Duration.between(at, now).toMinutes() / (24.0 * 60))
                        .orElse(0.0);
                end = from + Math.max(0, task.minutes() / (24.0 * 60) - waited);
            } else if (task.kind() == Task.Kind.WORK) {
                double factor = Math.exp(pull + spread * random.nextGaussian());
                double spent = bench.spent(task.id(), now).toSeconds() / 60.0;
                double left = left(task.minutes() * factor, spent);
                minutes[future] += left;
                end = ahead.worked(from, left);
            }
            ready.put(task.id(), end);
            last = Math.max(last, end);
        }
        return (int) Math.min(last, MOST_DAYS);
    }

    /** A step that was begun takes at least a tenth of its time more, however long it has taken. */
    private static double left(double whole, double spent) {
        return Math.max(whole - spent, whole * 0.1);
    }

    /** Returns the steps so that each comes after those before it. */
    private static List<Task> order(Bench bench) {
        ArrayList<Task> left = new ArrayList<>(bench.tasks());
        ArrayList<Task> ordered = new ArrayList<>();
        while (!left.isEmpty()) {
            Task next = left.stream()
                    .filter(task ->
                            left.stream().noneMatch(other -> task.after().contains(other.id())))
                    .findFirst()
                    .orElse(left.get(0));
            left.remove(next);
            ordered.add(next);
        }
        return ordered;
    }

    /** What is believed of the logarithm of time taken by time estimated: a normal-inverse-gamma distribution. */
    private record Posterior(double middle, double counts, double shape, double scale) {

        static Posterior of(List<Double> ratios) {
            double n = ratios.size();
            double mean = ratios.stream().mapToDouble(Math::log).average().orElse(0);
            double squares = ratios.stream()
                    .mapToDouble(ratio -> Math.pow(Math.log(ratio) - mean, 2))
                    .sum();
            double counts = USUAL_COUNTS + n;
            double middle = (USUAL_COUNTS * USUAL + n * mean) / counts;
            double shape = (USUAL_COUNTS + n) / 2;
            double scale = USUAL_COUNTS / 2 * USUAL_SPREAD * USUAL_SPREAD
                    + squares / 2
                    + USUAL_COUNTS * n * Math.pow(mean - USUAL, 2) / (2 * counts);
            return new Posterior(middle, counts, shape, scale);
        }

        double spread(RandomGenerator random) {
            return Math.sqrt(scale
                    / AhrensDieterMarsagliaTsangGammaSampler.of(random::nextLong, shape, 1)
                            .sample());
        }

        double middle(double spread, RandomGenerator random) {
            return middle + spread / Math.sqrt(counts) * random.nextGaussian();
        }
    }

    /** Time on the days to come. People have their days of the week. */
    private static final class DaysAhead {

        private final List<Double> past;
        private final RandomGenerator random;
        private double[] free = new double[32];
        private int known;

        DaysAhead(List<Double> past, RandomGenerator random) {
            this.random = random;
            this.past = past;
        }

        /** Each day is like one of the past days of its weekday, or like a usual one. */
        private double free(int day) {
            while (known <= day) {
                if (known == free.length) {
                    free = Arrays.copyOf(free, known * 2);
                }
                int first = Math.floorMod(past.size() + known, DAYS);
                int weeks = past.size() <= first ? 0 : (past.size() - first + DAYS - 1) / DAYS;
                int drawn = random.nextInt(weeks + 1);
                free[known++] = drawn < weeks ? past.get(first + drawn * DAYS) : USUAL_DAY * random.nextInt(2);
            }
            return free[day];
        }

        /**
         * Takes so many minutes from the days from a moment on; returns the day, with its part, on which they are done.
         */
        double worked(double from, double minutes) {
            double left = minutes;
            int day = (int) from;
            while (day < MOST_DAYS) {
                double today = free(day);
                if (today >= left && today > 0) {
                    free[day] = today - left;
                    return Math.max(from, day + 0.5);
                }
                left -= today;
                free[day] = 0;
                day++;
            }
            return MOST_DAYS;
        }
    }
}
