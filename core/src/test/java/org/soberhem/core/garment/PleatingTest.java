package org.soberhem.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.soberhem.core.garment.Pleating.Fold;
import org.soberhem.core.garment.Pleating.Run;
import org.soberhem.core.garment.Pleating.Style;
import org.soberhem.core.garment.Pleating.Towards;
import org.soberhem.core.length.LengthFormat;

/** Pleats in closed form, against the cloth laid fold by fold. */
class PleatingTest {

    private static final double MM = 1e-6;
    private static final double INCH = 25.4;

    private static double laid(Pleating pleats) {
        return pleats.runs().stream()
                .mapToDouble(run -> run.direction() * run.length())
                .sum();
    }

    private static double used(Pleating pleats) {
        return pleats.runs().stream().mapToDouble(Run::length).sum() + pleats.aside();
    }

    @ParameterizedTest
    @EnumSource(Style.class)
    void pleats_layThemselvesToTheBand_andUseAllTheCloth(Style style) {
        Random random = new Random(style.ordinal());
        for (int i = 0; i < 300; i++) {
            double band = 200 + random.nextDouble() * 900;
            double cloth = band * (1.05 + random.nextDouble() * 6);
            Towards towards = random.nextBoolean() ? Towards.LEFT : Towards.RIGHT;
            Pleating pleats = random.nextBoolean()
                    ? Pleating.byFace(style, towards, cloth, band, 5 + random.nextDouble() * 60)
                    : Pleating.byDepth(style, towards, cloth, band, 5 + random.nextDouble() * 60);
            for (Pleating each : List.of(pleats, pleats.settingAside())) {
                assertThat(laid(each)).isCloseTo(band, within(MM));
                assertThat(used(each)).isCloseTo(cloth, within(MM));
                assertThat(each.count() * each.face()).isCloseTo(band, within(MM));
                assertThat(each.creases()).hasSize(each.count() * style.folds());
            }
            assertThat(pleats.settingAside().aside()).isBetween(-MM, 2 * style.folds() * pleats.count() * 25.4 / 8);
        }
    }

    /** Pleats whose folds just meet beneath take so many times the band (closed forms, common practice). */
    @ParameterizedTest
    @CsvSource({"KNIFE, 3", "BOX, 3", "INVERTED, 3", "DOUBLE_BOX, 5"})
    void meetingPleats_takeAWholeNumberOfBands(Style style, double times) {
        Pleating pleats = Pleating.byFace(style, Towards.RIGHT, times * 600, 600, 30);
        assertThat(pleats.depth()).isCloseTo(pleats.meetingDepth(), within(MM));
        assertThat(pleats.layers()).isCloseTo(times, within(MM));
    }

    @Test
    void knifePleats_turnedTheOtherWay_areTheMirrorImage() {
        Pleating right = Pleating.byFace(Style.KNIFE, Towards.RIGHT, 1000, 400, 25);
        Pleating left = Pleating.byFace(Style.KNIFE, Towards.LEFT, 1000, 400, 25);
        List<Fold> mirrored = right.creases();
        List<Fold> folds = left.creases();
        for (int i = 0; i < folds.size(); i++) {
            Fold twin = mirrored.get(folds.size() - 1 - i);
            assertThat(folds.get(i).crease()).isCloseTo(1000 - twin.crease(), within(MM));
            assertThat(folds.get(i).to()).isCloseTo(1000 - twin.to(), within(MM));
            assertThat(folds.get(i).towards()).isEqualTo(Towards.LEFT);
            assertThat(twin.towards()).isEqualTo(Towards.RIGHT);
        }
    }

    @Test
    void boxPleats_pointApart_invertedTogether() {
        List<Fold> box = Pleating.byFace(Style.BOX, Towards.RIGHT, 900, 300, 50).creases();
        assertThat(box.get(0).towards()).isEqualTo(Towards.LEFT);
        assertThat(box.get(1).towards()).isEqualTo(Towards.RIGHT);
        List<Fold> inverted =
                Pleating.byFace(Style.INVERTED, Towards.RIGHT, 900, 300, 50).creases();
        assertThat(inverted.get(0).towards()).isEqualTo(Towards.RIGHT);
        assertThat(inverted.get(1).towards()).isEqualTo(Towards.LEFT);
        assertThat(inverted.get(0).to()).isCloseTo(inverted.get(1).to(), within(MM));
    }

    @Test
    void setAside_evenDepths_leaveTheRestFlat() {
        Pleating pleats = Pleating.byFace(Style.KNIFE, Towards.RIGHT, 100 * INCH, 30 * INCH, INCH)
                .settingAside();
        assertThat(pleats.count()).isEqualTo(30);
        assertThat(pleats.depth()).isCloseTo(1.125 * INCH, within(MM));
        assertThat(pleats.aside()).isCloseTo(2.5 * INCH, within(MM));
        assertThat(pleats.creases().get(0).crease()).isCloseTo(3.5 * INCH, within(MM));
    }

    @Test
    void gauging_countsItsStitches() {
        Pleating gauged = Pleating.byFace(Style.GAUGING, Towards.RIGHT, 140 * INCH, 28 * INCH, INCH / 4);
        assertThat(gauged.count()).isEqualTo(112);
        assertThat(gauged.stitch()).isCloseTo(0.625 * INCH, within(MM));
        assertThat(Pleating.byDepth(Style.GAUGING, Towards.RIGHT, 140 * INCH, 28 * INCH, 0.625 * INCH)
                        .count())
                .isEqualTo(112);
    }

    @Test
    void nonsense_isRefused() {
        assertThatThrownBy(() -> Pleating.byFace(Style.BOX, Towards.LEFT, 300, 400, 20))
                .isInstanceOf(SumException.class)
                .hasMessage("Cloth to be pleated must be at least as wide as its band: 30.0 cm into 40.0 cm");
        assertThatThrownBy(() -> new Pleating(Style.BOX, Towards.LEFT, 500, 400, 0, 1, 0))
                .hasMessage("There must be 1 to 5000 pleats: 0");
        assertThatThrownBy(() -> Pleating.byFace(Style.BOX, Towards.LEFT, 500, 400, 1e-6))
                .isInstanceOf(SumException.class);
    }

    private static Sum sum(Map<String, Double> inches, Map<String, String> words) {
        return GathersSum.of(Givens.inches("gathers", inches, words, 1850));
    }

    @Test
    void gathers_sayRatioAndQuarters_withWhatStaysFlat() {
        Sum sum = sum(
                Map.of("width", 142.0, "band", 30.0, "plain", 2.0),
                Map.of("usual", "skirt-gathers", "called", "Waist"));
        assertThat(sum.title()).isEqualTo("Waist: gathers");
        assertThat(sum.figure("fullness").orElseThrow().value()).isCloseTo(5, within(1e-9));
        assertThat(sum.figure("cloth between quarter points").orElseThrow().value() / INCH)
                .isCloseTo(35, within(MM));
        assertThat(sum.figure("band between quarter points").orElseThrow().value() / INCH)
                .isCloseTo(7, within(MM));
        assertThat(sum.findings())
                .singleElement()
                .satisfies(found -> assertThat(found.grade()).isEqualTo(Finding.Grade.TELLS));
        assertThat(Givens.asked(sum(
                        Map.of("width", 142.0, "band", 30.0, "plain", 2.0),
                        Map.of("usual", "skirt-gathers", "cloth", "heavy"))))
                .singleElement()
                .isEqualTo("Fullness 5: about 1850 it is usually 2 to 4 (wool)");
    }

    @Test
    void pleats_sayWhichWayTheyPoint_inWordsAndInTheTable() {
        Sum sum = sum(
                Map.of("width", 90.0, "band", 30.0, "face", 1.0),
                Map.of("style", "knife", "towards", "left", "left", "the centre back", "right", "the side"));
        assertThat(sum.answer().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("30 knife pleats: each shows 1 in and hides 2 in; every fold points to the centre back");
        assertThat(sum.tables().get(0).in(LengthFormat.INCH_EIGHTHS).get(0))
                .containsExactly("1", "2 in", "← the centre back", "0 in");
        assertThat(sum.tables().get(0).title()).isEqualTo("Marks of the first 24 of 30 folds");
    }

    @Test
    void everyStyle_hasADrawing_andWordsWithoutGaps() {
        for (String style : List.of("gathers", "knife", "box", "inverted", "double-box", "gauging")) {
            for (String rest : List.of("spread", "set-aside")) {
                Sum sum = sum(Map.of("width", 101.0, "band", 27.0), Map.of("style", style, "rest", rest));
                assertThat(sum.works()).isTrue();
                assertThat(sum.sketch().orElseThrow().box().width()).isPositive();
                assertThat(sum.answer().in(LengthFormat.CENTIMETRES)).doesNotContain("{}", "NaN");
            }
        }
    }

    @Test
    void pleatsThatOverlapBeneath_sayHowManyLayers() {
        Sum sum = sum(Map.of("width", 150.0, "band", 30.0, "face", 1.0), Map.of("style", "box"));
        assertThat(sum.findings())
                .anySatisfy(found -> assertThat(found.words().in(LengthFormat.INCH_EIGHTHS))
                        .contains("overlap beneath", "about 5 layers"));
    }

    @Test
    void impossible_failsWithASentence() {
        assertThat(Givens.failed(sum(Map.of("width", 20.0, "band", 27.0), Map.of())))
                .containsExactly("20 in of cloth is not more than the 27 in of its band: there is nothing to gather");
        assertThat(Givens.failed(sum(Map.of("width", 20.0, "band", 2.0, "plain", 3.0), Map.of())))
                .singleElement()
                .isEqualTo("The band has 2 in: 3 in stays flat, so nothing is left to gather into");
        assertThatThrownBy(() -> sum(Map.of("width", 90.0, "band", 27.0), Map.of("style", "smocked")))
                .isInstanceOf(SumException.class)
                .hasMessageContaining("smocked");
    }
}
