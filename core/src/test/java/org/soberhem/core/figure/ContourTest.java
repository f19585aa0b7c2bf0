package org.soberhem.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class ContourTest {

    private static final Contour HILL = Contour.through(Map.of(0.0, 10.0, 100.0, 50.0, 200.0, 20.0));

    @Test
    void contour_passesThroughItsKnots_andStaysAtItsEnds() {
        assertThat(HILL.at(0)).isCloseTo(10, within(1e-12));
        assertThat(HILL.at(100)).isCloseTo(50, within(1e-12));
        assertThat(HILL.at(200)).isCloseTo(20, within(1e-12));
        assertThat(HILL.at(-50)).isEqualTo(10);
        assertThat(HILL.at(500)).isEqualTo(20);
        assertThat(HILL.bottom()).isZero();
        assertThat(HILL.top()).isEqualTo(200);
    }

    @Test
    void straightKnots_giveAStraightLine() {
        Contour line = Contour.through(Map.of(0.0, 0.0, 10.0, 5.0, 40.0, 20.0));
        for (double at = 0; at <= 40; at += 1.7) {
            assertThat(line.at(at)).isCloseTo(at / 2, within(1e-9));
        }
    }

    @Test
    void oneKnot_isAConstant() {
        assertThat(Contour.through(Map.of(5.0, 3.0)).at(99)).isEqualTo(3);
    }

    /** The property that the interpolation is chosen for: between two knots it never leaves their values. */
    @RepeatedTest(20)
    void contour_neverLeavesTheValuesOfTheKnotsAroundIt(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        TreeMap<Double, Double> knots = new TreeMap<>();
        for (int i = 0; i < 9; i++) {
            knots.put(i * 20 + random.nextDouble() * 15, random.nextDouble() * 100 - 50);
        }
        Contour contour = Contour.through(knots);
        for (double at = knots.firstKey(); at <= knots.lastKey(); at += 0.5) {
            double one = knots.floorEntry(at).getValue();
            double other = knots.ceilingEntry(at) == null
                    ? one
                    : knots.ceilingEntry(at).getValue();
            assertThat(contour.at(at)).isBetween(Math.min(one, other) - 1e-9, Math.max(one, other) + 1e-9);
        }
    }

    @Test
    void highest_findsTheSummit() {
        assertThat(Form.highest(HILL::at, 0, 200)).isCloseTo(100, within(2.0));
        assertThat(Form.highest(HILL::at, 150, 200)).isEqualTo(150);
    }
}
