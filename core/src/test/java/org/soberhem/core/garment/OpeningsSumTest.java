package org.soberhem.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.garment.Wearing.Closes;
import org.soberhem.core.garment.Wearing.Lavatory;
import org.soberhem.core.garment.Wearing.Nursing;
import org.soberhem.core.length.LengthFormat;

class OpeningsSumTest {

    private static final double INCH = 25.4;
    private static final BodyLoop HOOD = new BodyLoop("hood opening", "head", 570, 540, 0, 20, 0);
    private static final BodyLoop CUFF = new BodyLoop("cuff", "hand", 215, 220, 50, 6, 0);

    private static Wearing wearing(Closes closes, double fastening, double below) {
        return new Wearing(closes, fastening, below, Lavatory.LIFTED, Nursing.OPENS);
    }

    private static String answer(List<BodyLoop> loops, Wearing way) {
        return OpeningsSum.of("openings", loops, Optional.ofNullable(way))
                .answer()
                .in(LengthFormat.CENTIMETRES);
    }

    /** A closed hood opening of 54 cm does not pass a head of 57 cm (common practice). */
    @Test
    void hood_tooNarrowForTheHead_fails_withTheSlitItNeeds() {
        Sum sum = OpeningsSum.of("openings", List.of(HOOD, CUFF), Optional.of(wearing(Closes.NOWHERE, 0, 0)));
        assertThat(sum.works()).isFalse();
        assertThat(sum.findings().get(0).words().in(LengthFormat.CENTIMETRES))
                .isEqualTo(
                        "The hood opening (54.0 cm) will not pass the head of 57.0 cm with 2.0 cm to pull it on: it needs an"
                                + " opening of 2.5 cm, or cloth that gives 10 %");
        assertThat(sum.answer().in(LengthFormat.CENTIMETRES))
                .isEqualTo(
                        "It has no fastening. It cannot be put on: the hood opening comes to 54.0 cm for the head, 5.0 cm too little");
        assertThat(OpeningsSum.tightest(List.of(CUFF, HOOD))).contains(HOOD);
    }

    /** A slit opens an edge by twice its own length (geometry), so with just that slit it just passes. */
    @Test
    void opening_isJustEnough() {
        for (double stretch : new double[] {0, 0.1, 0.25}) {
            BodyLoop closed = HOOD.stretching(stretch);
            BodyLoop slit = new BodyLoop(
                    closed.edge(),
                    closed.part(),
                    closed.body(),
                    closed.closed(),
                    2 * closed.opening(),
                    closed.over(),
                    stretch);
            assertThat(slit.passes()).isTrue();
            if (closed.opening() > 0) {
                assertThat(slit.margin()).isCloseTo(0, within(1e-9));
            }
        }
        assertThat(HOOD.stretching(0.25).opening()).isZero();
    }

    @Test
    void table_showsWhatAKnitClothWouldChange() {
        Sum sum = OpeningsSum.of("openings", List.of(HOOD), Optional.empty());
        assertThat(sum.tables().get(0).in(LengthFormat.CENTIMETRES).get(0))
                .containsExactly("hood opening", "head", "57.0 cm", "54.0 cm", "0.0 cm", "2.5 cm", "0.0 cm");
    }

    @Test
    void notMeasured_isSaid_andDoesNotFail() {
        BodyLoop unknown = new BodyLoop("cuff", "hand", Double.NaN, 220, 0, 6, 0);
        Sum sum = OpeningsSum.of("openings", List.of(unknown), Optional.of(wearing(Closes.FRONT, 300, 0)));
        assertThat(sum.works()).isTrue();
        assertThat(Givens.asked(sum)).singleElement().asString().contains("it was not measured");
        assertThat(sum.answer().in(LengthFormat.CENTIMETRES)).endsWith("What must pass has not been measured");
        assertThat(sum.sketch()).isEmpty();
    }

    /** Between the shoulder blades most hands reach neither from above nor from below (common practice). */
    @Test
    void alone_butForAFasteningBetweenTheShoulderBlades() {
        assertThat(wearing(Closes.FRONT, 400, 0).alone()).isTrue();
        assertThat(wearing(Closes.BACK, 4 * INCH, 0).alone()).isTrue();
        assertThat(wearing(Closes.BACK, 10 * INCH, 14 * INCH).alone()).isTrue();
        assertThat(wearing(Closes.BACK, 16 * INCH, 0).alone()).isFalse();
        assertThat(answer(List.of(), wearing(Closes.BACK, 16 * INCH, 0)))
                .isEqualTo(
                        "It fastens at the back: a helper is needed. Open, nothing of it has to pass over a part of the body");
        assertThat(answer(List.of(CUFF), wearing(Closes.SIDE, 250, 0)))
                .isEqualTo(
                        "It fastens at the side, the wearer manages alone. Tightest is the cuff: 27.0 cm for the hand, 4.9 cm to spare");
        assertThat(answer(List.of(CUFF), null)).startsWith("How it fastens is not said");
    }

    @Test
    void lavatoryAndNursing_areAnswered_forEveryWay() {
        for (Lavatory lavatory : Lavatory.values()) {
            for (Nursing nursing : Nursing.values()) {
                Sum sum = OpeningsSum.of(
                        "openings", List.of(), Optional.of(new Wearing(Closes.FRONT, 300, 0, lavatory, nursing)));
                assertThat(sum.findings())
                        .extracting(finding -> finding.words().in(LengthFormat.CENTIMETRES))
                        .contains("At the lavatory " + lavatory.words(), "For nursing " + nursing.words());
                assertThat(Givens.asked(sum).isEmpty()).isEqualTo(lavatory != Lavatory.TAKEN_OFF);
            }
        }
    }
}
