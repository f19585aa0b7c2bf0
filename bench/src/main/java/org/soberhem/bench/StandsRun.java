package org.soberhem.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.plate.DistanceField;
import org.soberhem.core.plate.Mesh;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.stand.OddReading;
import org.soberhem.core.stand.Residual;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.StandMaker;
import org.soberhem.library.Library;
import org.soberhem.library.bodies.Bodies;

/** Stands of all measured bodies: how near, how long, and how often sound readings are doubted. */
public final class StandsRun {

    /** A careful reading is off by about so much, millimetres. */
    private static final double SLIP = 2.5;

    private static final List<String> SLIPPED = List.of(
            "nape-to-waist", "front-waist-length", "side-waist-length", "shoulder-length", "shoulder-width", "armscye");

    private final Library library = Library.shipped();

    private StandsRun() {}

    public static void main(String[] args) {
        StandsRun run = new StandsRun();
        run.published();
        run.completed(8);
        run.slipped();
        run.drawing();
    }

    private BodyFigure figure(boolean woman, Map<String, Double> read) {
        return new BodyFigure(
                library.figurePlan(), new Build(Age.ADULT, woman), measure -> read.getOrDefault(measure, Double.NaN));
    }

    private void published() {
        List<Double> took = new ArrayList<>();
        List<Double> volumes = new ArrayList<>();
        List<Double> surfaces = new ArrayList<>();
        Map<String, List<Double>> off = new TreeMap<>();
        long from = System.nanoTime();
        for (Bodies.Body body : Bodies.measured()) {
            long begun = System.nanoTime();
            Stand stand = StandMaker.of(figure(body.woman(), body.millimetres()));
            took.add((System.nanoTime() - begun) / 1e6);
            note(off, stand);
            double litres = stand.meshes().stream().mapToDouble(Mesh::volume).sum() / 1e6;
            double metres = stand.meshes().stream().mapToDouble(Mesh::area).sum() / 1e6;
            volumes.add(litres / (body.kilograms() / 1.05));
            surfaces.add(metres
                    / (0.007184
                            * Math.pow(body.kilograms(), 0.425)
                            * Math.pow(body.millimetres().get("height") / 10, 0.725)));
        }
        System.out.printf(
                Locale.ROOT, "all %d bodies: %.1f s%n", Bodies.measured().size(), (System.nanoTime() - from) / 1e9);
        tell("a stand, ms", took);
        tell("volume beside weight / 1.05", volumes);
        tell("surface beside Du Bois 1916", surfaces);
        off.forEach((measure, values) -> tell("off, mm: " + measure, values));
    }

    /** Whole sets, every reading off by chance: how far the stand must miss them, and what is doubted. */
    private void completed(int every) {
        Random chance = new Random(3);
        List<Double> worst = new ArrayList<>();
        List<Double> took = new ArrayList<>();
        Map<String, List<Double>> off = new TreeMap<>();
        int doubted = 0;
        List<Inputs> all = Bodies.all();
        List<Bodies.Body> measured = Bodies.measured();
        for (int i = 0; i < all.size(); i += every) {
            Map<String, Double> read = new HashMap<>();
            for (String measure : Stand.measures()) {
                all.get(i)
                        .find(measure)
                        .ifPresent(value -> read.put(measure, value.right() + SLIP * chance.nextGaussian()));
            }
            BodyFigure body = figure(measured.get(i).woman(), read);
            long begun = System.nanoTime();
            Stand stand = StandMaker.of(body);
            took.add((System.nanoTime() - begun) / 1e6);
            note(off, stand);
            worst.add(stand.residuals().stream()
                    .mapToDouble(each -> Math.abs(each.score()))
                    .max()
                    .orElse(0));
            doubted += OddReading.of(body, stand).isPresent() ? 1 : 0;
        }
        System.out.printf(
                Locale.ROOT, "whole sets with slips of %.1f mm: %d of %d doubted%n", SLIP, doubted, worst.size());
        tell("a stand of a whole set, ms", took);
        tell("its worst miss, in spreads", worst);
        off.forEach((measure, values) -> tell("off, mm: " + measure, values));
    }

    /** Whole sets with one length two inches too long: how often it is asked about, and how often by its name. */
    private void slipped() {
        List<Inputs> all = Bodies.all();
        for (String slip : SLIPPED) {
            int asked = 0;
            int named = 0;
            for (int i = 0; i < all.size(); i += 80) {
                Map<String, Double> read = new HashMap<>();
                all.get(i).measures().forEach((measure, value) -> read.put(measure, value.right()));
                read.merge(slip, 50.8, Double::sum);
                BodyFigure body = figure(Bodies.measured().get(i).woman(), read);
                Optional<OddReading> odd = OddReading.of(body, StandMaker.of(body));
                asked += odd.isPresent() ? 1 : 0;
                named += odd.filter(each -> each.measure().equals(slip)).isPresent() ? 1 : 0;
            }
            System.out.printf(Locale.ROOT, "2 in too long, %s: asked %d, by name %d of 7%n", slip, asked, named);
        }
    }

    private void drawing() {
        Bodies.Body body = Bodies.measured().get(300);
        BodyFigure figure = figure(body.woman(), body.millimetres());
        Stand stand = StandMaker.of(figure);
        List<Double> plates = new ArrayList<>();
        List<Double> turning = new ArrayList<>();
        List<Double> rough = new ArrayList<>();
        for (int i = 0; i < 80; i++) {
            long begun = System.nanoTime();
            PlateMaker.plate(stand.solids(), new Viewpoint(i * 4, 0));
            long fine = System.nanoTime();
            PlateMaker.plate(stand.solids(), new Viewpoint(i * 4, 0), 4.5);
            long coarse = System.nanoTime();
            StandMaker.rough(figure);
            if (i >= 30) {
                plates.add((fine - begun) / 1e6);
                turning.add((coarse - fine) / 1e6);
                rough.add((System.nanoTime() - coarse) / 1e6);
            }
        }
        tell("a fine plate, ms", plates);
        tell("a plate while it is turned, ms", turning);
        tell("a quick stand, ms", rough);
        long begun = System.nanoTime();
        new DistanceField(stand.meshes().get(0), 20);
        System.out.printf(Locale.ROOT, "distance field of 20 mm: %.0f ms%n", (System.nanoTime() - begun) / 1e6);
    }

    private static void note(Map<String, List<Double>> off, Stand stand) {
        for (Residual residual : stand.residuals()) {
            off.computeIfAbsent(residual.measure(), each -> new ArrayList<>()).add(residual.off());
        }
    }

    private static void tell(String what, List<Double> values) {
        Collections.sort(values);
        int last = values.size() - 1;
        System.out.printf(
                Locale.ROOT,
                "%s: 5 %% %.2f, median %.2f, 95 %% %.2f, least %.2f, most %.2f%n",
                what,
                values.get((int) (last * 0.05)),
                values.get(last / 2),
                values.get((int) (last * 0.95)),
                values.get(0),
                values.get(last));
    }
}
