package org.soberhem.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.files.store.Action;
import org.soberhem.files.store.HistoryLine;
import org.soberhem.files.store.Workspace;
import org.soberhem.library.Library;
import org.soberhem.studio.demo.Demo;

/** Times how long an action takes until it is durable on disk: five hundred alterations of a demo costume. */
public final class StoreRun {

    private static final int ACTIONS = 500;

    private StoreRun() {}

    public static void main(String[] args) throws IOException {
        Path folder = Files.createTempDirectory("store-run");
        try (Workspace workspace = Workspace.open(folder, Clock.systemUTC())) {
            Demo.fill(workspace, Library.shipped(), LocalDate.of(2026, 5, 14));
            Costume costume = workspace.lines("costume", Costume.class).stream()
                    .map(HistoryLine::value)
                    .filter(each -> each.id().equals("secretary-1906"))
                    .findFirst()
                    .orElseThrow();
            Garment garment = costume.garments().get(0);
            long[] took = new long[ACTIONS];
            for (int i = 0; i < ACTIONS; i++) {
                costume = costume.with(garment.with(LengthenAtLevel.evenly("midriff", i + 1, Sides.BOTH)));
                long from = System.nanoTime();
                workspace.keep("costume", costume.id(), costume, Action.of("alter", "Lengthened"), Costume.class);
                took[i] = System.nanoTime() - from;
            }
            Arrays.sort(took);
            System.out.printf(
                    "action durable: median %.1f ms, 95th percentile %.1f ms%n",
                    took[ACTIONS / 2] / 1e6, took[ACTIONS * 95 / 100] / 1e6);
        }
    }
}
