package org.soberhem.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.soberhem.core.geometry.Point;

class SeamWalkTest {

    private static final Pattern PATTERN = Rectangles.pattern();

    private static SeamWalk side() {
        return SeamWalk.of(PATTERN, PATTERN.seamChecks().get(0));
    }

    @Test
    void between_marksOfTheSameName_bothLengths() {
        assertThat(side().between()).extracting(SeamWalk.Between::to).containsExactly("middle", "the end");
        assertThat(side().between())
                .allSatisfy(each -> assertThat(each.first()).isCloseTo(200, within(1e-6)))
                .allSatisfy(each -> assertThat(each.difference()).isCloseTo(0, within(1e-6)));
    }

    @Test
    void crossings_twoRightAngles_runOnSmoothly() {
        for (boolean atStart : List.of(true, false)) {
            SeamWalk.Crossing crossing = side().crossing(atStart).orElseThrow();
            assertThat(crossing.degrees()).isCloseTo(180, within(1e-6));
            assertThat(crossing.isSmooth()).isTrue();
        }
        assertThat(side().crossing(true).orElseThrow().line()).isEqualTo(Role.NECK);
        assertThat(side().crossing(false).orElseThrow().line()).isEqualTo(Role.HEM);
        assertThat(new SeamWalk.Crossing(Role.HEM, 171.5).isSmooth()).isFalse();
    }

    @Test
    void laid_secondPieceIsTurnedOver_andLiesBesideTheFirst_edgeOnEdge() {
        for (double along : new double[] {0, 130, 400}) {
            SeamWalk.Laid laid = side().at(along);
            assertThat(laid.over()).isTrue();
            assertThat(laid.place()).isEqualTo(new Point(Rectangles.WIDTH, along));
            // The second piece's upper side corner lies on the first one's, its centre twice the width away.
            assertThat(laid.of(new Point(Rectangles.WIDTH, 0)).distanceTo(new Point(Rectangles.WIDTH, 0)))
                    .isLessThan(1e-6);
            assertThat(laid.of(new Point(0, 0)).distanceTo(new Point(2 * Rectangles.WIDTH, 0)))
                    .isLessThan(1e-6);
        }
        assertThat(side().length()).isCloseTo(Rectangles.LENGTH, within(1e-9));
    }
}
