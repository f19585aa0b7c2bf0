package org.soberhem.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.length.LengthFormat;

class ArmHoleTest {

    private static final double INCH = 25.4;

    /** A loop of 18 in was far too tight for an upper arm of 11 to 11½ in; 24 in was right (common practice). */
    @ParameterizedTest
    @CsvSource({"18, 11, true", "18, 11.5, true", "24, 11, false", "24, 11.5, false"})
    void loop_besideTheArm_commonPractice(double loop, double arm, boolean tight) {
        assertThat(new ArmHole(loop * INCH, arm * INCH, 500, 100).isTight()).isEqualTo(tight);
    }

    /**
     * A larger gusset leaves less of the arm-hole and more to gather (common practice); twice its side, by geometry.
     */
    @Test
    void gusset_takesTwiceItsSide_fromTheArmHole() {
        ArmHole hole = new ArmHole(24 * INCH, 11.5 * INCH, 20.5 * INCH, 6 * INCH);
        assertThat(hole.left()).isCloseTo(12 * INCH, within(1e-9));
        assertThat(hole.gathers()).isCloseTo(8.5 * INCH, within(1e-9));
        for (int side = 3; side < 9; side++) {
            ArmHole smaller = hole.withGusset(side * INCH);
            ArmHole larger = hole.withGusset((side + 1) * INCH);
            assertThat(larger.left()).isLessThan(smaller.left());
            assertThat(larger.gathers() - smaller.gathers()).isCloseTo(2 * INCH, within(1e-9));
        }
    }

    private static Sum sum(Map<String, Double> inches) {
        return ArmHoleSum.of(Givens.inches("arm-hole", inches, Map.of(), 1780));
    }

    @Test
    void sum_ofAShirt_hasTheDroppedShoulder_theSleeveWithItsPuff_andEveryGusset() {
        Sum sum = sum(Map.of(
                "loop",
                24.0,
                "upper-arm",
                11.5,
                "sleeve",
                20.5,
                "gusset",
                6.0,
                "body",
                29.0,
                "shoulders",
                17.0,
                "arm",
                24.0,
                "cuff",
                1.0,
                "puff",
                3.0));
        assertThat(sum.works()).isTrue();
        assertThat(sum.figure("shoulder drops by").orElseThrow().value()).isCloseTo(6 * INCH, within(1e-9));
        assertThat(sum.figure("sleeve length").orElseThrow().value()).isCloseTo(20 * INCH, within(1e-9));
        assertThat(sum.tables().get(0).in(LengthFormat.INCH_EIGHTHS))
                .contains(List.of("6 in", "12 in", "8½ in", "1.71"))
                .hasSize(7);
    }

    @Test
    void sum_tightArmHole_narrowSleeve_unusualGusset_areSaid() {
        assertThat(Givens.failed(sum(Map.of("loop", 18.0, "upper-arm", 11.25, "sleeve", 20.0, "gusset", 4.0))))
                .containsExactly("An arm-hole of 18 in is far too tight for an upper arm of 11¼ in: at least 20⅞ in");
        assertThat(Givens.failed(sum(Map.of("loop", 24.0, "upper-arm", 11.25, "sleeve", 12.0, "gusset", 4.0))))
                .singleElement()
                .asString()
                .startsWith("The sleeve is 4 in too narrow");
        assertThat(Givens.failed(sum(Map.of("loop", 24.0, "upper-arm", 11.25, "sleeve", 12.0, "gusset", 12.5))))
                .containsExactly("A gusset of 12½ in leaves nothing of an arm-hole of 24 in for the sleeve");
        assertThat(Givens.asked(sum(Map.of("loop", 24.0, "upper-arm", 11.25, "sleeve", 22.0, "gusset", 2.0))))
                .containsExactly("Underarm gusset 2 in: about 1780 it is usually 3 in to 9 in (by the arm)");
    }

    @Test
    void cap_besideItsArmHole() {
        Sum full = CapSum.of(Givens.inches(
                "cap", Map.of("cap", 20.0, "arm-hole", 16.0, "upper-arm", 11.0, "sleeve", 14.0), Map.of(), 1895));
        assertThat(full.answer().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("The cap has 4 in more than its arm-hole: 20 in into 16 in");
        assertThat(full.tables().get(0).columns()).containsExactly("mark", "on the cap", "in the arm-hole");
        assertThat(full.figure("room round the upper arm").orElseThrow().value())
                .isCloseTo(3 * INCH, within(1e-9));
        assertThat(Givens.asked(full)).isEmpty();
        assertThat(Givens.asked(CapSum.of(Givens.inches("cap", Map.of("cap", 17.0, "arm-hole", 16.0), Map.of(), 1895))))
                .containsExactly("Cap beyond its arm-hole 1 in: about 1895 it is usually 4 in to 20 in (full)");
        assertThat(Givens.failed(
                        CapSum.of(Givens.inches("cap", Map.of("cap", 15.0, "arm-hole", 16.0), Map.of(), 1780))))
                .singleElement()
                .asString()
                .startsWith("The cap is 1 in shorter than its arm-hole");
    }

    @Test
    void nonsense_isRefused() {
        assertThatThrownBy(() -> new ArmHole(0, 300, 500, 100)).isInstanceOf(SumException.class);
        assertThatThrownBy(() -> CapSum.of(Givens.inches("cap", Map.of("cap", 17.0, "arm-hole", 0.0), Map.of(), 1895)))
                .hasMessageContaining("must be more than nothing");
        assertThatThrownBy(() -> new ArmHole(600, 300, Double.NaN, 100)).isInstanceOf(SumException.class);
    }
}
