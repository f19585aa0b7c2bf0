package org.soberhem.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class SkirtSupportTest {

    private static final SkirtSupport.Support CAGE =
            new SkirtSupport.Support(OptionalDouble.of(3000), 300, 400, 1, 0.7);
    private static final SkirtSupport.Support PAD = new SkirtSupport.Support(OptionalDouble.empty(), 30, 60, 0.1, 0);

    @Test
    void ring_growsFromTheBodyToTheLowestHoop_throughItsDome() {
        double lowest = 3000 / (2 * Math.PI);
        assertThat(CAGE.ring(180, 0)).isCloseTo(162, within(1e-9));
        assertThat(CAGE.ring(180, 0.5)).isCloseTo(180 + (lowest - 180) * 0.7, within(1e-9));
        assertThat(CAGE.ring(180, 1)).isCloseTo(lowest, within(1e-9));
    }

    @Test
    void hoops_areSetBack_byHalfOfWhatTheBackStandsOutMore() {
        assertThat(CAGE.shift(0)).isZero();
        assertThat(CAGE.shift(1)).isCloseTo(50, within(1e-9));
        assertThat(CAGE.shift(0.5)).isCloseTo(25, within(1e-9));
    }

    @Test
    void pad_hasNoRing() {
        assertThat(PAD.ring(180, 1)).isZero();
        assertThat(PAD.shift(1)).isZero();
    }

    @Test
    void form_isAsBroadAndDeepAsItsSidesSay() {
        Form form = new Form(
                Contour.through(Map.of(0.0, 200.0, 1000.0, 100.0)),
                Contour.through(Map.of(0.0, 220.0, 1000.0, 120.0)),
                Contour.through(Map.of(0.0, 90.0, 1000.0, 60.0)),
                Contour.through(Map.of(0.0, 110.0, 1000.0, 80.0)));
        assertThat(form.breadth(0)).isEqualTo(420);
        assertThat(form.breadth(500)).isCloseTo(320, within(1e-9));
        assertThat(form.depth(0)).isEqualTo(200);
        // A circle's girth by hand.
        Contour round = Contour.through(Map.of(0.0, 100.0));
        assertThat(new Form(round, round, round, round).girth(0)).isCloseTo(2 * Math.PI * 100, within(1e-9));
    }

    @Test
    void worn_saysWhatIsGiven_andOtherwiseWhatIsMeantInstead() {
        GarmentQuantities worn = new GarmentQuantities(quantity -> quantity.equals("pouch") ? 40 : Double.NaN);
        assertThat(worn.or("pouch", 0)).isEqualTo(40);
        assertThat(worn.or("basque", 7)).isEqualTo(7);
        assertThat(worn.has("pouch")).isTrue();
        assertThat(worn.has("basque")).isFalse();
    }
}
