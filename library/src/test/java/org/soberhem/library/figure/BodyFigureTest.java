package org.soberhem.library.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.CrossSection;
import org.soberhem.library.Library;
import org.soberhem.library.bodies.Bodies;

/** The figure on measured adults (Heinz, Peterson, Johnson, Kerk 2003) and on usual bodies of every age. */
class BodyFigureTest {

    private static final double MM = 1e-6;
    private static final Library LIBRARY = Library.shipped();

    private static BodyFigure figure(Build build, Map<String, Double> read) {
        return new BodyFigure(LIBRARY.figurePlan(), build, measure -> read.getOrDefault(measure, Double.NaN));
    }

    @Test
    void measuredGirths_areTheGirthsOfTheFigure() {
        for (Bodies.Body body : Bodies.measured()) {
            BodyFigure figure = figure(new Build(Age.ADULT, body.woman()), body.millimetres());
            assertThat(figure.height()).isEqualTo(body.millimetres().get("height"));
            Map.of("full-hip", "hip", "waist-narrowest", "waist", "thigh", "thigh", "wrist", "wrist", "ankle", "ankle")
                    .forEach((measure, level) -> assertThat(
                                    figure.section(level).orElseThrow().girth())
                            .as(measure)
                            .isCloseTo(body.millimetres().get(measure), within(1e-3)));
        }
    }

    @Test
    void levels_followEachOther_fromTheNeckToTheAnkle() {
        for (Bodies.Body body : Bodies.measured()) {
            BodyFigure figure = figure(new Build(Age.ADULT, body.woman()), body.millimetres());
            double above = figure.height();
            for (String level : List.of(
                    "neck-mid",
                    "neck-base",
                    "armpit",
                    "bust",
                    "under-bust",
                    "waist",
                    "high-hip",
                    "hip",
                    "thigh",
                    "knee",
                    "calf",
                    "ankle")) {
                CrossSection section = figure.section(level).orElseThrow();
                assertThat(section.middle().y()).as(level).isLessThan(above);
                above = section.middle().y();
            }
        }
    }

    @Test
    void ellipse_perimeterIsThatOfKnownShapes() {
        // A circle of radius 100, and the ellipse 2 : 1, whose perimeter is 9.688448220547675 times the smaller half
        // axis
        // (complete elliptic integral, handbook value from memory).
        BodyFigure figure = figure(Build.ADULT, Map.of("thigh", 2 * Math.PI * 100));
        assertThat(figure.section("thigh").orElseThrow().breadth()).isCloseTo(100, within(MM));
        CrossSection two = new CrossSection("x", figure.mark("fork").orElseThrow(), 200, 100, true);
        assertThat(two.girth()).isCloseTo(968.8448, within(0.001));
    }

    @Test
    void unmeasured_followsWhatWasMeasured() {
        Map<String, Double> slim = Map.of("height", 1650.0, "waist-crease", 600.0);
        Map<String, Double> full = Map.of("height", 1650.0, "waist-crease", 1100.0);
        assertThat(figure(Build.ADULT, full).section("hip").orElseThrow().girth())
                .isGreaterThan(
                        figure(Build.ADULT, slim).section("hip").orElseThrow().girth() * 1.3);
        assertThat(figure(Build.ADULT, full).section("hip").orElseThrow().measured())
                .isFalse();
        assertThat(figure(Build.ADULT, full).section("waist").orElseThrow().measured())
                .isTrue();
    }

    @Test
    void lengths_moveTheLevels_unlessTheyCannotBeTrue() {
        Map<String, Double> shortBack = Map.of("height", 1650.0, "nape-to-floor", 1410.0, "nape-to-waist", 360.0);
        Map<String, Double> longBack = Map.of("height", 1650.0, "nape-to-floor", 1410.0, "nape-to-waist", 420.0);
        double higher = figure(Build.ADULT, shortBack)
                .section("waist")
                .orElseThrow()
                .middle()
                .y();
        double lower = figure(Build.ADULT, longBack)
                .section("waist")
                .orElseThrow()
                .middle()
                .y();
        assertThat(higher - lower).isCloseTo(60 * 0.98, within(MM));
        Map<String, Double> absurd = Map.of("height", 1650.0, "nape-to-waist", 3000.0);
        assertThat(figure(Build.ADULT, absurd)
                        .section("waist")
                        .orElseThrow()
                        .middle()
                        .y())
                .isEqualTo(figure(Build.ADULT, Map.of("height", 1650.0))
                        .section("waist")
                        .orElseThrow()
                        .middle()
                        .y());
    }

    @Test
    void readings_thatNoBodyHas_areNotFollowed_andNamed() {
        Map<String, Double> read = new HashMap<>(Map.of("height", 1575.0, "waist-crease", 900.0, "full-hip", 1100.0));
        read.putAll(Map.of("upper-arm", 343.0, "forearm", 267.0, "wrist", 432.0));
        BodyFigure figure = figure(Build.ADULT, read);
        assertThat(figure.notBelieved()).containsExactly("wrist");
        assertThat(figure.section("wrist").orElseThrow().girth()).isBetween(140.0, 230.0);
        assertThat(figure(Build.ADULT, Map.of("height", 0.0)).notBelieved()).containsExactly("height");
        assertThat(figure(Build.ADULT, Map.of("height", 1e9)).height()).isBetween(1000.0, 2000.0);
        assertThat(figure(Build.ADULT, Map.of("full-hip", 0.0)).notBelieved()).containsExactly("full-hip");
        Map<String, Double> toddler =
                Map.of("height", 950.0, "waist-crease", 500.0, "full-hip", 520.0, "chest", 1000.0);
        assertThat(figure(new Build(Age.TODDLER, false), toddler).notBelieved()).containsExactly("chest");
    }

    @Test
    void readings_ofMeasuredBodies_areAllBelieved() {
        for (Bodies.Body body : Bodies.measured()) {
            BodyFigure figure = figure(new Build(Age.ADULT, body.woman()), body.millimetres());
            assertThat(figure.notBelieved()).isEmpty();
        }
    }

    @Test
    void heads_ofChildrenAreLargerBesideTheBody() {
        // A grown body is about seven and a half heads high, an infant about four (common practice of figure drawing).
        assertThat(heads(Age.ADULT)).isBetween(7.0, 8.0);
        assertThat(heads(Age.INFANT)).isBetween(3.5, 4.5);
        assertThat(heads(Age.CHILD)).isBetween(5.5, 6.5);
    }

    private static double heads(Age age) {
        return 1 / (1 - LIBRARY.figurePlan().ages().get(age).chin());
    }
}
