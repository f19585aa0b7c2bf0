package org.soberhem.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Predicate;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.doubt.Doubts;
import org.soberhem.core.doubt.Proportions;
import org.soberhem.core.doubt.Relation;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.StandMaker;
import org.soberhem.library.Library;
import org.soberhem.library.bodies.Bodies;

/**
 * Says how often doubts are right, five-fold cross-validated on 507 measured adults (Heinz, Peterson, Kerk, Johnson
 * 2003): the proportions are fitted on four fifths, single mistakes are put into the rest. The ratio limits that were
 * computed from the whole sample are left out. Two further lines fit on one kind of body and try another.
 */
public final class DoubtsRun {

    private static final long SEED = 507;
    private static final int FOLDS = 5;
    private static final LocalDate DAY = LocalDate.of(2026, 6, 1);
    private static final double INCH = 25.4;
    private static final int OFTEN = 300;

    private final Library library = Library.shipped();
    private final List<Relation> relations = library.relations().stream()
            .filter(relation -> !relation.evidence().equals("sample"))
            .toList();

    private final List<Long> took = new ArrayList<>();
    private int bodies;
    private int questioned;
    private int offsetAsked;
    private int offsetFound;
    private int swapped;
    private final Map<String, int[]> found = new LinkedHashMap<>();

    public static void main(String[] args) {
        List<Bodies.Body> all = new ArrayList<>(Bodies.measured());
        DoubtsRun run = new DoubtsRun();
        Collections.shuffle(all, new Random(SEED));
        for (int fold = 0; fold < FOLDS; fold++) {
            List<Bodies.Body> rest = new ArrayList<>();
            List<Bodies.Body> tried = new ArrayList<>();
            for (int i = 0; i < all.size(); i++) {
                (i % FOLDS == fold ? tried : rest).add(all.get(i));
            }
            run.cross(rest, tried, true);
        }
        run.report();
        run.whole();
        double heavy = 26;
        for (Map.Entry<String, Predicate<Bodies.Body>> split : Map.<String, Predicate<Bodies.Body>>of(
                        "fitted under 32 years, tried from 32", body -> body.years() >= 32,
                        "fitted under 26 kg/m², tried from 26", body -> body.kilograms() / square(body) >= heavy)
                .entrySet()) {
            DoubtsRun other = new DoubtsRun();
            other.cross(
                    all.stream().filter(split.getValue().negate()).toList(),
                    all.stream().filter(split.getValue()).toList(),
                    false);
            System.out.printf(
                    "%s (%d bodies): %.1f %% questioned%n",
                    split.getKey(), other.bodies, share(other.questioned, other.bodies));
        }
    }

    private static double square(Bodies.Body body) {
        double metres = body.millimetres().get("height") / 1000;
        return metres * metres;
    }

    private void cross(List<Bodies.Body> rest, List<Bodies.Body> tried, boolean mistakes) {
        List<Proportions.Variable> variables = library.proportions().variables();
        Proportions proportions = Proportions.fit(
                variables,
                rest.stream()
                        .map(body -> variables.stream()
                                .mapToDouble(variable -> body.millimetres().get(variable.measure()))
                                .toArray())
                        .toList());
        Doubts doubts = new Doubts(library.measures(), relations, proportions, library.wardrobe());
        for (Bodies.Body body : tried) {
            bodies++;
            long from = System.nanoTime();
            List<Doubt> asked = ask(doubts, body, body.millimetres());
            took.add(System.nanoTime() - from);
            boolean offset = asked.stream().anyMatch(doubt -> doubt.kind() == Doubt.Kind.ONE_INCH);
            offsetAsked += offset ? 1 : 0;
            questioned += asked.isEmpty() ? 0 : 1;
            if (mistakes) {
                mistakes(doubts, body);
            }
        }
    }

    private void mistakes(Doubts doubts, Bodies.Body body) {
        Map<String, Double> straight = body.millimetres();
        for (String girth : girths(body)) {
            int[] counts = found.computeIfAbsent(girth, key -> new int[4]);
            counts[0] += names(
                            ask(doubts, body, with(body, girth, straight.get(girth) * 2.54), girth, LengthUnit.INCH),
                            read(body, girth))
                    ? 1
                    : 0;
            counts[1] +=
                    names(ask(doubts, body, with(body, girth, straight.get(girth) / 2.54)), read(body, girth)) ? 1 : 0;
            List<Doubt> ten = ask(doubts, body, with(body, girth, straight.get(girth) + 10 * INCH));
            counts[2] += ten.isEmpty() ? 0 : 1;
            counts[3] += names(ten, read(body, girth)) ? 1 : 0;
        }
        Map<String, Double> exchanged = new LinkedHashMap<>(straight);
        exchanged.put("waist-narrowest", straight.get("full-hip"));
        exchanged.put("full-hip", straight.get("waist-narrowest"));
        swapped += names(ask(doubts, body, exchanged), "waist-narrowest", "full-hip") ? 1 : 0;
        Map<String, Double> longer = new LinkedHashMap<>(straight);
        girths(body).forEach(girth -> longer.merge(girth, INCH, Double::sum));
        offsetFound +=
                ask(doubts, body, longer).stream().anyMatch(doubt -> doubt.kind() == Doubt.Kind.ONE_INCH) ? 1 : 0;
    }

    /** The sample's chest girth of women was taken above the breast: it is entered as what it is. */
    private static String read(Bodies.Body body, String measure) {
        return measure.equals("chest") && body.woman() ? "high-bust" : measure;
    }

    private static List<String> girths(Bodies.Body body) {
        return body.millimetres().keySet().stream()
                .filter(measure -> !measure.equals("height"))
                .toList();
    }

    private static Map<String, Double> with(Bodies.Body body, String girth, double value) {
        Map<String, Double> changed = new LinkedHashMap<>(body.millimetres());
        changed.put(girth, value);
        return changed;
    }

    private static boolean names(List<Doubt> asked, String... measures) {
        return asked.stream().anyMatch(doubt -> doubt.measures().containsAll(List.of(measures)));
    }

    private static List<Doubt> ask(Doubts doubts, Bodies.Body body, Map<String, Double> millimetres) {
        return ask(doubts, body, millimetres, "", LengthUnit.CENTIMETRE);
    }

    private static List<Doubt> ask(
            Doubts doubts, Bodies.Body body, Map<String, Double> millimetres, String other, LengthUnit otherUnit) {
        List<Reading> readings = new ArrayList<>();
        millimetres.forEach((measure, value) -> {
            LengthUnit unit = measure.equals(other) ? otherUnit : LengthUnit.CENTIMETRE;
            Length length = Length.ofMillimetres(value);
            String typed = String.valueOf(Math.round(value * 1e7 / unit.nanometres()) / 10.0);
            readings.add(new Reading(
                    read(body, measure), Side.MIDDLE, Posture.STANDING, List.of(new LengthEntry(length, typed, unit))));
        });
        MeasurementSet set = MeasurementSet.of("bench", DAY, "none", "", "", readings);
        return doubts.of(set, new Build(Age.ADULT, body.woman()), DAY, 6);
    }

    /** Times the doubts about a set that has every measure of the catalogue, as the usual figure reads them. */
    private void whole() {
        Stand stand = StandMaker.rough(new BodyFigure(library.figurePlan(), Build.ADULT, measure -> Double.NaN));
        List<Reading> readings = new ArrayList<>();
        for (Measure measure : library.measures().all(Build.ADULT)) {
            Length length = Length.ofMillimetres(
                    stand.tape(measure.id(), Side.RIGHT).orElseThrow().length());
            Posture posture = measure.how().takes(Posture.STANDING) ? Posture.STANDING : Posture.SEATED;
            readings.add(new Reading(
                    measure.id(),
                    Side.MIDDLE,
                    posture,
                    List.of(new LengthEntry(length, LengthFormat.CENTIMETRES.format(length), LengthUnit.CENTIMETRE))));
        }
        MeasurementSet set = MeasurementSet.of("whole", DAY, "none", "", "", readings);
        Doubts doubts = new Doubts(library.measures(), library.relations(), library.proportions(), library.wardrobe());
        long[] times = new long[OFTEN];
        int asked = 0;
        for (int i = -OFTEN; i < OFTEN; i++) {
            // Another set each time, as while typing: the last answer is kept.
            MeasurementSet other = set.settle("bench " + i);
            long from = System.nanoTime();
            asked = doubts.of(other, Build.ADULT, DAY, 6).size();
            if (i >= 0) {
                times[i] = System.nanoTime() - from;
            }
        }
        Arrays.sort(times);
        System.out.printf(
                "doubts of one set of %d readings, %d asked: median %.2f ms, 99th percentile %.2f ms%n",
                readings.size(), asked, times[OFTEN / 2] / 1e6, times[OFTEN * 99 / 100] / 1e6);
    }

    private static double share(double part, double whole) {
        return 100 * part / whole;
    }

    private void report() {
        System.out.printf("%d bodies, five-fold, %d girths%n", bodies, found.size());
        System.out.printf("questioned without a mistake: %.2f %%%n", share(questioned, bodies));
        String[] titles = {
            "centimetres typed as inches", "inches typed as centimetres", "10 in too long", "10 in too long, named"
        };
        for (int i = 0; i < titles.length; i++) {
            int place = i;
            double mean = found.values().stream()
                    .mapToDouble(c -> share(c[place], bodies))
                    .average()
                    .orElseThrow();
            Map.Entry<String, int[]> least = Collections.min(
                    found.entrySet(), (a, b) -> Integer.compare(a.getValue()[place], b.getValue()[place]));
            System.out.printf(
                    "%s, one girth: %.2f %% asked about, least %.2f %% (%s)%n",
                    titles[i], mean, share(least.getValue()[place], bodies), least.getKey());
        }
        Collections.sort(took);
        System.out.printf(
                "doubts of one set of %d readings: median %.2f ms, 99th percentile %.2f ms%n",
                found.size() + 1, took.get(took.size() / 2) / 1e6, took.get(took.size() * 99 / 100) / 1e6);
        System.out.printf("waist and hip exchanged: %.1f %%%n", share(swapped, bodies));
        System.out.printf(
                "all girths 1 in too long: %.1f %%, false alarms %.2f %%%n",
                share(offsetFound, bodies), share(offsetAsked, bodies));
    }
}
