package org.soberhem.files.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Comparator;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;

/**
 * Does the same work again and again, from opening a workspace to erasing a wearer, with a disk that fails at another
 * writing call each time: once, or from there on until the action was refused. Whatever was kept must be there in the
 * end, and what was refused must have been said in words.
 */
public final class FailingDiskRun {

    private static final int ACTS = 12;

    private final Path home;
    private final FailingDisk disk;
    private int refused;
    private String last = "";

    private FailingDiskRun(Path home, FailingDisk disk) {
        this.home = home;
        this.disk = disk;
    }

    /** Something that may be refused. */
    @FunctionalInterface
    private interface Doing<T> {
        T get();
    }

    /** Tries until it is done; the disk is mended after what was refused. */
    private <T> T tried(Doing<T> doing) {
        for (int i = 0; i < 4; i++) {
            try {
                return doing.get();
            } catch (StoreException told) {
                if (told.getMessage() == null
                        || told.getMessage().contains("null")
                        || told.getMessage().lines().count() != 1) {
                    throw new IllegalStateException("Not said in words: " + told.getMessage(), told);
                }
                refused++;
                last = told.getMessage();
                disk.mend();
            }
        }
        throw new IllegalStateException("It is refused although the disk works again: " + last);
    }

    private Workspace opened() {
        return tried(() -> Workspace.open(home, Clock.systemUTC()));
    }

    private void done(Runnable act) {
        tried(() -> {
            act.run();
            return null;
        });
    }

    /** Does the whole work; throws if anything of it is lost. */
    private void work() throws IOException {
        Workspace workspace = opened();
        WindowsWork work = new WindowsWork(workspace, 5);
        for (int i = 0; i < ACTS; i++) {
            done(work.next()::run);
        }
        done(workspace::backUpNow);
        done(workspace::sweep);
        Path zip = home.resolve("whole.zip");
        done(() -> workspace.copyWhole(zip));
        Path moved = home.resolve("moved");
        done(() -> Workspace.fromWhole(zip, moved));
        Path backup = tried(workspace::backups).get(0);
        for (int i = 0; i < ACTS; i++) {
            done(work.next()::run);
        }
        done(workspace::close);
        String state = work.state();
        try (Workspace again = opened()) {
            same(again, state);
            done(() -> again.restoreNext(backup));
        }
        try (Workspace back = opened()) {
            done(back::verify);
        }
        Path aside = home.resolve("backups").resolve("put-aside-1.db");
        try (Workspace again = opened()) {
            done(() -> again.restoreNext(aside));
        }
        try (Workspace forward = opened()) {
            same(forward, state);
            Costume costume = tried(() -> forward.line("c", Costume.class)).value();
            done(() -> forward.erase(Set.of("ada"), Map.of("c", costume)));
        }
        try (Workspace erased = opened()) {
            done(erased::finishErasing);
            done(erased::verify);
            if (!tried(() -> erased.lines("wearer", Wearer.class)).isEmpty()
                    || tried(() -> erased.lines("costume", Costume.class)).size() != 1) {
                throw new IllegalStateException("It is not erased");
            }
        }
        try (Workspace other = tried(() -> Workspace.open(moved, Clock.systemUTC()))) {
            done(other::verify);
        }
    }

    private void same(Workspace workspace, String state) throws IOException {
        done(workspace::verify);
        WindowsWork.pictures(workspace);
        if (!tried(() -> WindowsWork.found(workspace)).equals(state)) {
            throw new IllegalStateException("Something that was kept is lost");
        }
    }

    /**
     * Returns a process that does it.
     *
     * @param every so-manieth call is tried
     */
    public static ProcessBuilder under(Path folder, int every) throws IOException, InterruptedException {
        ProcessBuilder work = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                FailingDiskRun.class.getName(),
                folder.resolve("w").toString(),
                String.valueOf(every));
        FailingDisk.under(work, folder);
        return work;
    }

    /** Arguments: folder, try every so-manieth call, from which call on. */
    public static void main(String[] args) throws IOException {
        Path home = Path.of(args[0]);
        int every = Integer.parseInt(args[1]);
        long from = args.length > 2 ? Long.parseLong(args[2]) : 1;
        FailingDisk disk = FailingDisk.own();
        Files.createDirectories(home);
        new FailingDiskRun(home.resolve("0"), disk).work();
        long calls = disk.calls();
        int places = 0;
        int refused = 0;
        int bad = 0;
        for (long how : new long[] {FailingDisk.FULL, FailingDisk.BROKEN}) {
            for (long many : new long[] {1, Long.MAX_VALUE / 2}) {
                for (long call = from + (how + many) % every; call <= calls; call += every) {
                    Path own = home.resolve(how + "-" + (many == 1 ? "once" : "on") + "-" + call);
                    FailingDiskRun run = new FailingDiskRun(own, disk);
                    places++;
                    try {
                        disk.fail(call, many, how);
                        run.work();
                    } catch (IOException | RuntimeException lost) {
                        bad++;
                        System.out.println("call " + call + ", " + own.getFileName() + ": " + lost + at(lost)
                                + (lost.getCause() == null ? "" : " because of " + lost.getCause()));
                    } finally {
                        disk.mend();
                        drop(own);
                    }
                    refused += run.refused;
                }
            }
        }
        System.out.printf(
                "%d writing calls, %d tries, %d times refused in words and done again, %d bad%n",
                calls, places, refused, bad);
        System.exit(bad == 0 ? 0 : 1);
    }

    private static String at(Throwable thrown) {
        return Stream.of(thrown.getStackTrace())
                .filter(frame -> frame.getClassName().startsWith("org.soberhem"))
                .limit(3)
                .map(frame -> " at " + frame)
                .reduce("", String::concat);
    }

    private static void drop(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path each : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(each);
            }
        }
    }
}
