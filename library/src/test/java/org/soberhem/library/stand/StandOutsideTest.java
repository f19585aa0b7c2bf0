package org.soberhem.library.stand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.Place;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.plate.Mesh;
import org.soberhem.core.stand.Residual;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.StandMaker;
import org.soberhem.library.Library;
import org.soberhem.library.bodies.Bodies;

/**
 * Stands of measured adults (Heinz, Peterson, Johnson, Kerk 2003), every thirtieth of them; all of them are measured in
 * {@code bench/run stands}.
 */
class StandOutsideTest {

    private static final Library LIBRARY = Library.shipped();
    private static final int EVERY = 30;
    private static final Map<Bodies.Body, Stand> STANDS = new HashMap<>();

    /** Levels by the published girth that is read there. */
    private static final Map<String, String> LEVELS =
            Map.of("waist", "waist-narrowest", "hip", "full-hip", "belly", "belly");

    @BeforeAll
    static void make() {
        List<Bodies.Body> all = Bodies.measured();
        for (int i = 0; i < all.size(); i += EVERY) {
            Map<String, Double> read = all.get(i).millimetres();
            BodyFigure figure = new BodyFigure(
                    LIBRARY.figurePlan(),
                    new Build(Age.ADULT, all.get(i).woman()),
                    measure -> read.getOrDefault(measure, Double.NaN));
            STANDS.put(all.get(i), StandMaker.of(figure));
        }
    }

    /**
     * Triangles of the surface are cut by the level plane, and JTS lays the hull round the pieces: neither the
     * surface's
     * rows nor its own hull are asked.
     */
    private static double hullOfCut(Mesh mesh, double height) {
        List<Coordinate> cut = new ArrayList<>();
        for (int i = 0; i < mesh.triangles().length; i += 3) {
            for (int k = 0; k < 3; k++) {
                Place a = mesh.place(mesh.triangles()[i + k]);
                Place b = mesh.place(mesh.triangles()[i + (k + 1) % 3]);
                if (a.y() < height != b.y() < height) {
                    double share = (height - a.y()) / (b.y() - a.y());
                    cut.add(new Coordinate(a.x() + share * (b.x() - a.x()), a.z() + share * (b.z() - a.z())));
                }
            }
        }
        return new GeometryFactory()
                .createMultiPointFromCoords(cut.toArray(Coordinate[]::new))
                .convexHull()
                .getBoundary()
                .getLength();
    }

    @Test
    void girths_byAnotherMethod_areThoseThatWereRead() {
        STANDS.forEach((body, stand) -> LEVELS.forEach((level, measure) -> assertThat(hullOfCut(
                        stand.meshes().get(0), stand.body().at(level).middle().y()))
                .as("%s of a body of %s", measure, body.millimetres().get("height"))
                .isCloseTo(body.millimetres().get(measure), within(0.5))));
    }

    @Test
    void limbs_haveTheGirthsThatWereRead() {
        STANDS.forEach((body, stand) -> {
            for (String measure : List.of("thigh", "knee", "calf", "ankle", "forearm", "wrist", "upper-arm-flexed")) {
                double read = body.millimetres().get(measure);
                assertThat(stand.tape(measure, Side.LEFT).orElseThrow().length())
                        .as(measure)
                        .isCloseTo(read, within(0.5));
            }
        });
    }

    @Test
    void residuals_ofTheTrunk_areWithinHalfAMillimetre() {
        STANDS.values()
                .forEach(stand -> assertThat(stand.residuals())
                        .isNotEmpty()
                        .allSatisfy(residual -> assertThat(residual.off()).isBetween(-0.5, 0.5)));
    }

    /** Euler's formula: a closed surface without a hole has two more places and triangles than sides. */
    @Test
    void surfaces_areClosed_andTheirNormalsPointOutwards() {
        STANDS.values()
                .forEach(stand -> stand.meshes().forEach(mesh -> {
                    Map<Long, Integer> sides = new HashMap<>();
                    int[] corners = mesh.triangles();
                    for (int i = 0; i < corners.length; i += 3) {
                        for (int k = 0; k < 3; k++) {
                            long a = corners[i + k];
                            long b = corners[i + (k + 1) % 3];
                            sides.merge(a << 32 | b, 1, Integer::sum);
                        }
                    }
                    // Every side is walked once each way, so that two triangles meet there and agree what is outside.
                    sides.forEach((side, times) -> {
                        assertThat(times).isEqualTo(1);
                        assertThat(sides).containsKey(side << 32 | side >>> 32);
                    });
                    assertThat(mesh.placeCount() - sides.size() / 2 + corners.length / 3)
                            .as(mesh.name())
                            .isEqualTo(2);
                    assertThat(mesh.volume()).isPositive();
                }));
    }

    /**
     * Volume from weight by the mean density of a body, 1.04 to 1.06 (hydrostatic weighing; Siri 1961, from memory),
     * and
     * surface from weight and height by D. and E. F. Du Bois (1916), 0.007184 · kg^0.425 · cm^0.725, from memory.
     */
    @Test
    void volumeAndSurface_areThoseOfPublishedFormulas_inTheMiddle() {
        List<Double> volumes = new ArrayList<>();
        List<Double> surfaces = new ArrayList<>();
        STANDS.forEach((body, stand) -> {
            double litres = stand.meshes().stream().mapToDouble(Mesh::volume).sum() / 1e6;
            double metres = stand.meshes().stream().mapToDouble(Mesh::area).sum() / 1e6;
            volumes.add(litres / (body.kilograms() / 1.05));
            surfaces.add(metres
                    / (0.007184
                            * Math.pow(body.kilograms(), 0.425)
                            * Math.pow(body.millimetres().get("height") / 10, 0.725)));
        });
        volumes.sort(Double::compare);
        surfaces.sort(Double::compare);
        assertThat(volumes.get(volumes.size() / 2)).isBetween(0.9, 1.1);
        assertThat(surfaces.get(surfaces.size() / 2)).isBetween(0.9, 1.1);
    }

    @Test
    void surfaces_doNotCrossThemselves() {
        Stand stand = STANDS.values().iterator().next();
        stand.meshes()
                .forEach(mesh ->
                        assertThat(new Crossings(mesh).count()).as(mesh.name()).isZero());
    }

    @Test
    void sameReadings_giveTheSameStand_bitForBit_andMirroredOnes_theMirroredStand() {
        Map<String, Double> right = new HashMap<>(Map.of(
                "height", 1680.0, "full-bust", 960.0, "under-bust", 800.0, "waist-crease", 720.0, "full-hip", 1010.0));
        right.put("shoulder-slope", 38.0);
        right.put("neck-base", 380.0);
        Map<String, Double> left = new HashMap<>(right);
        left.put("shoulder-slope", 52.0);
        Stand one = StandMaker.of(uneven(right, left));
        Stand again = StandMaker.of(uneven(right, left));
        Stand mirrored = StandMaker.of(uneven(left, right));
        assertThat(again.meshes().get(0).places()).isEqualTo(one.meshes().get(0).places());
        assertThat(again.meshes().get(1).places()).isEqualTo(one.meshes().get(1).places());
        double lower = one.body().mark("shoulder-point").orElseThrow().y()
                - one.body().mark("shoulder-point-left").orElseThrow().y();
        assertThat(lower).isBetween(8.0, 20.0);
        assertThat(mirrored.body().mark("shoulder-point").orElseThrow().y()
                        - mirrored.body()
                                .mark("shoulder-point-left")
                                .orElseThrow()
                                .y())
                .isCloseTo(-lower, within(0.05));
        for (String measure : List.of("shoulder-length", "armscye", "side-waist-length")) {
            assertThat(mirrored.tape(measure, Side.LEFT).orElseThrow().length())
                    .as(measure)
                    .isCloseTo(one.tape(measure, Side.RIGHT).orElseThrow().length(), within(0.1));
        }
    }

    private static BodyFigure uneven(Map<String, Double> right, Map<String, Double> left) {
        return new BodyFigure(
                LIBRARY.figurePlan(),
                Build.ADULT,
                org.soberhem.core.figure.FoundationShape.NATURAL,
                measure -> right.getOrDefault(measure, Double.NaN),
                measure -> left.getOrDefault(measure, Double.NaN));
    }

    /** Readings of one measured body, its derived ones among them, and one of them slipped by three inches. */
    @Test
    void slippedLength_isTheOneThatTheOthersContradict() {
        Map<String, Double> read = new HashMap<>();
        Bodies.all().get(300).measures().forEach((measure, value) -> read.put(measure, value.right()));
        BodyFigure sound = figure(read);
        assertThat(org.soberhem.core.stand.OddReading.of(sound, StandMaker.of(sound)))
                .isEmpty();
        read.merge("nape-to-waist", 76.0, Double::sum);
        BodyFigure slipped = figure(read);
        var odd = org.soberhem.core.stand.OddReading.of(slipped, StandMaker.of(slipped))
                .orElseThrow();
        assertThat(odd.measure()).isEqualTo("nape-to-waist");
        assertThat(odd.read() - odd.others()).isBetween(45.0, 110.0);
    }

    /** Whole sets whose readings are each off by chance: none may bring the search to nothing. */
    @Test
    void wholeSets_withSlips_allHaveAStand() {
        java.util.Random chance = new java.util.Random(3);
        for (int i = 0; i < 507; i += 60) {
            Map<String, Double> read = new HashMap<>();
            Bodies.all()
                    .get(i)
                    .measures()
                    .forEach((measure, value) -> read.put(measure, value.right() + 2.5 * chance.nextGaussian()));
            assertThat(StandMaker.of(figure(read)).residuals())
                    .hasSizeGreaterThan(20)
                    .allSatisfy(each -> assertThat(Math.abs(each.score())).isLessThan(12));
        }
    }

    private static BodyFigure figure(Map<String, Double> read) {
        return new BodyFigure(LIBRARY.figurePlan(), Build.ADULT, measure -> read.getOrDefault(measure, Double.NaN));
    }

    @Test
    void readingsThatNoBodyHas_giveAStandAsNearAsCanBe_andAreNamed() {
        List<Map<String, Double>> sets = List.of(
                Map.of("full-hip", 1000.0),
                Map.of("waist-crease", 0.0, "full-hip", 1e12, "height", -5.0),
                Map.of("height", 1680.0, "waist-crease", 1400.0, "full-hip", 500.0, "full-bust", 900.0),
                Map.of("height", 1680.0, "nape-to-waist", 3000.0, "neck-base", 10.0),
                Map.of("shoulder-slope", 900.0, "shoulder-length", 5.0, "armscye", 3000.0));
        for (Map<String, Double> read : sets) {
            Stand stand = StandMaker.of(figure(read));
            Set<String> told = new HashSet<>(stand.refused());
            stand.residuals().stream()
                    .filter(residual -> Math.abs(residual.score()) > 3)
                    .map(Residual::measure)
                    .forEach(told::add);
            assertThat(told.isEmpty()).as(read.toString()).isEqualTo(read.size() == 1);
            assertThat(stand.meshes().get(0).volume() / 1e6).as(read.toString()).isBetween(20.0, 250.0);
            for (double coordinate : stand.meshes().get(0).places()) {
                assertThat(coordinate).isFinite();
            }
        }
        Map<String, Double> toddler =
                Map.of("height", 950.0, "waist-crease", 500.0, "full-hip", 530.0, "chest", 1000.0);
        Stand child = StandMaker.of(new BodyFigure(
                LIBRARY.figurePlan(),
                new Build(Age.TODDLER, false),
                measure -> toddler.getOrDefault(measure, Double.NaN)));
        assertThat(child.refused()).contains("chest");
    }
}
