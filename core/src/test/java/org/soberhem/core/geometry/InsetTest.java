package org.soberhem.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class InsetTest {

    private static final Point A = new Point(0, 0);
    private static final Point B = new Point(100, 0);
    private static final Point C = new Point(100, 80);
    private static final Point D = new Point(0, 80);

    private static Path straight(Point from, Point to) {
        return Path.of(new LineSegment(from, to));
    }

    private static List<Path> of(double amount, Path... edges) {
        double[] amounts = new double[edges.length];
        Arrays.fill(amounts, amount);
        return Inset.of(List.of(edges), amounts);
    }

    @Test
    void rectangle_movedInward_orOutward_isSmallerOrLargerAllRound() {
        List<Path> smaller = of(5, straight(A, B), straight(B, C), straight(C, D), straight(D, A));
        assertThat(smaller.get(0).start().distanceTo(new Point(5, 5))).isLessThan(1e-9);
        assertThat(smaller.get(1).length()).isCloseTo(70, within(1e-9));
        List<Path> larger = of(-5, straight(A, B), straight(B, C), straight(C, D), straight(D, A));
        assertThat(larger.get(2).start().distanceTo(new Point(105, 85))).isLessThan(1e-9);
    }

    @Test
    void edgeWithASlightCornerOfItsOwn_staysOneLine() {
        Point middle = new Point(104, 40);
        Path bent = Path.of(
                new Cubic(B, new Point(102, 12), new Point(103.5, 27), middle),
                new Cubic(middle, new Point(103, 54), new Point(102, 68), C));
        Path moved = of(4, straight(A, B), bent, straight(C, D), straight(D, A)).get(1);
        for (int i = 1; i < moved.segments().size(); i++) {
            assertThat(moved.segments().get(i).start())
                    .isEqualTo(moved.segments().get(i - 1).end());
        }
    }
}
