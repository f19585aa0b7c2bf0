package org.soberhem.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;

class SettlingTest {

    private static final double EXACT = 1e-6;

    private static Outline rectangle(double x, double y, double wide, double tall) {
        return new Outline(List.of(
                new Point(x, y), new Point(x + wide, y), new Point(x + wide, y + tall), new Point(x, y + tall)));
    }

    private static Settling.Lying free(Outline outline) {
        return new Settling.Lying(outline, false);
    }

    @Test
    void up_untilTheyTouch_theUpperFirst() {
        double[] up = Settling.up(List.of(
                free(rectangle(0, 90, 40, 10)), free(rectangle(0, 20, 40, 30)), free(rectangle(60, 15, 40, 10))));
        assertThat(up[1]).isCloseTo(20, within(EXACT));
        assertThat(up[0]).as("beneath the one that went up").isCloseTo(60, within(EXACT));
        assertThat(up[2]).as("beside both").isCloseTo(15, within(EXACT));
    }

    @Test
    void up_whatIsFixed_staysAndHolds() {
        double[] up = Settling.up(
                List.of(new Settling.Lying(rectangle(0, 20, 40, 30), true), free(rectangle(10, 70, 40, 10))));
        assertThat(up[0]).isZero();
        assertThat(up[1]).isCloseTo(20, within(EXACT));
    }

    @Test
    void up_sidesThatOnlyTouch_doNotHold() {
        double[] up = Settling.up(List.of(free(rectangle(0, 0, 40, 30)), free(rectangle(40, 50, 40, 10))));
        assertThat(up[1]).isCloseTo(50, within(EXACT));
    }

    @Test
    void up_whatTouchesAlready_staysWhereItIs() {
        double[] up = Settling.up(List.of(free(rectangle(0, 0, 40, 30)), free(rectangle(10, 30, 40, 10))));
        assertThat(up).containsExactly(new double[] {0, 0}, within(EXACT));
    }

    @Test
    void above_aSlope_isTheLeastDistanceAnywhereOnIt() {
        // The other's lower edge falls from 10 at the left to 50 at the right; the shape's top is level at 100.
        Outline slope = new Outline(List.of(new Point(0, 0), new Point(80, 0), new Point(80, 50), new Point(0, 10)));
        assertThat(Settling.above(rectangle(20, 100, 40, 10), slope)).isCloseTo(60, within(EXACT));
        assertThat(Settling.above(rectangle(-30, 100, 40, 10), slope)).isCloseTo(85, within(EXACT));
    }

    @Test
    void above_whatLiesBeneath_isNotInTheWay() {
        assertThat(Settling.above(rectangle(0, 20, 40, 10), rectangle(0, 60, 40, 10)))
                .isGreaterThan(1_000);
    }

    @Test
    void above_aHollow_takesAPeak() {
        Outline hollow = new Outline(
                List.of(new Point(0, 0), new Point(80, 0), new Point(80, 40), new Point(40, 10), new Point(0, 40)));
        Outline peak = new Outline(List.of(new Point(40, 60), new Point(60, 90), new Point(20, 90)));
        assertThat(Settling.above(peak, hollow)).isCloseTo(50, within(EXACT));
        Outline blunt = rectangle(30, 60, 20, 10);
        assertThat(Settling.above(blunt, hollow))
                .as("its corners meet the slopes")
                .isCloseTo(42.5, within(EXACT));
    }
}
