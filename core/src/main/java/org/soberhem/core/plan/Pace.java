package org.soberhem.core.plan;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * How fast a maker works: what steps took beside what they should have taken, and how long was worked on each day.
 *
 * @param ratios time taken by time estimated, of every finished step that was timed
 * @param days minutes worked on each day, from the first day of work to yesterday, days without work among them
 */
public record Pace(List<Double> ratios, List<Double> days) {

    /** Nothing is known yet. */
    public static final Pace UNKNOWN = new Pace(List.of(), List.of());

    /** Older days say little of how much time there is now. */
    private static final int MOST_DAYS = 56;

    public Pace {
        ratios = List.copyOf(ratios);
        days = List.copyOf(days);
    }

    /** Returns the pace that several costumes' logs show. */
    public static Pace of(Collection<Bench> benches, LocalDateTime now) {
        List<Double> ratios = new ArrayList<>();
        Map<LocalDate, Double> worked = new TreeMap<>();
        for (Bench bench : benches) {
            for (Task task : bench.tasks()) {
                double minutes = bench.spent(task.id(), now).toSeconds() / 60.0;
                if (task.isDone() && task.kind() == Task.Kind.WORK && minutes > 0 && task.minutes() > 0) {
                    ratios.add(minutes / task.minutes());
                }
            }
            for (Spell spell : bench.spells()) {
                Duration length = spell.length(now);
                worked.merge(spell.from().toLocalDate(), length.toSeconds() / 60.0, Double::sum);
            }
        }
        List<Double> days = new ArrayList<>();
        if (!worked.isEmpty()) {
            LocalDate last = now.toLocalDate().minusDays(1);
            LocalDate first = worked.keySet().iterator().next();
            if (first.isBefore(last.minusDays(MOST_DAYS - 1))) {
                first = last.minusDays(MOST_DAYS - 1);
            }
            for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(1)) {
                days.add(worked.getOrDefault(day, 0.0));
            }
        }
        return new Pace(ratios, days);
    }
}
