package org.soberhem.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Meetings of lines and circles against closed forms. */
class MeetingTest {

    private static final double MM = 1e-9;
    private static final Point A = new Point(0, 0);
    private static final Point DOWN = new Point(0, 100);

    @Test
    void ofCircle_threeFourFive_onTheFarOrNearSide() {
        Point centre = new Point(30, 50);
        assertThat(Meeting.ofCircle(centre, 50, A, DOWN, true).orElseThrow()).isEqualTo(new Point(0, 90));
        assertThat(Meeting.ofCircle(centre, 50, A, DOWN, false).orElseThrow()).isEqualTo(new Point(0, 10));
        assertThat(Meeting.ofCircle(centre, 50, DOWN, A, true).orElseThrow()).isEqualTo(new Point(0, 10));
    }

    @Test
    void ofCircle_tooSmall_doesNotMeet() {
        assertThat(Meeting.ofCircle(new Point(30, 50), 29.999, A, DOWN, true)).isEmpty();
        assertThat(Meeting.ofCircle(new Point(30, 50), 30, A, DOWN, true)).isPresent();
    }

    @Test
    void ofCircles_equilateral_leftAndRightOfTheWay() {
        Point left = Meeting.ofCircles(A, 100, DOWN, 100, true).orElseThrow();
        assertThat(left.x()).isEqualTo(100 * Math.sqrt(3) / 2, within(MM));
        assertThat(left.y()).isEqualTo(50, within(MM));
        assertThat(Meeting.ofCircles(A, 100, DOWN, 100, false).orElseThrow().x())
                .isEqualTo(-left.x(), within(MM));
    }

    @Test
    void ofCircles_apartOrWithinOrTheSame_doNotMeet() {
        assertThat(Meeting.ofCircles(A, 40, DOWN, 59, true)).isEmpty();
        assertThat(Meeting.ofCircles(A, 150, DOWN, 49, true)).isEmpty();
        assertThat(Meeting.ofCircles(A, 50, A, 50, true)).isEmpty();
    }

    @Test
    void ofLines_parallel_doNotCross() {
        assertThat(Meeting.ofLines(A, DOWN, new Point(10, 0), new Point(10, 5))).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void meetings_lieOnBoth(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            Point a = point(random);
            Point b = point(random);
            Point c = point(random);
            Point d = point(random);
            double radius = 20 + random.nextDouble() * 300;
            Meeting.ofCircle(c, radius, a, b, random.nextBoolean()).ifPresent(at -> {
                assertThat(at.distanceTo(c)).isEqualTo(radius, within(1e-6));
                assertThat(Meeting.foot(at, a, b).distanceTo(at)).isEqualTo(0, within(1e-6));
            });
            Meeting.ofCircles(a, radius, b, radius * 0.8, true).ifPresent(at -> {
                assertThat(at.distanceTo(a)).isEqualTo(radius, within(1e-6));
                assertThat(at.distanceTo(b)).isEqualTo(radius * 0.8, within(1e-6));
                assertThat(b.minus(a).outward().dot(at.minus(a))).isGreaterThanOrEqualTo(0);
            });
            Meeting.ofLines(a, b, c, d).ifPresent(at -> {
                double scale = 1e-9 * (1 + at.norm());
                assertThat(Meeting.foot(at, a, b).distanceTo(at)).isEqualTo(0, within(scale));
                assertThat(Meeting.foot(at, c, d).distanceTo(at)).isEqualTo(0, within(scale));
            });
        }
    }

    private static Point point(Random random) {
        return new Point(random.nextDouble() * 400, random.nextDouble() * 400);
    }
}
