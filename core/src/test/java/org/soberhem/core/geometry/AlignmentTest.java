package org.soberhem.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AlignmentTest {

    /** In the measure of the places, which lie within 1000. */
    private static final double NEAR = 1e-6;

    private static List<Point> random(Random random, int count) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            points.add(new Point(1000 * random.nextDouble(), 1000 * random.nextDouble()));
        }
        return points;
    }

    private static List<Point> all(List<Point> points, UnaryOperator<Point> by) {
        return points.stream().map(by).toList();
    }

    private static void same(Point is, Point wanted) {
        assertThat(is.distanceTo(wanted)).as("%s is %s", is, wanted).isLessThan(NEAR);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void similar_findsAKnownShiftTurnAndScale(long seed) {
        Random random = new Random(seed);
        double turn = random.nextDouble() * 6 - 3;
        double scale = 0.2 + 3 * random.nextDouble();
        Point shift = new Point(random.nextDouble() * 500, random.nextDouble() * 500);
        UnaryOperator<Point> known = p -> new Point(
                        scale * (p.x() * Math.cos(turn) - p.y() * Math.sin(turn)),
                        scale * (p.x() * Math.sin(turn) + p.y() * Math.cos(turn)))
                .plus(shift);
        List<Point> from = random(random, 2 + (int) (seed % 3));
        Alignment found = Alignment.similar(from, all(from, known));
        for (Point point : random(random, 20)) {
            same(found.of(point), known.apply(point));
            same(found.inverse().of(known.apply(point)), point);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15})
    void perspective_findsAKnownHomography(long seed) {
        Random random = new Random(seed);
        double[] h = {
            0.8 + random.nextDouble(),
            random.nextDouble() * 0.3,
            40,
            random.nextDouble() * 0.3,
            0.8 + random.nextDouble(),
            -25,
            random.nextDouble() * 2e-4,
            random.nextDouble() * 2e-4
        };
        UnaryOperator<Point> known = p -> {
            double w = h[6] * p.x() + h[7] * p.y() + 1;
            return new Point((h[0] * p.x() + h[1] * p.y() + h[2]) / w, (h[3] * p.x() + h[4] * p.y() + h[5]) / w);
        };
        List<Point> from = new ArrayList<>(
                List.of(new Point(0, 0), new Point(1000, 20), new Point(980, 990), new Point(15, 1000)));
        from.addAll(random(random, (int) (seed % 3)));
        Alignment found = Alignment.perspective(from, all(from, known));
        for (Point point : random(random, 20)) {
            same(found.of(point), known.apply(point));
            same(found.inverse().of(known.apply(point)), point);
        }
        for (int i = 0; i < 8; i++) {
            assertThat(found.matrix()[i]).isCloseTo(h[i], within(1e-6 * Math.max(1, Math.abs(h[i]))));
        }
    }

    @Test
    void similar_withOneMarkOff_leavesTheLeastSquares() {
        List<Point> from = List.of(new Point(0, 0), new Point(10, 0), new Point(0, 10), new Point(10, 10));
        List<Point> to = List.of(new Point(1, 0), new Point(10, 0), new Point(0, 10), new Point(10, 10));
        Alignment found = Alignment.similar(from, to);
        double least = 0;
        for (int i = 0; i < 4; i++) {
            least += Math.pow(found.of(from.get(i)).distanceTo(to.get(i)), 2);
        }
        // Any small change of the shift leaves more.
        for (Point by : List.of(new Point(0.01, 0), new Point(-0.01, 0), new Point(0, 0.01), new Point(0, -0.01))) {
            double other = 0;
            for (int i = 0; i < 4; i++) {
                other += Math.pow(found.of(from.get(i)).plus(by).distanceTo(to.get(i)), 2);
            }
            assertThat(other).isGreaterThan(least);
        }
    }

    @Test
    void tooFewMarks_orOnOneSpot_orInLine_areRefusedInWords() {
        Point a = new Point(1, 1);
        assertThatThrownBy(() -> Alignment.similar(List.of(a), List.of(a)))
                .hasMessage("To align by shift, turn and scale, 2 places must be marked on both pictures: 1 are");
        assertThatThrownBy(() -> Alignment.similar(List.of(a, a), List.of(a, new Point(5, 5))))
                .hasMessageContaining("on one spot");
        assertThatThrownBy(() -> Alignment.perspective(List.of(a, a, a), List.of(a, a, a)))
                .hasMessageContaining("4 places must be marked");
        List<Point> line = List.of(a, new Point(2, 2), new Point(3, 3), new Point(4, 4.001));
        List<Point> square = List.of(new Point(0, 0), new Point(1, 0), new Point(1, 1), new Point(0, 1));
        assertThatThrownBy(() -> Alignment.perspective(line, square)).hasMessageContaining("nearly in one line");
        assertThatThrownBy(() -> Alignment.perspective(square, line)).hasMessageContaining("nearly in one line");
        assertThatThrownBy(() -> Alignment.similar(square, List.of(a)))
                .hasMessage("Places must be marked on both: 4 and 1");
    }
}
