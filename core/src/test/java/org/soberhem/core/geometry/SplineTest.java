package org.soberhem.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.apache.commons.math3.analysis.integration.RombergIntegrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The bent lath against arcs in closed form and against the integration of another library (Apache Commons Math). */
class SplineTest {

    @Test
    void through_placesOfACircle_isItsArc() {
        double radius = 150;
        List<Point> places = new ArrayList<>();
        for (int degrees = 0; degrees <= 90; degrees += 15) {
            places.add(onCircle(radius, degrees));
        }
        Path arc = Path.bent(places, Optional.of(new Point(0, 1)), Optional.of(new Point(-1, 0)));
        assertThat(arc.length()).isEqualTo(radius * Math.PI / 2, within(0.01));
        for (double share = 0; share <= 1; share += 0.05) {
            assertThat(arc.atShare(share).norm()).isEqualTo(radius, within(0.01));
        }
    }

    @Test
    void through_placesOfAnEllipse_hasTheLengthOfTheEllipticIntegral() {
        double a = 160;
        double b = 90;
        List<Point> places = new ArrayList<>();
        for (int degrees = 0; degrees <= 90; degrees += 10) {
            double t = Math.toRadians(degrees);
            places.add(new Point(a * Math.cos(t), b * Math.sin(t)));
        }
        Path arc = Path.bent(places, Optional.of(new Point(0, 1)), Optional.of(new Point(-1, 0)));
        double exact = new RombergIntegrator()
                .integrate(10_000, t -> Math.sqrt(sq(a * Math.sin(t)) + sq(b * Math.cos(t))), 0, Math.PI / 2);
        assertThat(arc.length()).isEqualTo(exact, within(0.02));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void length_ofACubic_isThatOfTheOtherLibrarysIntegration(long seed) {
        Random random = new Random(seed);
        Cubic curve = new Cubic(point(random), point(random), point(random), point(random));
        double measured = new RombergIntegrator(1e-9, 1e-9, 4, 20).integrate(3_000_000, t -> speed(curve, t), 0, 1);
        assertThat(curve.length()).as("seed %d", seed).isEqualTo(measured, within(measured * 2e-4));
    }

    private static double speed(Cubic c, double t) {
        double u = 1 - t;
        Point v = c.first()
                .minus(c.start())
                .times(3 * u * u)
                .plus(c.second().minus(c.first()).times(6 * u * t))
                .plus(c.end().minus(c.second()).times(3 * t * t));
        return v.norm();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void through_randomPlaces_meetsThem_withOneDirectionAndOneBend(long seed) {
        Random random = new Random(seed);
        List<Point> places = new ArrayList<>(List.of(new Point(0, 0)));
        for (int i = 1; i < 6; i++) {
            places.add(places.get(i - 1).plus(new Point(20 + random.nextDouble() * 80, random.nextDouble() * 60 - 30)));
        }
        Path path = Path.bent(places, Optional.empty(), Optional.empty());
        for (int i = 0; i < path.segments().size(); i++) {
            assertThat(path.segments().get(i).start()).isEqualTo(places.get(i));
            if (i > 0) {
                Cubic before = (Cubic) path.segments().get(i - 1);
                Cubic after = (Cubic) path.segments().get(i);
                assertThat(before.direction(1).distanceTo(after.direction(0))).isLessThan(1e-9);
                double h = places.get(i).distanceTo(places.get(i - 1));
                double k = places.get(i + 1).distanceTo(places.get(i));
                Point bendBefore =
                        bend(before.end(), before.second(), before.first()).times(1 / (h * h));
                Point bendAfter =
                        bend(after.start(), after.first(), after.second()).times(1 / (k * k));
                assertThat(bendBefore.distanceTo(bendAfter)).isLessThan(1e-9);
            }
        }
    }

    private static Point bend(Point a, Point b, Point c) {
        return a.minus(b.times(2)).plus(c).times(6);
    }

    @Test
    void through_twoPlaces_leavesAndComesAsBound() {
        Path path = Path.bent(
                List.of(new Point(0, 0), new Point(100, 100)),
                Optional.of(new Point(1, 0)),
                Optional.of(new Point(0, 1)));
        assertThat(path.startDirection()).isEqualTo(new Point(1, 0));
        assertThat(path.endDirection().distanceTo(new Point(0, 1))).isLessThan(1e-12);
    }

    @Test
    void through_freeEndsOnALine_isStraight() {
        Path path = Path.bent(
                List.of(new Point(0, 0), new Point(30, 30), new Point(100, 100)), Optional.empty(), Optional.empty());
        assertThat(path.length()).isEqualTo(Math.sqrt(2) * 100, within(1e-9));
    }

    @Test
    void through_theSamePlaceTwice_isRefused() {
        assertThatThrownBy(
                        () -> Path.bent(List.of(new Point(1, 1), new Point(1, 1)), Optional.empty(), Optional.empty()))
                .isInstanceOf(ArithmeticException.class);
    }

    @Test
    void loops_ofALoopAndOfAnArc() {
        Path loop = Path.of(new Cubic(new Point(0, 0), new Point(300, 100), new Point(-200, 100), new Point(100, 0)));
        assertThat(loop.loops(0.1)).isTrue();
        assertThat(Path.of(Cubic.bowed(new Point(0, 0), new Point(100, 0), 40, 0.5))
                        .loops(0.1))
                .isFalse();
    }

    private static Point onCircle(double radius, double degrees) {
        double t = Math.toRadians(degrees);
        return new Point(radius * Math.cos(t), radius * Math.sin(t));
    }

    private static double sq(double value) {
        return value * value;
    }

    private static Point point(Random random) {
        return new Point(random.nextDouble() * 400, random.nextDouble() * 400);
    }
}
