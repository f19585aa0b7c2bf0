package org.soberhem.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Judge;
import org.soberhem.core.judging.Judgement;
import org.soberhem.core.silhouette.Facts;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.library.Library;
import org.soberhem.library.bodies.Bodies;

/** Measures the figure and its rules: on a dragged measurement, and every rule on 507 measured bodies. */
public final class FigureRun {

    private static final int WARM = 1000;
    private static final int OFTEN = 2000;

    private final Library library = Library.shipped();
    private final Judge judge = new Judge(library.silhouettes(), library.figurePlan(), library.wardrobe());
    private final CompiledSheet blouse = library.sheet("blouse-1906").orElseThrow();
    private final CompiledSheet skirt = library.sheet("walking-skirt-1906").orElseThrow();

    private FigureRun() {}

    public static void main(String[] args) {
        FigureRun run = new FigureRun();
        calibrate();
        run.drag();
        run.bodies();
    }

    private static void calibrate() {
        double sum = 0;
        long from = 0;
        for (int round = 0; round < 400; round++) {
            from = System.nanoTime();
            double root = 2;
            for (int i = 0; i < 10_000; i++) {
                root = Math.sqrt(root + i);
            }
            sum += root;
        }
        System.out.printf(
                "calibration: 10 000 dependent square roots %.1f µs (%.0f)%n", (System.nanoTime() - from) / 1e3, sum);
    }

    private Map<String, Double> middle(double waist) {
        Map<String, Double> read = new HashMap<>();
        for (CompiledSheet sheet : List.of(blouse, skirt)) {
            sheet.middle().measures().forEach((measure, value) -> read.put(measure, value.right()));
        }
        read.put("waist-crease", waist);
        read.put("height", 1650.0);
        return read;
    }

    private EvaluatedCostume at(Map<String, Double> read, Map<String, DraftedGarment> works) {
        Costume costume = new Costume(
                "c", "c", "", 1906, Optional.empty(), "w", "", "blouse-1906", List.of(), List.of(), "", Map.of());
        return new EvaluatedCostume(
                new Judgement(costume, works, Map.of()),
                Wearer.of("w", "w", "", List.of()).built(new Build(Age.ADULT, true)),
                Optional.empty(),
                read);
    }

    private Map<String, DraftedGarment> works(Map<String, Double> read) {
        Map<String, DraftedGarment> works = new LinkedHashMap<>();
        works.put("Blouse", DraftedGarment.of(blouse, Inputs.of(read), List.of()));
        works.put("Skirt", DraftedGarment.of(skirt, Inputs.of(read), List.of()));
        return works;
    }

    /** A waist pulled to and fro: the garments once for each value, then the quick figure and every rule. */
    private void drag() {
        List<Double> figures = new ArrayList<>();
        List<Double> all = new ArrayList<>();
        long count = 0;
        for (int i = 0; i < WARM + OFTEN; i++) {
            Map<String, Double> read = middle(620 + i % 40 * 2);
            long from = System.nanoTime();
            Map<String, DraftedGarment> works = works(read);
            long drafted = System.nanoTime();
            EvaluatedCostume at = at(read, works);
            DressedFigure dressed = judge.figure(at, 0.5);
            List<Verdict> verdicts = judge.verdicts(at);
            long end = System.nanoTime();
            if (i >= WARM) {
                figures.add((end - drafted) / 1e6);
                all.add((end - from) / 1e6);
                count = verdicts.size();
            }
        }
        tell("quick figure and " + count + " rules", figures);
        tell("the same with both garments drafted anew", all);
    }

    private static void tell(String what, List<Double> took) {
        took.sort(Double::compare);
        System.out.printf(
                "%s: median %.2f ms, 95th percentile %.2f ms, 99th %.2f ms%n",
                what, took.get(took.size() / 2), took.get(took.size() * 95 / 100), took.get(took.size() * 99 / 100));
    }

    private void bodies() {
        List<Rule> rules = new ArrayList<>(library.silhouettes().everywhere());
        library.silhouettes()
                .headers()
                .forEach(header -> rules.addAll(
                        library.silhouettes().find(header.id()).orElseThrow().rules()));
        List<Bodies.Body> bodies = Bodies.measured();
        List<Inputs> completed = Bodies.all();
        for (int round = 0; round < 3; round++) {
            long from = System.nanoTime();
            Map<Verdict.Grade, Integer> grades = new LinkedHashMap<>();
            long drafting = 0;
            for (int i = 0; i < bodies.size(); i++) {
                Map<String, Double> read = new HashMap<>(bodies.get(i).millimetres());
                completed.get(i).measures().forEach((measure, value) -> read.putIfAbsent(measure, value.right()));
                long before = System.nanoTime();
                Map<String, DraftedGarment> works = new LinkedHashMap<>();
                try {
                    works = works(read);
                } catch (DraftException refused) {
                    works.clear();
                }
                drafting += System.nanoTime() - before;
                EvaluatedCostume at = at(read, works);
                Facts facts = judge.facts(at);
                for (Rule rule : rules) {
                    grades.merge(facts.judge(rule, "", Optional.empty()).grade(), 1, Integer::sum);
                }
            }
            System.out.printf(
                    "%d rules on %d bodies: %.2f s, and %.2f s to draft blouse and skirt for each; %s%n",
                    rules.size(), bodies.size(), (System.nanoTime() - from - drafting) / 1e9, drafting / 1e9, grades);
        }
    }
}
