package org.soberhem.desk.shell;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.studio.Studio;

/**
 * How long each command of the journeys holds the interface thread: the processor time that the thread takes for the
 * command itself, and until it is kept, styled, laid out and handed over to be drawn. The first time of each is told
 * apart, as a place is made when it is first shown.
 */
final class Held {

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();
    /** No command may hold the thread longer, in milliseconds. */
    private static final int MOST = 50;

    private static final int ROUNDS = 12;
    private static final List<String> COSTUMES = List.of("secretary-1906", "regatta-1953", "boatman-1780");

    private record Command(String name, Runnable does) {}

    private final Studio studio;
    private final Map<String, List<Long>> took = new LinkedHashMap<>();
    private final Deque<Command> left = new ArrayDeque<>();

    Held(Studio studio) {
        this.studio = studio;
        for (int round = 0; round < ROUNDS; round++) {
            COSTUMES.forEach(this::walk);
        }
    }

    private void then(String name, Runnable does) {
        left.add(new Command(name, does));
    }

    private void walk(String costume) {
        then("open a costume", () -> studio.open(costume));
        for (Stage stage : Stage.values()) {
            then("show " + stage, () -> studio.navigation().place().set(Optional.of(stage)));
        }
        then("show the draft again", () -> studio.navigation().place().set(Optional.of(Stage.DRAFT)));
        then("alter", () -> alter(3));
        then("undo", studio::undo);
        then("redo", studio::redo);
        then("undo", studio::undo);
        then("change a setting", () -> change());
        then("name a version", () -> studio.garments().nameVersion(garment().name(), "tried"));
        then("undo", studio::undo);
        then(
                "inches or centimetres",
                () -> studio.preferences()
                        .format()
                        .set(
                                studio.format() == LengthFormat.CENTIMETRES
                                        ? LengthFormat.INCH_EIGHTHS
                                        : LengthFormat.CENTIMETRES));
        then(
                "light or dark",
                () -> studio.preferences()
                        .dark()
                        .set(!studio.preferences().dark().get()));
        then("show the rail", () -> studio.navigation().place().set(Optional.empty()));
    }

    private Garment garment() {
        return studio.situation().costume().garments().get(0);
    }

    private void alter(double by) {
        Costume costume = studio.situation().costume();
        studio.keep(
                costume.with(garment().with(LengthenAtLevel.evenly("waist", by, Sides.BOTH))),
                "alter",
                Sentence.of("Lengthened"));
    }

    private void change() {
        studio.current().sheet(garment()).adjustables().stream()
                .filter(each -> each.ways().isEmpty())
                .findFirst()
                .ifPresent(each -> studio.garments().choose(garment().name(), each.name(), Length.ofMillimetres(30)));
    }

    /** Gives one command after another, each when what the one before did is kept, shown and drawn. */
    void measure(Runnable ended) {
        Command command = left.poll();
        if (command == null) {
            tell();
            ended.run();
            return;
        }
        long from = THREADS.getCurrentThreadCpuTime();
        command.does().run();
        note(command.name() + ", itself", from);
        studio.keeper()
                .settled()
                .thenRun(() -> Platform.runLater(() -> frames(3, () -> {
                    note(command.name() + ", drawn", from);
                    measure(ended);
                })));
    }

    private void note(String name, long from) {
        took.computeIfAbsent(name, none -> new ArrayList<>()).add(THREADS.getCurrentThreadCpuTime() - from);
    }

    private static void frames(int count, Runnable then) {
        new AnimationTimer() {
            private int left = count;

            @Override
            public void handle(long now) {
                if (left-- == 0) {
                    stop();
                    then.run();
                }
            }
        }.start();
    }

    private void tell() {
        List<String> over = new ArrayList<>();
        took.forEach((name, times) -> {
            long[] later = times.stream()
                    .skip(times.size() / 4)
                    .mapToLong(each -> each)
                    .sorted()
                    .toArray();
            System.out.printf(
                    "held_ms %-34s first %.0f median %.1f p95 %.1f most %.1f%n",
                    name,
                    times.get(0) / 1e6,
                    later[later.length / 2] / 1e6,
                    later[later.length * 95 / 100] / 1e6,
                    Arrays.stream(later).max().orElse(0) / 1e6);
            if (later[later.length * 95 / 100] > MOST * 1e6) {
                over.add(name);
            }
        });
        System.out.println(
                over.isEmpty()
                        ? "held_ms nothing holds the thread for more than " + MOST + " ms"
                        : "held_ms FAILS: more than " + MOST + " ms at the 95th percentile: " + over);
    }
}
