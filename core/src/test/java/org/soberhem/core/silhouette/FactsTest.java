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

class FactsTest {

    private static final Sentence DRAFT = Sentence.of("the draft");

    private static Facts facts(String one, double first, String other, double second) {
        return new Facts(SomeRules.silhouettes())
                .add(one, first, From.DRAFT, DRAFT)
                .add(other, second, From.MEASURES, Sentence.of("read"));
    }

    @ParameterizedTest
    @CsvSource({
        "trunk-girth-bust, 1000, chest, 920, bust-ease, 80",
        "trunk-girth-bust, 1000, chest, 800, chest-girth-over-body, 1.25",
        "trunk-girth-waist, 700, waist, 690, waist-ease, 10",
        "trunk-girth-waist, 700, seated-waist, 715, seated-waist-ease, -15",
        "sleeve-girth-upper-arm, 330, upper-arm, 280, upper-arm-ease, 50",
        "sleeve-girth-most, 700, upper-arm, 280, sleeve-max-girth-over-upper-arm, 2.5",
        "arm-hole, 600, upper-arm, 300, armscye-girth-over-upper-arm, 2",
        "neckline-width, 260, shoulder-width, 400, neckline-width-over-shoulder-breadth, 0.65",
        "back-width, 340, shoulder-width, 400, back-width-over-shoulder-breadth, 0.85",
        "shoulder-line, 480, shoulder-width, 400, shoulder-seam-drop, 40",
        "stays-length, 270, seated-torso, 300, stays-length-over-seated-torso, 0.9",
        "overskirt-length, 600, skirt-length, 1000, overskirt-length-over-skirt, 0.6",
        "waist, 630, bare-waist, 700, waist-reduction-ratio, 0.9",
        "outline-departure, 33, height, 1650, outline-departure-over-height, 0.02"
    })
    void garmentAgainstBody_makesAThirdNumber(
            String one, double first, String other, double second, String id, double made) {
        Facts facts = facts(one, first, other, second).derive();
        assertThat(facts.value(id)).isCloseTo(made, within(1e-9));
        assertThat(facts.quantity(id).origin().in(LengthFormat.CENTIMETRES))
                .contains(one)
                .contains(other);
    }

    @Test
    void oneOfTheTwoAlone_makesNothing() {
        assertThat(new Facts(SomeRules.silhouettes())
                        .add("trunk-girth-bust", 1000, From.DRAFT, DRAFT)
                        .derive()
                        .value("bust-ease"))
                .isNaN();
    }

    @Test
    void whatWasMeasuredAtAFitting_standsAgainstWhatFollows() {
        Facts facts = facts("trunk-girth-waist", 700, "waist", 690)
                .add("waist-ease", 25, From.FITTING, Sentence.of("Measured at fitting {}", 2))
                .derive();
        assertThat(facts.value("waist-ease")).isEqualTo(25);
        assertThat(facts.quantity("waist-ease").from()).contains(From.FITTING);
    }

    @Test
    void severalValues_haveOneOrigin() {
        Facts facts = new Facts(SomeRules.silhouettes())
                .add(Map.of("a", 1.0, "b", 2.0), From.FIGURE, Sentence.of("read off the figure"));
        assertThat(facts.value("b")).isEqualTo(2);
        assertThat(facts.quantity("a").origin()).isEqualTo(Sentence.of("read off the figure"));
    }

    @Test
    void ruleOnAQuantityThatNobodyRegistered_isAMistakeOfTheLibrary() {
        Rule rule = SomeRules.rule("x", "nobody-knows", Rule.Kind.LIKENESS, new Band(0, 1, 0, 1), 1);
        assertThatThrownBy(() -> new Facts(SomeRules.silhouettes()).judge(rule, "", Optional.empty()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("nobody-knows");
    }

    @Test
    void kind_saysFromWhereItComes_whereItIsNotKnown() {
        assertThat(new Facts(SomeRules.silhouettes())
                        .quantity("waist-over-hip")
                        .origin()
                        .in(LengthFormat.CENTIMETRES))
                .isEqualTo("the figure drawn from garment and readings would make it known");
    }
}
