package org.soberhem.desk.widget;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;

class ViewTest {

    private static final double PIXEL = 1e-9;

    @Test
    void fit_showsTheWholeBoxInTheMiddle() {
        View view = View.fit(new Box(-100, 0, 300, 200), 840, 500, 20);
        assertThat(view.scale()).isCloseTo(2, within(PIXEL));
        assertThat(view.of(new Point(-100, 0)).x()).isCloseTo(20, within(PIXEL));
        assertThat(view.of(new Point(300, 200)).x()).isCloseTo(820, within(PIXEL));
        assertThat(view.of(new Point(0, 100)).y()).isCloseTo(250, within(PIXEL));
    }

    @Test
    void zoomed_keepsThePlaceUnderTheMouse() {
        View view = new View(1.5, 40, 60);
        Point under = new Point((300 - 40) / 1.5, (200 - 60) / 1.5);
        View nearer = view.zoomed(1.7, 300, 200);
        assertThat(nearer.scale()).isCloseTo(2.55, within(PIXEL));
        assertThat(nearer.of(under).distanceTo(new Point(300, 200))).isCloseTo(0, within(1e-6));
    }

    @Test
    void zoomed_staysWithinSense() {
        View view = new View(1, 0, 0);
        assertThat(view.zoomed(1e9, 0, 0).scale()).isEqualTo(20);
        assertThat(view.zoomed(1e-9, 0, 0).scale()).isEqualTo(0.05);
        assertThat(view.moved(3, -4).of(Point.ORIGIN)).isEqualTo(new Point(3, -4));
    }
}
