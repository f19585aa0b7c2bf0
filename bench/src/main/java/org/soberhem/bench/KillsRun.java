package org.soberhem.bench;

import java.io.IOException;
import java.nio.file.Files;
import org.soberhem.files.store.KillRun;

/**
 * Kills a process that works like the window two hundred times and counts what it had shown as kept and is lost; and
 * again with a disk that fails at random.
 */
public final class KillsRun {

    private static final int KILLS = 200;

    private KillsRun() {}

    public static void main(String[] args) throws IOException, InterruptedException {
        for (boolean failing :
                args.length > 0 ? new boolean[] {Boolean.parseBoolean(args[0])} : new boolean[] {false, true}) {
            KillRun.Found found = KillRun.run(Files.createTempDirectory("kills-run"), KILLS, 2026, failing);
            System.out.printf(
                    "%s: %d kills, %d actions shown as kept, %d refused in words and done again, %d lost%n",
                    failing ? "failing disk" : "good disk", found.kills(), found.kept(), found.refused(), found.lost());
        }
    }
}
