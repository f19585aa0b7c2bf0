package org.soberhem.files.store;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Random;
import org.soberhem.core.body.Wearer;

/**
 * Kills a process that writes a workspace, over and over, at moments drawn by chance, and counts what it had shown as kept
 * and is not there any more.
 */
public final class KillRun {

    private KillRun() {}

    /**
     * What was found.
     *
     * @param kills how many processes were killed while they wrote
     * @param kept actions that were shown as kept, over all of them
     * @param lost of those, how many were missing
     */
    public record Found(int kills, int kept, int lost) {}

    /** Writes actions without end; says the number of each on its own line once it is durable. */
    public static void main(String[] args) {
        try (Workspace workspace = Workspace.open(Path.of(args[0]), Clock.systemUTC())) {
            int from = last(workspace);
            for (int i = from + 1; ; i++) {
                // A picture is durable before a value names it.
                workspace.attach(("picture " + i).getBytes(StandardCharsets.UTF_8));
                Wearer wearer = Wearer.of("ada", "Ada", String.valueOf(i), List.of());
                workspace.keep("wearer", "ada", wearer, Action.of("note", "Noted"), Wearer.class);
                System.out.println(i);
            }
        }
    }

    private static int last(Workspace workspace) {
        return workspace.lines("wearer", Wearer.class).stream()
                .mapToInt(line -> Integer.parseInt(line.value().note()))
                .findFirst()
                .orElse(0);
    }

    /** @param seed decides the moments */
    public static Found run(Path folder, int kills, long seed) throws IOException, InterruptedException {
        Random random = new Random(seed);
        int shown = 0;
        int lost = 0;
        Path said = Files.createTempFile("kill-run", ".txt");
        for (int i = 0; i < kills; i++) {
            Files.deleteIfExists(said);
            Process process = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-cp",
                            System.getProperty("java.class.path"),
                            KillRun.class.getName(),
                            folder.toString())
                    .redirectOutput(said.toFile())
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            while (process.isAlive() && lastSaid(said) == 0) {
                Thread.sleep(5);
            }
            Thread.sleep(random.nextInt(60));
            process.destroyForcibly();
            process.waitFor();
            int kept = Math.max(shown, lastSaid(said));
            try (Workspace workspace = Workspace.open(folder, Clock.systemUTC())) {
                lost += Math.max(0, kept - last(workspace));
                for (int each = shown + 1; each <= kept; each++) {
                    String hash = Attachments.hash(("picture " + each).getBytes(StandardCharsets.UTF_8));
                    Path picture = workspace.attachment(hash).orElse(null);
                    lost += picture == null || !Files.readString(picture).equals("picture " + each) ? 1 : 0;
                }
                workspace.verify();
            }
            shown = kept;
        }
        Files.delete(said);
        return new Found(kills, shown, lost);
    }

    /** Returns the last number that was written out with its line's end; 0 if none was. */
    private static int lastSaid(Path said) throws IOException {
        String text = Files.exists(said) ? Files.readString(said) : "";
        String[] lines = text.substring(0, text.lastIndexOf('\n') + 1).split("\n");
        String last = lines[lines.length - 1].strip();
        return last.isEmpty() ? 0 : Integer.parseInt(last);
    }
}
