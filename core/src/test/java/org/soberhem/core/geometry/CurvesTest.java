package org.soberhem.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

class CurvesTest {

    private static final double MM = 1e-6;

    /** Control length of the usual cubic for a quarter circle; its radius is off by 0.027 % at most. */
    private static final double QUARTER = 0.5522847498;

    @Test
    void length_quarterCircle_isThatOfTheClosedForm() {
        Cubic quarter = new Cubic(
                new Point(100, 0), new Point(100, 100 * QUARTER), new Point(100 * QUARTER, 100), new Point(0, 100));
        assertThat(quarter.length()).isCloseTo(Math.PI * 50, within(Math.PI * 50 * 3e-4));
    }

    @Test
    void length_parabola_isThatOfTheClosedForm() {
        // A parabola with chord w and rise h: its length is known in closed form (any calculus text).
        double w = 200;
        double h = 50;
        double root = Math.sqrt(w * w / 4 + 4 * h * h);
        double exact = root + w * w / (8 * h) * Math.log((2 * h + root) / (w / 2));
        Cubic curve = Cubic.bowed(new Point(0, 0), new Point(w, 0), h, 0.5);
        assertThat(curve.length()).isCloseTo(exact, within(1e-6 * exact));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void length_randomCurves_isThatOfTheirChordsMeasuredByJts(long seed) {
        Random random = new Random(seed);
        Cubic curve = new Cubic(point(random), point(random), point(random), point(random));
        int chords = 200_000;
        Coordinate[] places = new Coordinate[chords + 1];
        for (int i = 0; i <= chords; i++) {
            Point at = curve.at((double) i / chords);
            places[i] = new Coordinate(at.x(), at.y());
        }
        double measured = new GeometryFactory().createLineString(places).getLength();
        assertThat(curve.length()).as("seed %d", seed).isCloseTo(measured, within(measured * 2e-4));
    }

    private static Point point(Random random) {
        return new Point(random.nextDouble() * 400, random.nextDouble() * 400);
    }

    @Test
    void bowed_isDeepestByTheGivenAmountAtTheGivenShare() {
        Cubic curve = Cubic.bowed(new Point(0, 0), new Point(100, 0), 12, 0.4);
        double most = 0;
        double where = 0;
        for (int i = 0; i <= 1000; i++) {
            Point at = curve.at(i / 1000.0);
            if (Math.abs(at.y()) > most) {
                most = Math.abs(at.y());
                where = at.x();
            }
        }
        assertThat(most).isCloseTo(12, within(1e-3));
        assertThat(where).isCloseTo(40, within(0.2));
        assertThatThrownBy(() -> Cubic.bowed(new Point(0, 0), new Point(1, 0), 1, 0.1))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("1/4 to 3/4");
    }

    @Test
    void part_andReversed_keepTheLine() {
        Cubic curve = Cubic.bowed(new Point(0, 0), new Point(120, 40), 15, 0.5);
        double parts = curve.part(0, 0.3).length() + curve.part(0.3, 1).length();
        assertThat(parts).isCloseTo(curve.length(), within(MM));
        assertThat(curve.reversed().at(0.25))
                .satisfies(at -> assertThat(at.distanceTo(curve.at(0.75))).isCloseTo(0, within(MM)));
    }

    @Test
    void flattened_staysWithinItsTolerance() {
        Cubic curve = Cubic.bowed(new Point(0, 0), new Point(300, 0), 60, 0.5);
        List<Point> chords = Path.of(curve).flattened(0.01);
        double worst = 0;
        for (int i = 0; i <= 2000; i++) {
            Point at = curve.at(i / 2000.0);
            double nearest = Double.MAX_VALUE;
            for (int c = 0; c + 1 < chords.size(); c++) {
                Point a = chords.get(c);
                Point chord = chords.get(c + 1).minus(a);
                double along = Math.max(0, Math.min(1, at.minus(a).dot(chord) / chord.dot(chord)));
                nearest = Math.min(nearest, at.distanceTo(a.plus(chord.times(along))));
            }
            worst = Math.max(worst, nearest);
        }
        assertThat(worst).isLessThanOrEqualTo(0.01);
    }

    @Test
    void through_passesEveryPlaceSmoothly() {
        List<Point> places = List.of(new Point(0, 0), new Point(50, 20), new Point(90, 80), new Point(40, 120));
        Path path = Path.through(places);
        for (int i = 0; i + 1 < path.segments().size(); i++) {
            Segment before = path.segments().get(i);
            Segment after = path.segments().get(i + 1);
            assertThat(before.end()).isEqualTo(places.get(i + 1));
            assertThat(before.direction(1).cross(after.direction(0))).isCloseTo(0, within(MM));
        }
        assertThatThrownBy(() -> Path.through(places.subList(0, 1))).isInstanceOf(IllegalArgumentException.class);
    }
}
