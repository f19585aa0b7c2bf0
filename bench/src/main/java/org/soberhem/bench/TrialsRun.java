package org.soberhem.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ForkJoinPool;
import org.soberhem.core.body.Build;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.drape.BodyField;
import org.soberhem.core.drape.Draped;
import org.soberhem.core.drape.ReadOff;
import org.soberhem.core.drape.TryOn;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.stand.Pose;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.StandMaker;
import org.soberhem.core.worn.CannotTryOn;
import org.soberhem.library.Library;
import org.soberhem.library.bodies.Bodies;

/** Every fitted sheet tried on by some of the measured bodies: how long, at rest or not, how deep in the body. */
public final class TrialsRun {

    private static final List<String> SHEETS = List.of(
            "bodice-1530",
            "bodice-1580",
            "stays-1780",
            "gown-bodice-1785",
            "jacket-1778",
            "bodice-1869",
            "bodice-1883",
            "corset-1900",
            "blouse-1906",
            "jacket-1911",
            "frock-1953",
            "bathing-suit-1957");

    private final Library library = Library.shipped();
    private final Map<String, List<Double>> took = new HashMap<>();
    private final List<Double> firsts = new ArrayList<>();
    private int rested;
    private int tried;
    private int refused;
    private double deepest;

    private TrialsRun() {}

    /** @param args how many bodies */
    public static void main(String[] args) throws Exception {
        TrialsRun run = new TrialsRun();
        int bodies = Integer.parseInt(args[0]);
        for (int i = 0; i < bodies; i++) {
            run.body(i * Bodies.all().size() / bodies + 7);
        }
        run.tell();
        run.threads();
    }

    private Stand stand(Inputs inputs) {
        return StandMaker.of(new BodyFigure(
                        library.figurePlan(),
                        Build.ADULT,
                        measure ->
                                inputs.find(measure).map(Inputs.Measured::right).orElse(Double.NaN)))
                .posed(new Pose(16, 12));
    }

    private TryOn.Plan plan(String sheet) {
        return TryOn.Plan.USUAL.of(library.clothFor(
                library.sheet(sheet).orElseThrow().sheet().about().garment()));
    }

    private void body(int number) {
        Inputs inputs = Bodies.all().get(number);
        Stand stand = stand(inputs);
        BodyField field = BodyField.of(stand);
        for (String sheet : SHEETS) {
            try {
                Pattern pattern = Drafter.draft(library.sheet(sheet).orElseThrow(), inputs)
                        .pattern();
                long begun = System.nanoTime();
                double[] first = {0};
                Draped draped = TryOn.on(stand, field, pattern, plan(sheet), (share, now) -> {
                    first[0] = first[0] == 0 && share > 0.2 ? (System.nanoTime() - begun) / 1e9 : first[0];
                    return true;
                });
                took.computeIfAbsent(sheet, each -> new ArrayList<>()).add((System.nanoTime() - begun) / 1e9);
                firsts.add(first[0]);
                tried++;
                rested += draped.atRest() ? 1 : 0;
                deepest = Math.max(deepest, new ReadOff(draped).within());
            } catch (DraftException | CannotTryOn no) {
                refused++;
                System.out.println(sheet + ", body " + number + ": " + no.getMessage());
            }
        }
    }

    private void tell() {
        took.keySet().stream().sorted().forEach(sheet -> {
            List<Double> all = took.get(sheet);
            Collections.sort(all);
            System.out.printf(
                    Locale.ROOT,
                    "%-18s middle %.1f s, longest %.1f s%n",
                    sheet,
                    all.get(all.size() / 2),
                    all.get(all.size() - 1));
        });
        Collections.sort(firsts);
        System.out.printf(
                Locale.ROOT,
                "tried %d, at rest %d, refused %d; sewn after %.1f s (middle); at most %.2f %% of the cloth in the body by 1 mm%n",
                tried,
                rested,
                refused,
                firsts.get(firsts.size() / 2),
                100 * deepest);
    }

    /** The same bodice on one thread and on two. */
    private void threads() throws Exception {
        Inputs inputs = Bodies.all().get(350);
        Stand stand = stand(inputs);
        BodyField field = BodyField.of(stand);
        Pattern pattern = Drafter.draft(library.sheet("bodice-1883").orElseThrow(), inputs)
                .pattern();
        for (int threads : new int[] {1, 2, 1, 2}) {
            ForkJoinPool pool = new ForkJoinPool(threads);
            long begun = System.nanoTime();
            pool.submit(() -> TryOn.on(stand, field, pattern, plan("bodice-1883"), TryOn.Onlooker.NONE))
                    .get();
            System.out.printf(Locale.ROOT, "bodice-1883 on %d: %.1f s%n", threads, (System.nanoTime() - begun) / 1e9);
            pool.shutdown();
        }
        Runtime runtime = Runtime.getRuntime();
        System.gc();
        System.out.printf(
                Locale.ROOT, "held after it: %.0f MB%n", (runtime.totalMemory() - runtime.freeMemory()) / 1e6);
    }
}
