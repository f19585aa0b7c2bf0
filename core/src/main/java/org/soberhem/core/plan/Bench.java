package org.soberhem.core.plan;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The steps of one costume and the time spent on them.
 *
 * @param tasks in the order of work
 * @param spells oldest first
 */
public record Bench(List<Task> tasks, List<Spell> spells) {

    public static final Bench EMPTY = new Bench(List.of(), List.of());

    public Bench {
        tasks = List.copyOf(tasks);
        spells = List.copyOf(spells);
    }

    public Optional<Task> task(String id) {
        return tasks.stream().filter(task -> task.id().equals(id)).findFirst();
    }

    /** Returns the bench with a step put in the place of the one with the same id, or added at the end. */
    public Bench with(Task changed) {
        List<Task> all = new ArrayList<>(tasks);
        all.replaceAll(task -> task.id().equals(changed.id()) ? changed : task);
        if (!all.contains(changed)) {
            all.add(changed);
        }
        return new Bench(all, spells);
    }

    /** Returns the bench without a step; what came after it comes after what it came after. */
    public Bench without(String id) {
        List<String> before = task(id).map(Task::after).orElse(List.of());
        List<Task> all = new ArrayList<>();
        for (Task task : tasks) {
            if (!task.id().equals(id)) {
                List<String> after = new ArrayList<>(task.after());
                if (after.remove(id)) {
                    before.stream().filter(each -> !after.contains(each)).forEach(after::add);
                }
                all.add(task.after(after));
            }
        }
        return new Bench(all, spells);
    }

    /**
     * Returns the bench with a step moved among the others.
     *
     * @param by so many places down, or up if negative
     */
    public Bench moved(String id, int by) {
        List<Task> all = new ArrayList<>(tasks);
        int at = all.indexOf(task(id).orElseThrow());
        Task task = all.remove(at);
        all.add(Math.max(0, Math.min(all.size(), at + by)), task);
        return new Bench(all, spells);
    }

    /** Says whether a step would come after itself if it came after another. */
    public boolean wouldCircle(String id, String before) {
        Set<String> seen = new HashSet<>();
        List<String> open = new ArrayList<>(List.of(before));
        while (!open.isEmpty()) {
            String each = open.remove(open.size() - 1);
            if (each.equals(id)) {
                return true;
            }
            if (seen.add(each)) {
                task(each).ifPresent(task -> open.addAll(task.after()));
            }
        }
        return false;
    }

    /** Returns the work that goes on, if any does. */
    public Optional<Spell> running() {
        return spells.stream().filter(Spell::isRunning).findFirst();
    }

    /** Returns the bench with work begun at a step; what went on before ends. */
    public Bench started(String id, LocalDateTime now) {
        List<Spell> all = new ArrayList<>(stopped(now).spells);
        all.add(Spell.begun(id, now));
        return new Bench(tasks, all);
    }

    /** Returns the bench with a break: what goes on ends. */
    public Bench stopped(LocalDateTime now) {
        return new Bench(
                tasks,
                spells.stream()
                        .map(spell -> spell.isRunning() ? spell.ended(later(now, spell.from())) : spell)
                        .toList());
    }

    /**
     * Returns the bench with the sign that work still goes on, so that no more than this is lost when it is cut off.
     */
    public Bench seen(LocalDateTime now) {
        return new Bench(
                tasks,
                spells.stream()
                        .map(spell -> spell.isRunning() ? spell.seen(later(now, spell.from())) : spell)
                        .toList());
    }

    /** Returns the bench after the application was closed or cut off: what went on ended when it was last seen. */
    public Bench interrupted() {
        return new Bench(
                tasks,
                spells.stream()
                        .map(spell -> spell.isRunning() ? spell.ended(spell.seen()) : spell)
                        .toList());
    }

    private static LocalDateTime later(LocalDateTime one, LocalDateTime other) {
        return one.isBefore(other) ? other : one;
    }

    /** Returns the time spent on a step. */
    public Duration spent(String id, LocalDateTime now) {
        return spells.stream()
                .filter(spell -> spell.task().equals(id))
                .map(spell -> spell.length(now))
                .reduce(Duration.ZERO, Duration::plus);
    }

    /** Returns the time spent on all steps. */
    public Duration spent(LocalDateTime now) {
        return spells.stream().map(spell -> spell.length(now)).reduce(Duration.ZERO, Duration::plus);
    }

    /** Says whether a step can be begun: everything before it is done, and has waited as long as it must. */
    public boolean isOpen(Task task, LocalDateTime now) {
        return task.after().stream()
                .allMatch(id -> task(id).map(before -> isOver(before, now)).orElse(true));
    }

    /** Says whether a step is done; waiting is when its time is over. */
    public static boolean isOver(Task task, LocalDateTime now) {
        boolean waits = task.kind() == Task.Kind.WAIT;
        return task.done()
                .filter(at -> !waits || !at.plusMinutes(task.minutes()).isAfter(now))
                .isPresent();
    }

    /** Returns the steps that can be begun now, in order. */
    public List<Task> open(LocalDateTime now) {
        return tasks.stream()
                .filter(task -> !task.isDone() && isOpen(task, now))
                .toList();
    }

    /** Says whether every step is done. */
    public boolean isFinished() {
        return !tasks.isEmpty() && tasks.stream().allMatch(Task::isDone);
    }
}
