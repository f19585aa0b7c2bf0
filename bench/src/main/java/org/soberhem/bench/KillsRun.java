package org.soberhem.bench;

import java.io.IOException;
import java.nio.file.Files;
import org.soberhem.files.store.KillRun;

/** Kills a process that writes a workspace two hundred times and counts what it had shown as kept and is lost. */
public final class KillsRun {

    private static final int KILLS = 200;

    private KillsRun() {}

    public static void main(String[] args) throws IOException, InterruptedException {
        KillRun.Found found = KillRun.run(Files.createTempDirectory("kills-run"), KILLS, 2026);
        System.out.printf("%d kills, %d actions shown as kept, %d lost%n", found.kills(), found.kept(), found.lost());
    }
}
