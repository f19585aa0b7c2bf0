package org.soberhem.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.CostumeBuilder;
import org.soberhem.core.costume.CostumeRecord;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.report.Overview;
import org.soberhem.files.store.Action;
import org.soberhem.files.store.HistoryLine;
import org.soberhem.files.store.Workspace;
import org.soberhem.library.Library;
import org.soberhem.studio.Keeper;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Demo;

/** Opens a workspace of 2 000 costumes, 20 000 fittings and 200 000 readings beside the demo's, and searches it. */
public final class ManyRun {

    private static final int COSTUMES = 2000;
    private static final int FITTINGS = 10;
    private static final int WEARERS = 400;
    private static final int READINGS = 500;
    private static final int OPENED = 5;
    private static final int SEARCHED = 40;
    private static final double MILLI = 1e6;

    private ManyRun() {}

    public static void main(String[] args) throws IOException {
        Path demo = Files.createTempDirectory("many-demo");
        Path many = Files.createTempDirectory("many-run");
        LocalDate day = LocalDate.of(2026, 5, 14);
        try (Workspace workspace = Workspace.open(demo, Clock.systemUTC())) {
            Demo.fill(workspace, Library.shipped(), day);
        }
        try (Workspace workspace = Workspace.open(many, Clock.systemUTC())) {
            Demo.fill(workspace, Library.shipped(), day);
            fill(workspace);
        }
        double[] small = new double[OPENED];
        double[] large = new double[OPENED];
        for (int i = 0; i < OPENED; i++) {
            small[i] = open(demo);
            large[i] = open(many);
        }
        System.out.printf(
                Locale.ROOT,
                "opened: demo %.0f ms, %d costumes %.0f ms (medians of %d, alternating)%n",
                middle(small),
                COSTUMES,
                middle(large),
                OPENED);
        search(many);
    }

    private static void fill(Workspace workspace) {
        Library library = Library.shipped();
        Map<String, Wearer> wearers = workspace.lines("wearer", Wearer.class).stream()
                .collect(Collectors.toMap(HistoryLine::id, HistoryLine::value));
        List<Costume> costumes = workspace.lines("costume", Costume.class).stream()
                .map(HistoryLine::value)
                .toList();
        Wearer model = wearers.get("ada");
        int readings = model.sets().get(0).readings().size();
        for (int i = 0; i < WEARERS; i++) {
            List<MeasurementSet> sets = new ArrayList<>();
            for (int j = 0; j * readings < READINGS; j++) {
                sets.add(model.sets().get(0));
            }
            Wearer wearer = Wearer.of("wearer-" + i, "Wearer " + i, "", sets);
            Action begun = new Action("new", "Began", Optional.of(Overview.of(wearer)));
            workspace.keep("wearer", wearer.id(), wearer, begun, Wearer.class);
        }
        for (int i = 0; i < COSTUMES; i++) {
            Costume like = costumes.get(i % costumes.size());
            List<Fitting> fittings = new ArrayList<>();
            Costume fitted = costumes.stream()
                    .filter(each -> each.fittings().size() > 1)
                    .findFirst()
                    .orElseThrow();
            for (int j = 0; j < FITTINGS; j++) {
                fittings.add(fitted.fittings().get(j % 2));
            }
            Costume costume = CostumeBuilder.builder(like)
                    .id("costume-" + i)
                    .title(like.title() + " " + i)
                    .wearer("wearer-" + i % WEARERS)
                    .set(model.sets().get(0).id())
                    .fittings(fittings)
                    .note("note number " + i)
                    .papers(new CostumeRecord(List.of(), List.of(), List.of(), "lesson " + i))
                    .build();
            Overview known = Overview.of(costume, library::seenWords, List.of("No mock-up has been tried on"));
            Action begun = new Action("new", "Began", Optional.of(known));
            workspace.keep("costume", costume.id(), costume, begun, Costume.class);
        }
    }

    private static double open(Path folder) {
        long from = System.nanoTime();
        Studio studio = studio(folder);
        double took = (System.nanoTime() - from) / MILLI;
        studio.keeper().close();
        return took;
    }

    private static Studio studio(Path folder) {
        return new Studio(
                Library.shipped(), Keeper.atOnce(Workspace.open(folder, Clock.systemUTC())), Clock.systemUTC());
    }

    private static void search(Path folder) {
        Studio studio = studio(folder);
        long from = System.nanoTime();
        int first = studio.histories().search("lesson 1234").size();
        double begun = (System.nanoTime() - from) / MILLI;
        double[] took = new double[SEARCHED];
        for (int i = 0; i < SEARCHED; i++) {
            from = System.nanoTime();
            studio.histories().search("lesson " + i * 37 + " number");
            took[i] = (System.nanoTime() - from) / MILLI;
        }
        Arrays.sort(took);
        System.out.printf(
                Locale.ROOT,
                "searched: the first time %.1f ms (%d found), then median %.1f ms, most %.1f ms%n",
                begun,
                first,
                took[SEARCHED / 2],
                took[SEARCHED - 1]);
        studio.keeper().close();
    }

    private static double middle(double[] of) {
        double[] sorted = of.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }
}
