package org.soberhem.desk.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.Forecast;
import org.soberhem.core.plan.Pace;
import org.soberhem.core.plan.Task;
import org.soberhem.desk.studio.Studio;

/** What is done at the bench, without its looks: steps, start and stop, forecast. */
public final class BenchDesk {

    /** So many costumes show a maker's pace. */
    private static final int PACED = 40;

    private final Studio studio;

    public BenchDesk(Studio studio) {
        this.studio = studio;
    }

    public Costume costume() {
        return studio.situation().costume();
    }

    public Bench bench() {
        return costume().underway().bench();
    }

    private void keep(Bench changed, String action, Sentence sentence) {
        studio.keep(costume().underway(costume().underway().with(changed)), action, sentence);
    }

    /** Begins the steps anew for the garments that have none yet. */
    public void propose() {
        List<Task> tasks = new ArrayList<>(bench().tasks());
        Set<String> taken = new HashSet<>();
        tasks.forEach(task -> taken.add(task.id()));
        for (Garment garment : costume().garments()) {
            if (tasks.stream().noneMatch(task -> task.garment().equals(garment.name()))) {
                DraftSheet sheet = studio.sheet(garment).sheet();
                List<Task> steps = studio.library()
                        .making()
                        .steps(garment.name(), sheet.about().garment(), sheet.sewing(), taken);
                steps.forEach(step -> taken.add(step.id()));
                tasks.addAll(steps);
            }
        }
        keep(new Bench(tasks, bench().spells()), "steps", Sentence.of("Took the steps from the sheets"));
    }

    /** Says whether a garment has no steps yet. */
    public boolean canPropose() {
        return costume().garments().stream()
                .anyMatch(garment -> bench().tasks().stream()
                        .noneMatch(task -> task.garment().equals(garment.name())));
    }

    /** Begins work at a step, or goes on with it; what else went on has a break. */
    public void start(Task task) {
        keep(bench().started(task.id(), studio.now()), "start", Sentence.of("Began: {}", task.title()));
    }

    /** Has a break. */
    public void pause() {
        keep(bench().stopped(studio.now()), "pause", Sentence.of("A break"));
    }

    /** Notes that work still goes on, so that little is lost if the machine fails. */
    public void tick() {
        if (bench().running().isPresent()) {
            studio.seenAtWork();
        }
    }

    /** Writes a step down as done, or open again. */
    public void done(Task task, boolean is) {
        boolean runs = bench().running()
                .filter(spell -> spell.task().equals(task.id()))
                .isPresent();
        Bench stopped = runs ? bench().stopped(studio.now()) : bench();
        keep(
                stopped.with(task.done(is ? Optional.of(studio.now()) : Optional.empty())),
                "done",
                Sentence.of(is ? "Done: {}" : "Open again: {}", task.title()));
    }

    public void change(Task changed) {
        keep(bench().with(changed), "step", Sentence.of("Changed the step \"{}\"", changed.title()));
    }

    /** Adds a step after the last of a garment. */
    public void add(String garment) {
        Set<String> taken = new HashSet<>();
        bench().tasks().forEach(task -> taken.add(task.id()));
        String id = Studio.freeId("step", taken);
        keep(
                bench().with(new Task(
                        id,
                        garment,
                        "A new step",
                        Task.Kind.WORK,
                        List.of(),
                        30,
                        "",
                        Task.Where.BENCH,
                        false,
                        Optional.empty())),
                "add step",
                Sentence.of("Added a step"));
    }

    public void drop(Task task) {
        keep(bench().without(task.id()), "drop step", Sentence.of("Left out: {}", task.title()));
    }

    public void move(Task task, int by) {
        keep(bench().moved(task.id(), by), "move step", Sentence.of("Moved: {}", task.title()));
    }

    /** Puts a step after another; returns why not, if it would come after itself. */
    public Optional<String> after(Task task, Optional<Task> before) {
        if (before.filter(each -> bench().wouldCircle(task.id(), each.id())).isPresent()) {
            return Optional.of("\"" + before.get().title() + "\" waits for \"" + task.title() + "\" already.");
        }
        change(task.after(before.map(Task::id).stream().toList()));
        return Optional.empty();
    }

    /** Returns the maker's pace over the costumes that were worked at, those of the last events. */
    public Pace pace() {
        List<String> ids = new ArrayList<>(studio.costumeIds());
        Collections.reverse(ids);
        return Pace.of(
                ids.stream()
                        .filter(id -> studio.known(id).begun())
                        .limit(PACED)
                        .map(id -> studio.costume(id).underway().bench())
                        .toList(),
                studio.now());
    }

    /** Returns when a costume will be done; empty if it has no steps or all are done. */
    public Optional<Forecast> forecast(Costume of) {
        return forecast(of.underway().bench(), of);
    }

    private Optional<Forecast> forecast(Bench bench, Costume of) {
        if (bench.tasks().isEmpty() || bench.isFinished()) {
            return Optional.empty();
        }
        return Optional.of(
                Forecast.of(bench, pace(), studio.now(), of.event().orElse(LocalDate.MAX), new SplittableRandom(1)));
    }

    /** Returns the steps that can be left out, each with how often it would be in time without it and those before it. */
    public List<Spared> spared() {
        List<Spared> all = new ArrayList<>();
        Bench left = bench();
        for (Task task : bench().tasks()) {
            if (task.spare() && !task.isDone()) {
                left = left.without(task.id());
                double inTime = forecast(left, costume()).map(Forecast::inTime).orElse(1.0);
                all.add(new Spared(task, inTime));
            }
        }
        return all;
    }

    /**
     * A step that can be left out.
     *
     * @param inTime how often the costume is done in time without it and those named before it
     */
    public record Spared(Task task, double inTime) {}

    /** Returns a stretch of minutes in words. */
    public static String time(double minutes) {
        long whole = Math.round(minutes);
        return whole < 60 ? whole + " min" : whole / 60 + " h" + (whole % 60 == 0 ? "" : " " + whole % 60 + " min");
    }
}
