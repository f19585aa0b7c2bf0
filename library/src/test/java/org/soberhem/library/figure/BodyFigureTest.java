package org.soberhem.library.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.CrossSection;
import org.soberhem.core.figure.DressedPlate;
import org.soberhem.core.figure.FigurePlate;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
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
            for (String measure : List.of("full-hip", "waist-narrowest", "thigh", "wrist", "ankle")) {
                assertThat(figure.expected(measure).orElseThrow())
                        .as(measure)
                        .isCloseTo(body.millimetres().get(measure), within(1e-3));
            }
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
        assertThat(figure(Build.ADULT, full).expected("full-hip").orElseThrow())
                .isGreaterThan(figure(Build.ADULT, slim).expected("full-hip").orElseThrow() * 1.3);
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

    @ParameterizedTest
    @EnumSource(Age.class)
    void plates_standOnTheFloor_andReachTheCrown(Age age) {
        BodyFigure figure = figure(new Build(age, true), Map.of());
        for (FigureView view : FigureView.values()) {
            double top = 0;
            double bottom = -1000;
            double widest = 0;
            for (FigurePlate.Part part : DressedPlate.of(figure, view).parts()) {
                for (Path outline : part.shapes()) {
                    for (Point point : outline.flattened(1)) {
                        top = Math.min(top, point.y());
                        bottom = Math.max(bottom, point.y());
                        widest = Math.max(widest, Math.abs(point.x()));
                    }
                }
            }
            assertThat(-top).as(view.words()).isCloseTo(figure.height(), within(figure.height() * 0.02));
            assertThat(bottom).as(view.words()).isCloseTo(0, within(figure.height() * 0.02));
            assertThat(widest).as(view.words()).isLessThan(figure.halfBreadth() * 1.05);
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
