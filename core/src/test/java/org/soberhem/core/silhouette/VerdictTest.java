package org.soberhem.core.silhouette;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.silhouette.QuantityKind.From;
import org.soberhem.core.silhouette.Verdict.Grade;

class VerdictTest {

    private static final Rule DIP =
            SomeRules.rule("dip", "waist-dip-front", Rule.Kind.LIKENESS, new Band(20, 50, 8, 62), 3);
    private static final Rule HIP =
            SomeRules.rule("hip", "waist-over-hip", Rule.Kind.LIKENESS, new Band(0.6, 0.7, 0.5, 0.8), 2);

    private static Facts facts() {
        return new Facts(SomeRules.silhouettes());
    }

    private static Facts measured(String quantity, double value) {
        return facts().add(quantity, value, From.FITTING, Sentence.of("Measured at fitting {}", 1));
    }

    private static Verdict dip(double value) {
        return measured("waist-dip-front", value).judge(DIP, "Blouse", Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({"20, MET", "50, MET", "19, NEAR", "8, NEAR", "7.6, NOT_MET", "62, NEAR", "63, NOT_MET"})
    void grade_goesByBandAndRim_bothEndsIncluded(double value, Grade grade) {
        assertThat(dip(value).grade()).isEqualTo(grade);
    }

    @Test
    void unknown_saysWhatWouldMakeItKnown() {
        Verdict verdict = facts().judge(DIP, "Blouse", Optional.empty());
        assertThat(verdict.grade()).isEqualTo(Grade.UNKNOWN);
        assertThat(verdict.sentence().in(LengthFormat.CENTIMETRES))
                .isEqualTo("Dip of the waist: not yet known; a reading at a fitting would make it known");
        assertThat(verdict.alteration()).isEmpty();
    }

    @Test
    void sentence_saysHowFarAndWhatToDo_withTheAmount() {
        assertThat(dip(10).sentence().in(LengthFormat.CENTIMETRES))
                .isEqualTo(
                        "Dip of the waist is 1.0 cm: 1.0 cm too little (usual 2.0 cm to 5.0 cm). Lower the front by 1.0 cm.");
        assertThat(dip(70).sentence().in(LengthFormat.CENTIMETRES))
                .isEqualTo(
                        "Dip of the waist is 7.0 cm: 2.0 cm too much (usual 2.0 cm to 5.0 cm). Raise the front by 2.0 cm.");
        assertThat(dip(30).sentence().in(LengthFormat.CENTIMETRES))
                .isEqualTo("Dip of the waist is 3.0 cm, usual 2.0 cm to 5.0 cm");
    }

    @Test
    void alteration_hasTheAmountThatMeetsTheRule_inItsOwnDirection() {
        assertThat(dip(10).alteration().orElseThrow())
                .isEqualTo(new QuantityKind.Alter("raise-waistline", Map.of("atFront", -10.0)));
        assertThat(dip(70).alteration().orElseThrow().amounts().get("atFront")).isCloseTo(20, within(1e-9));
        assertThat(dip(30).alteration()).isEmpty();
    }

    @Test
    void ratio_isToldAsALengthOfWhatItIsAPartOf() {
        Verdict verdict = measured("waist-over-hip", 0.55)
                .add("hip-breadth", 400, From.FIGURE, Sentence.of("Read"))
                .judge(HIP, "", Optional.empty());
        assertThat(verdict.amount().orElseThrow()).isCloseTo(0.05 * 400, within(1e-9));
        assertThat(verdict.remedy().orElseThrow().in(LengthFormat.CENTIMETRES)).isEqualTo("Lower the front by 2.0 cm.");
        // Without the whole it stays a ratio.
        assertThat(measured("waist-over-hip", 0.55)
                        .judge(HIP, "", Optional.empty())
                        .remedy()
                        .orElseThrow()
                        .in(LengthFormat.CENTIMETRES))
                .isEqualTo("Lower the front by 0.050.");
    }

    @Test
    void sideWithoutRemedy_isMetHoweverFarBeyond() {
        Rule open = new Rule(
                "free",
                "waist-dip-front",
                DIP.garments(),
                DIP.kind(),
                DIP.band(),
                DIP.judged(),
                "",
                "",
                "",
                "Lower it.",
                "",
                "",
                DIP.against(),
                DIP.except(),
                1,
                "");
        assertThat(measured("waist-dip-front", 500)
                        .judge(open, "", Optional.empty())
                        .grade())
                .isEqualTo(Grade.MET);
        assertThat(measured("waist-dip-front", 0)
                        .judge(open, "", Optional.empty())
                        .grade())
                .isEqualTo(Grade.NOT_MET);
        assertThat(measured("waist-dip-front", 500)
                        .judge(open, "", Optional.empty())
                        .found()
                        .in(LengthFormat.CENTIMETRES))
                .isEqualTo("Dip of the waist is 50.0 cm, usual 2.0 cm and more");
    }

    @Test
    void departure_keepsItsReason_andAsksNothing() {
        Verdict verdict = measured("waist-dip-front", 0).judge(DIP, "Blouse", Optional.of("a modern belt"));
        assertThat(verdict.grade()).isEqualTo(Grade.DEPARTED);
        assertThat(verdict.departure()).isEqualTo("a modern belt");
        assertThat(verdict.pressing()).isZero();
        assertThat(verdict.remedy()).isEmpty();
        // One that is met is not a departure.
        assertThat(measured("waist-dip-front", 30)
                        .judge(DIP, "Blouse", Optional.of("a modern belt"))
                        .grade())
                .isEqualTo(Grade.MET);
    }

    @Test
    void pressing_growsWithWeightAndDistance_andPutsComfortFirst() {
        Rule light = SomeRules.rule(
                "light", "waist-dip-front", Rule.Kind.LIKENESS, DIP.band().orElseThrow(), 1);
        Rule kind = SomeRules.rule(
                "kind", "waist-dip-front", Rule.Kind.COMFORT, DIP.band().orElseThrow(), 3);
        Facts facts = measured("waist-dip-front", 5);
        double plain = facts.judge(DIP, "", Optional.empty()).pressing();
        assertThat(facts.judge(light, "", Optional.empty()).pressing()).isLessThan(plain);
        assertThat(facts.judge(kind, "", Optional.empty()).pressing()).isGreaterThan(plain);
        assertThat(dip(0).pressing()).isGreaterThan(dip(6).pressing());
        assertThat(dip(30).pressing()).isZero();
    }

    @Test
    void eye_isAskedAndAnswered() {
        Rule eye = SomeRules.byEye("stance");
        assertThat(facts().judge(eye, "", Optional.empty()).found().in(LengthFormat.CENTIMETRES))
                .isEqualTo("Does she stand at ease? Not answered yet");
        Map<Double, Grade> graded = Map.of(1.0, Grade.MET, 0.5, Grade.NEAR, 0.0, Grade.NOT_MET);
        graded.forEach((answer, grade) -> assertThat(
                        facts().add(Facts.answerId("stance"), answer, From.EYE, Sentence.of("Answered"))
                                .judge(eye, "", Optional.empty())
                                .grade())
                .isEqualTo(grade));
    }

    @Test
    void rulesOnOneQuantity_pullAgainstEachOther_whereTheirBandsDoNotMeet() {
        Rule far = SomeRules.rule("far", "waist-dip-front", Rule.Kind.COMFORT, new Band(-20, 10, -30, 20), 2);
        Rule near = SomeRules.rule("near", "waist-dip-front", Rule.Kind.COMFORT, new Band(-20, 30, -30, 40), 2);
        Facts facts = measured("waist-dip-front", 0);
        Verdict verdict = facts.judge(DIP, "", Optional.empty());
        assertThat(verdict.pullsAgainst(facts.judge(far, "", Optional.empty()))).isTrue();
        assertThat(verdict.pullsAgainst(facts.judge(near, "", Optional.empty())))
                .isFalse();
        assertThat(verdict.pullsAgainst(verdict)).isFalse();
    }

    @Test
    void band_liesWithinItsRim() {
        assertThatThrownBy(() -> new Band(10, 5, 0, 20)).hasMessageContaining("within its rim");
        assertThatThrownBy(() -> new Band(10, 15, 12, 20)).hasMessageContaining("within its rim");
    }

    @Test
    void later_standsForWhatWasKnownBefore_andWhatIsNoNumberIsLeftOut() {
        Facts facts = measured("waist-dip-front", 10)
                .add("waist-dip-front", 30, From.FITTING, Sentence.of("Measured at fitting {}", 2))
                .add("waist-dip-front", Double.NaN, From.FITTING, Sentence.of("never"));
        assertThat(facts.quantity("waist-dip-front").origin().in(LengthFormat.CENTIMETRES))
                .isEqualTo("Measured at fitting 2");
        assertThat(facts.value("waist-dip-front")).isEqualTo(30);
        assertThat(facts.value("no such")).isNaN();
    }
}
