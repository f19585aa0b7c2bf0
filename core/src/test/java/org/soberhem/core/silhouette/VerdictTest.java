package org.soberhem.core.silhouette;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;

class VerdictTest {

    private static final Rule DIP = new Rule(
            "dip",
            "Dip of the waist",
            "blouse",
            1900,
            1908,
            "waist-dip",
            false,
            20,
            50,
            12,
            Rule.Judged.FITTING,
            "Belts sit lower in front.",
            "Lengthen the front.",
            "Shorten the front.",
            "from memory");

    @ParameterizedTest
    @CsvSource({"20, RIGHT", "50, RIGHT", "19, NEAR", "8, NEAR", "7.9, OUTSIDE", "62, NEAR", "63, OUTSIDE"})
    void grade_goesByTheDistanceFromTheRange(double value, Verdict.Grade grade) {
        assertThat(Verdict.of(DIP, known(value)).grade()).isEqualTo(grade);
    }

    @Test
    void unknown_saysWhereItComesFrom() {
        Verdict verdict = Verdict.of(
                DIP, new Quantity("waist-dip", Optional.empty(), Sentence.of("It is measured at a fitting")));
        assertThat(verdict.grade()).isEqualTo(Verdict.Grade.UNKNOWN);
        assertThat(verdict.sentence().in(LengthFormat.CENTIMETRES))
                .isEqualTo("Dip of the waist: not known yet. It is measured at a fitting");
    }

    @Test
    void sentence_saysHowFarAndWhatToDo() {
        assertThat(Verdict.of(DIP, known(10)).sentence().in(LengthFormat.CENTIMETRES))
                .isEqualTo("Dip of the waist is 1.0 cm, 1.0 cm under 2.0 cm. Lengthen the front.");
        assertThat(Verdict.of(DIP, known(70)).sentence().in(LengthFormat.CENTIMETRES))
                .isEqualTo("Dip of the waist is 7.0 cm, 2.0 cm over 5.0 cm. Shorten the front.");
        assertThat(Verdict.of(DIP, known(30)).sentence().in(LengthFormat.CENTIMETRES))
                .isEqualTo("Dip of the waist is 3.0 cm, within 2.0 cm to 5.0 cm");
    }

    @Test
    void appliesTo_goesByGarmentAndYear() {
        assertThat(DIP.appliesTo("blouse", 1908)).isTrue();
        assertThat(DIP.appliesTo("blouse", 1909)).isFalse();
        assertThat(DIP.appliesTo("skirt", 1905)).isFalse();
    }

    private static Quantity known(double value) {
        return new Quantity("waist-dip", Optional.of(value), Sentence.of("Measured"));
    }
}
