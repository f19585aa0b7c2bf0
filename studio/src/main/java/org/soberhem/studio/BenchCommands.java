package org.soberhem.studio;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.function.Supplier;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.Forecast;
import org.soberhem.core.plan.Manner;
import org.soberhem.core.plan.Pace;
import org.soberhem.core.plan.SewingOrder;
import org.soberhem.core.plan.Task;
import org.soberhem.files.exchange.CalendarFile;

/** What is done at the bench, without its looks: steps, start and stop, forecast. */
public final class BenchCommands {

    /** So many costumes show a maker's pace. */
    private static final int PACED = 40;

    private final Studio studio;

    public BenchCommands(Studio studio) {
        this.studio = studio;
    }

    public Costume costume() {
        return studio.situation().costume();
    }

    public Bench bench() {
        return costume().underway().bench();
    }

    private void keep(Bench changed, String action, Sentence sentence) {
        studio.keep(costume().withUnderway(costume().underway().with(changed)), action, sentence);
    }

    /** Begins the steps anew for the garments that have none yet. */
    public void propose() {
        List<Task> tasks = new ArrayList<>(bench().tasks());
        Set<String> taken = new HashSet<>();
        tasks.forEach(task -> taken.add(task.id()));
        for (Garment garment : costume().garments()) {
            if (tasks.stream().noneMatch(task -> task.garment().equals(garment.name()))) {
                DraftSheet sheet = studio.current().sheet(garment).sheet();
                List<Task> steps = studio.library()
                        .making()
                        .steps(garment.name(), sheet.about().garment(), sheet.sewing(), taken);
                steps.forEach(step -> taken.add(step.id()));
                tasks.addAll(steps);
            }
        }
        keep(new Bench(tasks, bench().spells()), "steps", Sentence.of("Took the steps from the sheets"));
    }

    /** Takes other times and places for what is not begun yet and comes from the sheets, by the manner of sewing. */
    public void sew(Manner manner) {
        Set<String> begun = new HashSet<>();
        bench().spells().forEach(spell -> begun.add(spell.task()));
        Set<String> sentences = new HashSet<>();
        costume()
                .garments()
                .forEach(garment ->
                        sentences.addAll(studio.current().sheet(garment).sheet().sewing()));
        SewingOrder order = studio.library().making().sewn(manner);
        List<Task> tasks = bench().tasks().stream()
                .map(task -> {
                    if (task.isDone() || begun.contains(task.id()) || !sentences.contains(task.title())) {
                        return task;
                    }
                    SewingOrder.Step step = order.said(task.title());
                    return task.with(copy -> copy.minutes(step.minutes()).where(step.where()));
                })
                .toList();
        keep(new Bench(tasks, bench().spells()), "manner", Sentence.of("Sewn {}", manner.words()));
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
            studio.histories().commitSeen(studio.situation().costume().id(), studio.now());
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
        String id = Histories.freeId("step", taken);
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

    /**
     * When a costume will be done.
     *
     * @param forecast empty if it has no steps or all are done
     * @param timed so many steps were timed of what it is reckoned from
     * @param spared the steps that can be left out, in their order
     */
    public record Outlook(Optional<Forecast> forecast, int timed, List<Spared> spared) {}

    /**
     * A step that can be left out.
     *
     * @param inTime how often the costume is done in time without it and those named before it
     */
    public record Spared(Task task, double inTime) {}

    /**
     * Returns what reckons when a costume will be done, away from the interface thread: from the maker's pace over the
     * costumes that were worked at, those of the last events.
     */
    public Function<BooleanSupplier, Outlook> outlook(Costume of) {
        Supplier<Pace> paced = pace();
        LocalDateTime now = studio.now();
        return wanted -> {
            Pace pace = paced.get();
            Bench bench = of.underway().bench();
            Optional<Forecast> forecast = forecast(bench, pace, now, of);
            List<Spared> spared = forecast.isPresent() ? spared(bench, pace, now, of, wanted) : List.of();
            return new Outlook(forecast, pace.ratios().size(), spared);
        };
    }

    private Supplier<Pace> pace() {
        List<String> ids = new ArrayList<>(studio.histories().costumeIds());
        Collections.reverse(ids);
        Supplier<List<Costume>> worked = studio.histories()
                .reader(ids.stream()
                        .filter(id -> studio.histories().costumes().overview(id).begun())
                        .limit(PACED)
                        .toList());
        LocalDateTime now = studio.now();
        return () -> Pace.of(
                worked.get().stream().map(each -> each.underway().bench()).toList(), now);
    }

    /**
     * Returns what writes the dates of all costumes that are not put away as iCalendar, away from the interface thread.
     */
    public Supplier<byte[]> calendar() {
        Supplier<List<Costume>> all =
                studio.histories().reader(studio.histories().costumeIds());
        Supplier<Pace> paced = pace();
        LocalDateTime now = studio.now();
        ZoneId zone = studio.zone();
        return () -> {
            Pace pace = paced.get();
            List<CalendarFile.Dates> dates = all.get().stream()
                    .filter(costume -> !costume.underway().archived())
                    .map(costume -> new CalendarFile.Dates(
                            costume, forecast(costume.underway().bench(), pace, now, costume)))
                    .toList();
            return CalendarFile.write(dates, now.atZone(zone).toInstant(), zone).getBytes(StandardCharsets.UTF_8);
        };
    }

    /** Returns when a costume will be done, reckoned at once. */
    public Outlook outlookNow(Costume of) {
        return outlook(of).apply(() -> true);
    }

    private static Optional<Forecast> forecast(Bench bench, Pace pace, LocalDateTime now, Costume of) {
        if (bench.tasks().isEmpty() || bench.isFinished()) {
            return Optional.empty();
        }
        return Optional.of(Forecast.of(bench, pace, now, of.event().orElse(LocalDate.MAX), new SplittableRandom(1)));
    }

    private static List<Spared> spared(Bench bench, Pace pace, LocalDateTime now, Costume of, BooleanSupplier wanted) {
        List<Spared> all = new ArrayList<>();
        Bench left = bench;
        for (Task task : bench.tasks()) {
            if (task.spare() && !task.isDone() && wanted.getAsBoolean()) {
                left = left.without(task.id());
                double inTime =
                        forecast(left, pace, now, of).map(Forecast::inTime).orElse(1.0);
                all.add(new Spared(task, inTime));
            }
        }
        return all;
    }

    /** Returns a stretch of minutes in words. */
    public static String time(double minutes) {
        long whole = Math.round(minutes);
        return whole < 60 ? whole + " min" : whole / 60 + " h" + (whole % 60 == 0 ? "" : " " + whole % 60 + " min");
    }
}
