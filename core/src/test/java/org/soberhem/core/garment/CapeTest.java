package org.soberhem.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.soberhem.core.length.LengthFormat;

class CapeTest {

    private static final double MM = 1e-9;

    /** A cape with shaped shoulders needs two thirds of the folded arms (common practice). */
    @Test
    void width_isTwoThirdsWhereSculpted_elseTheWhole() {
        assertThat(cape(1650, true, 400, 100, 0, 0, 0).width()).isCloseTo(1100, within(MM));
        assertThat(cape(1650, false, 400, 100, 0, 0, 0).width()).isEqualTo(1650);
        assertThat(cape(1650, false, 400, 100, 0, 0, 0).darts()).isZero();
    }

    @Test
    void dartsPleatsAndGathers_bringItToTheNeckExactly() {
        Random random = new Random(66);
        for (int i = 0; i < 300; i++) {
            Cape cape = cape(
                    1500 + random.nextDouble() * 400,
                    random.nextBoolean(),
                    350 + random.nextDouble() * 100,
                    random.nextDouble() * 120,
                    1 + random.nextInt(5),
                    random.nextDouble() * 30,
                    random.nextDouble() * 30);
            assertThat(cape.neck() + cape.darts() + cape.folded() + cape.gathers())
                    .isCloseTo(cape.width(), within(1e-9));
            Cape exact = cape(
                    cape.span(),
                    cape.sculpted(),
                    cape.neck(),
                    cape.dart(),
                    cape.pleats(),
                    cape.exactPleat(),
                    cape.box());
            if (cape.exactPleat() >= 0) {
                assertThat(exact.gathers()).isCloseTo(0, within(1e-9));
            }
        }
    }

    private static Sum sum(Map<String, Double> more, int pleats, String shoulders, Map<String, String> instead) {
        Map<String, Double> inches = new HashMap<>(Map.of("span", 66.0, "neck", 16.0, "length", 28.0, "shoulder", 5.0));
        inches.putAll(more);
        SumInputs given = Givens.inches("neck", inches, Map.of("shoulders", shoulders), 1860);
        Map<String, Double> amounts = new HashMap<>(given.amounts());
        amounts.put("pleats", (double) pleats);
        return CapeSum.of(new SumInputs("neck", amounts, given.words(), List.of(), instead, given.circumstances()));
    }

    @Test
    void sum_takesTheNeckEdgeToPieces_andItsMarksAddUp() {
        Sum sum = sum(Map.of("dart", 4.0, "pleat", 1.0, "box", 1.0), 2, "sculpted", Map.of());
        assertThat(sum.answer().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("44 in wide comes down to 16 in: 8 in in darts, 12 in in pleats, 8 in in gathers");
        List<List<String>> marks = sum.tables().get(0).in(LengthFormat.INCH_EIGHTHS);
        assertThat(marks.get(0)).containsExactly("centre front", "0 in", "", "0 in");
        assertThat(marks.get(marks.size() - 1)).containsExactly("centre back: lay it here", "22 in", "", "8 in");
        assertThat(marks).anySatisfy(row -> assertThat(row).contains("→ to the back"));
        assertThat(sum.sketch()).isPresent();
    }

    @Test
    void sum_exactPleats_leaveNoGathers() {
        Sum sum = sum(Map.of("dart", 4.0, "pleat", 2.0, "box", 1.0), 2, "sculpted", Map.of());
        assertThat(sum.answer().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("44 in wide comes down to 16 in exactly, without gathers");
    }

    @Test
    void sum_tooMuchTakenIn_failsWithTheAmount() {
        assertThat(Givens.failed(sum(Map.of("dart", 6.0, "pleat", 2.0, "box", 2.0), 3, "sculpted", Map.of())))
                .containsExactly(
                        "Darts and pleats take 16 in more than there is: 44 in wide for a neck of 16 in leaves 28 in to take in");
    }

    @Test
    void sum_byTheHeight_saysThatItIsSecondBest() {
        assertThat(Givens.asked(sum(Map.of(), 0, "gathered", Map.of("span", "height"))))
                .singleElement()
                .asString()
                .startsWith("The width goes by the height, 66 in: that is a least value");
        assertThat(Givens.asked(sum(Map.of(), 0, "gathered", Map.of()))).isEmpty();
    }

    @Test
    void hood_isGatheredToTheNeck_atQuarterPoints() {
        Sum sum = sum(Map.of("hood", 24.0), 0, "gathered", Map.of());
        assertThat(sum.figure("fullness of the hood").orElseThrow().value()).isCloseTo(1.5, within(1e-9));
        assertThat(sum.figure("hood between quarter points").orElseThrow().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("6 in");
        assertThat(Givens.failed(sum(Map.of("hood", 12.0), 0, "gathered", Map.of())))
                .containsExactly(
                        "The hood's edge of 12 in is 4 in shorter than the neck of 16 in: there is nothing to gather");
    }

    @Test
    void nonsense_isRefused() {
        assertThatThrownBy(() -> cape(0, true, 400, 0, 0, 0, 0)).isInstanceOf(SumException.class);
        assertThatThrownBy(() -> cape(1650, true, 400, -1, 0, 0, 0)).hasMessageContaining("below nothing");
    }

    private static Cape cape(
            double span, boolean sculpted, double neck, double dart, int pleats, double pleat, double box) {
        return new Cape(span, sculpted, sculpted ? Cape.SCULPTED : 1, neck, dart, pleats, pleat, 0, 0, box);
    }
}
