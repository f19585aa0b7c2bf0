package org.soberhem.files.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Random;

/**
 * Kills a process that works like the window, over and over, at moments drawn by chance, and counts what it had shown
 * as kept and is not there any more. Where the disk fails as well, every failing action is tried again, as the window
 * does.
 */
public final class KillRun {

    /** So often a backup is made beside the work. */
    private static final int BACKED_UP_EVERY = 25;

    private static final int TOLD_EVERY = 50;

    /** So many actions are shown as kept before a process is killed, at least. */
    private static final int SHOWN = 2;

    private KillRun() {}

    /**
     * What was found.
     *
     * @param kills how many processes were killed while they worked
     * @param kept actions that were shown as kept, over all of them
     * @param refused actions that were refused in words because the disk failed, and tried again
     * @param lost how many times something was missing or damaged
     */
    public record Found(int kills, int kept, int refused, int lost) {}

    /** Works until it is killed; says the state before and after each action is durable, each on its own line. */
    public static void main(String[] args) throws IOException {
        Random random = new Random(Long.parseLong(args[1]));
        boolean failing = Boolean.parseBoolean(args[2]);
        FailingDisk disk = failing ? FailingDisk.own() : null;
        try (Workspace workspace = Workspace.open(Path.of(args[0]), Clock.systemUTC())) {
            WindowsWork work = new WindowsWork(workspace, random.nextLong());
            work.resume();
            long parent = parent();
            for (int i = 1; parent() == parent; i++) {
                WindowsWork.Act act = work.next();
                System.out.println("begun " + work.state());
                if (failing && random.nextInt(4) == 0) {
                    disk.fail(
                            1 + random.nextInt(14),
                            1 + random.nextInt(3),
                            random.nextBoolean() ? FailingDisk.FULL : FailingDisk.BROKEN);
                }
                while (!done(act)) {
                    disk.mend();
                }
                System.out.println("kept " + work.state());
                if (i % BACKED_UP_EVERY == 0) {
                    new Thread(() -> done(workspace::backUpNow)).start();
                }
            }
        }
    }

    /** Who started this process: nobody is left to stop it when it has another parent. */
    private static long parent() {
        return ProcessHandle.current().parent().map(ProcessHandle::pid).orElse(0L);
    }

    private static boolean done(WindowsWork.Act act) {
        try {
            act.run();
            return true;
        } catch (StoreException told) {
            System.out.println("refused " + told.getMessage());
            return false;
        }
    }

    /** @param seed decides the moments */
    public static Found run(Path folder, int kills, long seed, boolean failing)
            throws IOException, InterruptedException {
        Random random = new Random(seed);
        Path home = folder.resolve("w");
        int kept = 0;
        int refused = 0;
        int lost = 0;
        Path said = folder.resolve("said");
        for (int i = 0; i < kills; i++) {
            Files.deleteIfExists(said);
            ProcessBuilder worker = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-Xshare:auto",
                            "-cp",
                            System.getProperty("java.class.path"),
                            KillRun.class.getName(),
                            home.toString(),
                            String.valueOf(random.nextLong()),
                            String.valueOf(failing))
                    .redirectErrorStream(true)
                    .redirectOutput(said.toFile());
            if (failing) {
                FailingDisk.under(worker, folder);
            }
            Process process = worker.start();
            while (process.isAlive()
                    && (count(said, "kept ") < SHOWN
                            || failing && last(said, "refused ").isEmpty())) {
                Thread.sleep(5);
            }
            Thread.sleep(random.nextInt(250));
            boolean worked = process.isAlive();
            process.destroyForcibly();
            process.waitFor();
            kept += count(said, "kept ");
            if (i % TOLD_EVERY == TOLD_EVERY - 1) {
                System.out.println(i + 1 + " kills, " + kept + " actions shown as kept, " + lost + " lost so far");
            }
            refused += (int) lines(said).stream()
                    .filter(line -> line.startsWith("refused "))
                    .count();
            if (!worked || !isAllThere(home, last(said, "kept "), last(said, "begun "))) {
                lost++;
                System.err.println("round " + i + ": "
                        + lines(said).stream()
                                .filter(line -> !line.matches("(kept|begun) .*"))
                                .toList());
            }
        }
        return new Found(kills, kept, refused, lost);
    }

    private static boolean isAllThere(Path home, String kept, String begun) throws IOException {
        try (Workspace workspace = Workspace.open(home, Clock.systemUTC())) {
            workspace.verify();
            WindowsWork.pictures(workspace);
            String found = WindowsWork.found(workspace);
            return found.equals(kept) || found.equals(begun);
        } catch (StoreException damaged) {
            System.err.println(damaged.getMessage());
            return false;
        }
    }

    private static List<String> lines(Path said) throws IOException {
        String text = Files.exists(said) ? Files.readString(said) : "";
        return text.substring(0, text.lastIndexOf('\n') + 1).lines().toList();
    }

    private static int count(Path said, String beginning) throws IOException {
        return (int)
                lines(said).stream().filter(line -> line.startsWith(beginning)).count();
    }

    private static String last(Path said, String beginning) throws IOException {
        return lines(said).stream()
                .filter(line -> line.startsWith(beginning))
                .reduce((one, other) -> other)
                .map(line -> line.substring(beginning.length()))
                .orElse("");
    }
}
