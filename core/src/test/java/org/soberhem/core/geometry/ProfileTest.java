package org.soberhem.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ProfileTest {

    private static final double EXACT = 1e-9;

    @Test
    void through_meetsEveryAmount_andNeverGoesBeyondTwoNeighbours() {
        Random random = new Random(7);
        for (int round = 0; round < 200; round++) {
            double[] shares = random.doubles(5).sorted().toArray();
            double[] amounts = random.doubles(5, -20, 20).toArray();
            Profile profile = Profile.through(shares, amounts);
            for (int i = 0; i < shares.length; i++) {
                assertThat(profile.at(shares[i])).isCloseTo(amounts[i], within(EXACT));
            }
            for (int i = 1; i < shares.length; i++) {
                double low = Math.min(amounts[i - 1], amounts[i]);
                double high = Math.max(amounts[i - 1], amounts[i]);
                for (int k = 0; k <= 20; k++) {
                    double at = shares[i - 1] + (shares[i] - shares[i - 1]) * k / 20;
                    assertThat(profile.at(at)).isBetween(low - EXACT, high + EXACT);
                }
            }
        }
    }

    @Test
    void through_twoNothings_isNothingBetweenThem_andBeyond() {
        Profile profile = Profile.through(new double[] {0, 0.3, 0.6}, new double[] {10, 0, 0});
        for (double share : new double[] {0.3, 0.4, 0.5, 0.6, 0.8, 1}) {
            assertThat(profile.at(share)).isCloseTo(0, within(EXACT));
        }
        assertThat(profile.at(0.1)).isBetween(0.1, 9.9);
    }

    @Test
    void parabola_goesThroughItsThree() {
        Profile profile = Profile.parabola(2, 7, -4);
        assertThat(profile.at(0)).isCloseTo(2, within(EXACT));
        assertThat(profile.at(0.5)).isCloseTo(7, within(EXACT));
        assertThat(profile.at(1)).isCloseTo(-4, within(EXACT));
        assertThat(Profile.tapering(2, 6).isStraight()).isTrue();
        assertThat(profile.isStraight()).isFalse();
    }

    @Test
    void partAndReversed_tellTheSameAmounts() {
        Profile profile = Profile.through(new double[] {0, 0.2, 0.7, 1}, new double[] {1, 5, -2, 3});
        Profile part = profile.part(0.1, 0.9);
        Profile turned = profile.reversed();
        for (int k = 0; k <= 10; k++) {
            double share = k / 10.0;
            assertThat(part.at(share)).isCloseTo(profile.at(0.1 + 0.8 * share), within(EXACT));
            assertThat(turned.at(share)).isCloseTo(profile.at(1 - share), within(EXACT));
            assertThat(profile.times(-2).at(share)).isCloseTo(-2 * profile.at(share), within(EXACT));
        }
    }

    @Test
    void shifted_movesEveryPlaceByItsAmount_andStaysOneLine() {
        Path line = Path.of(new LineSegment(new Point(0, 0), new Point(0, 400)));
        Profile profile = Profile.through(new double[] {0, 0.25, 0.75, 1}, new double[] {0, 12, 0, 0});
        Path shifted = line.shifted(new Point(1, 0), profile);
        for (double share : new double[] {0, 0.1, 0.25, 0.5, 0.75, 0.9, 1}) {
            double y = 400 * share;
            double at = shifted.shareWhere(point -> point.y() - y).orElse(share);
            assertThat(shifted.atShare(at).x()).as("at " + share).isCloseTo(profile.at(share), within(1e-6));
        }
        Path bent = Path.of(
                new LineSegment(new Point(0, 0), new Point(10, 200)),
                new LineSegment(new Point(10, 200), new Point(0, 400)));
        Path there = bent.shifted(new Point(1, 0), Profile.along(bent, new double[] {0.3}, at -> at.y() / 40));
        Path back = there.shifted(new Point(1, 0), Profile.along(there, new double[] {0.3}, at -> -at.y() / 40));
        for (int k = 0; k <= 8; k++) {
            assertThat(back.atShare(k / 8.0).distanceTo(bent.atShare(k / 8.0))).isLessThan(0.01);
        }
        assertThat(Arrays.asList(there.start().x(), there.end().x())).containsExactly(0.0, 10.0);
    }
}
