package org.soberhem.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.soberhem.core.garment.Drape.Tack;
import org.soberhem.core.garment.Drape.Tape;
import org.soberhem.core.length.LengthFormat;

class DrapeTest {

    private static final double MM = 1e-9;

    private static final Drape DRAPE = new Drape(
            1100,
            List.of(
                    new Tape(0, List.of(new Tack(300, 130), new Tack(660, 280))),
                    new Tape(180, List.of(new Tack(300, 150), new Tack(600, 300))),
                    new Tape(360, List.of(new Tack(280, 200)))));

    @Test
    void puffs_addUpToTheRiseOfTheEdge() {
        Random random = new Random(1883);
        for (int i = 0; i < 200; i++) {
            double first = 100 + random.nextDouble() * 300;
            double second = first + 50 + random.nextDouble() * 400;
            Tape tape = new Tape(
                    0, List.of(new Tack(first, first * random.nextDouble()), new Tack(second, second * 0.999)));
            assertThat(tape.puffs().stream().mapToDouble(Double::doubleValue).sum())
                    .isCloseTo(tape.rise(), within(1e-9));
        }
        assertThat(DRAPE.tapes().get(0).puffs()).containsExactly(170.0, 210.0);
    }

    @Test
    void rise_isTheTapesOwn_straightBetweenThem_andRunsOutBeyondTheLast() {
        assertThat(DRAPE.rise(0)).isCloseTo(380, within(MM));
        assertThat(DRAPE.rise(180)).isCloseTo(300, within(MM));
        assertThat(DRAPE.rise(90)).isCloseTo(340, within(MM));
        assertThat(DRAPE.rise(360)).isCloseTo(80, within(MM));
        assertThat(DRAPE.rise(450)).isCloseTo(40, within(MM));
        assertThat(DRAPE.rise(800)).isZero();
    }

    /**
     * Draping what was levelled brings the edge to one height: length kept less rise is the level everywhere
     * (geometry).
     */
    @Test
    void levelled_hangsLevel() {
        for (double across = 0; across < 700; across += 35) {
            assertThat(DRAPE.levelled(across, 700) - DRAPE.rise(across)).isCloseTo(700, within(MM));
        }
    }

    @Test
    void nonsense_isRefused_withTheTape() {
        assertThatThrownBy(() -> new Drape(1000, List.of())).hasMessage("A drape needs at least one tape");
        assertThatThrownBy(() -> new Drape(1000, List.of(new Tape(10, List.of()))))
                .hasMessageContaining("tacked somewhere");
        assertThatThrownBy(() -> new Drape(
                        1000, List.of(DRAPE.tapes().get(1), DRAPE.tapes().get(0))))
                .hasMessageContaining("in order from the centre back");
        assertThatThrownBy(() -> new Drape(1000, List.of(new Tape(0, List.of(new Tack(1200, 10))))))
                .hasMessageContaining("end above its edge");
        assertThatThrownBy(() -> new Drape(1000, List.of(new Tape(0, List.of(new Tack(100, 200))))))
                .isInstanceOf(SumException.class)
                .hasMessage(
                        "Between two tacks the cloth must be at least as long as the tape: 10.0 cm of cloth on 20.0 cm of tape"
                                + " (tape at 0.0 cm)");
    }

    private static Sum sum(double length, double check) {
        Map<String, Double> amounts = Map.of("length", length, "half", 560.0, "level", 700.0, "check", check);
        return DrapeSum.of(new SumInputs(
                "tapes",
                amounts,
                Map.of(),
                List.of(List.of(0.0, 300.0, 130.0, 660.0, 280.0), List.of(180.0, 300.0, 150.0)),
                Map.of(),
                new SumInputs.Circumstances(1883, List.of())));
    }

    @Test
    void sum_hasAPlacingCard_byMeasureAndByChecks_andALevellingLine() {
        Sum sum = sum(1100, 60);
        assertThat(sum.works()).isTrue();
        assertThat(sum.tables().get(0).in(LengthFormat.CENTIMETRES))
                .containsExactly(
                        List.of("1.1", "centre back", "0", "30.0 cm", "5", "13.0 cm"),
                        List.of("1.2", "centre back", "0", "66.0 cm", "11", "28.0 cm"),
                        List.of("2.1", "18.0 cm", "3", "30.0 cm", "5", "15.0 cm"));
        assertThat(sum.tables().get(1).in(LengthFormat.CENTIMETRES).get(0))
                .containsExactly("0.0 cm", "38.0 cm", "108.0 cm", "2.0 cm");
        assertThat(sum.figure("tape 1, puff 2 takes up").orElseThrow().working().in(LengthFormat.CENTIMETRES))
                .isEqualTo("(66.0 cm − 30.0 cm) − (28.0 cm − 13.0 cm)");
        assertThat(sum.sketch()).isPresent();
    }

    @Test
    void sum_tooShort_failsWithPlaceAndAmount() {
        assertThat(sum(1000, 0).works()).isFalse();
        assertThat(sum(1000, 0).findings().get(0).words().in(LengthFormat.CENTIMETRES))
                .isEqualTo(
                        "The cloth is 8.0 cm too short 0.0 cm from the centre back: 70.0 cm of drop and 38.0 cm of rise make"
                                + " 108.0 cm, it has 100.0 cm");
    }
}
