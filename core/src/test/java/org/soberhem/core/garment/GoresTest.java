package org.soberhem.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthFormat;

/** Gores of a frustum in closed form, against the cone unrolled strip by strip. */
class GoresTest {

    private static final int STRIPS = 20_000;

    /** Lays one gore flat by placing narrow strips of the cone side by side, each by the lengths of its edges alone. */
    private static Point[] unrolled(Gores gores) {
        double step = gores.upper() / gores.count() / STRIPS;
        double wide = gores.lower() / gores.count() / STRIPS;
        // A strip is a trapezium: by its widening its edges stand at an angle to each other.
        double turn = 2 * Math.asin((wide - step) / 2 / gores.length());
        Point above = Point.ORIGIN;
        Point below = new Point(0, gores.length());
        double angle = 0;
        Point firstAbove = above;
        Point firstBelow = below;
        for (int i = 0; i < STRIPS; i++) {
            double across = angle + turn / 2;
            above = above.plus(new Point(step * Math.cos(across), -step * Math.sin(across)));
            below = below.plus(new Point(wide * Math.cos(across), -wide * Math.sin(across)));
            angle += turn;
        }
        return new Point[] {firstAbove, above, firstBelow, below};
    }

    @Test
    void widths_agreeWithTheConeUnrolledStripByStrip() {
        Random random = new Random(7);
        for (int i = 0; i < 40; i++) {
            double upper = 500 + random.nextDouble() * 400;
            Gores gores = new Gores(
                    2 + random.nextInt(9),
                    upper,
                    upper + 200 + random.nextDouble() * 3000,
                    700 + random.nextDouble() * 400);
            Point[] corners = unrolled(gores);
            assertThat(gores.upperWidth()).isCloseTo(corners[0].distanceTo(corners[1]), within(1e-3));
            assertThat(gores.lowerWidth()).isCloseTo(corners[2].distanceTo(corners[3]), within(1e-3));
            assertThat(corners[1].distanceTo(corners[3])).isCloseTo(gores.length(), within(1e-3));
        }
    }

    /** A quarter circle: the hem's girth is a quarter of 2π r, its corners a chord of √2 r apart (geometry). */
    @Test
    void quarterCircle_hasItsKnownChordAndRise() {
        double inner = 100;
        double outer = 1000;
        Gores cape = new Gores(1, Math.PI / 2 * inner, Math.PI / 2 * outer, outer - inner);
        assertThat(cape.angle()).isCloseTo(Math.PI / 2, within(1e-12));
        assertThat(cape.lowerRadius()).isCloseTo(outer, within(1e-9));
        assertThat(cape.lowerWidth()).isCloseTo(Math.sqrt(2) * outer, within(1e-9));
        assertThat(cape.hemCurve()).isCloseTo(outer * (1 - Math.sqrt(0.5)), within(1e-9));
        assertThat(cape.upperCurve()).isCloseTo(inner * (1 - Math.sqrt(0.5)), within(1e-9));
    }

    @Test
    void straightPanels_haveNoCurve() {
        Gores straight = new Gores(4, 2000, 2000, 900);
        assertThat(straight.angle()).isZero();
        assertThat(straight.upperWidth()).isEqualTo(500);
        assertThat(straight.hemCurve()).isZero();
    }

    @Test
    void nonsense_isRefused() {
        assertThatThrownBy(() -> new Gores(0, 600, 900, 800)).hasMessageContaining("There must be a gore");
        assertThatThrownBy(() -> new Gores(4, 900, 600, 800)).isInstanceOf(SumException.class);
        assertThatThrownBy(() -> new Gores(4, 600, 9000, 800))
                .hasMessage("A hem of 900.0 cm is more than a full circle gives from 60.0 cm over 80.0 cm");
    }

    @Test
    void sum_saysWidthsAndCurve_andWhenPanelsWereStraight() {
        SumInputs given = Givens.inches("gores", Map.of("upper", 27.0, "lower", 130.0, "length", 38.0), Map.of(), 1850);
        Map<String, Double> amounts = new HashMap<>(given.amounts());
        amounts.put("gores", 7.0);
        Sum sum = GoresSum.of(new SumInputs("gores", amounts, Map.of(), List.of(), Map.of(), given.circumstances()));
        assertThat(sum.answer().in(LengthFormat.INCH_EIGHTHS))
                .startsWith("7 gores, each 3⅞ in wide above and 18½ in below");
        assertThat(sum.findings())
                .anySatisfy(found ->
                        assertThat(found.words().in(LengthFormat.INCH_EIGHTHS)).contains("straight panels"));
        assertThat(sum.sketch()).isPresent();
        Sum later = GoresSum.of(new SumInputs(
                "gores", amounts, Map.of(), List.of(), Map.of(), new SumInputs.Circumstances(1953, Givens.USAGES)));
        assertThat(later.findings()).isEmpty();
    }
}
