package org.soberhem.core.length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthTest {

    /** The inch is 25.4 mm exactly: international yard and pound agreement, 1959. */
    @Test
    void inch_isExact() {
        assertThat(Length.ofInches(1).nanometres()).isEqualTo(25_400_000L);
        assertThat(Length.ofInches(0, 1, 64).nanometres()).isEqualTo(396_875L);
        assertThat(Length.ofInches(38, 1, 2).toMillimetres()).isEqualTo(977.9);
    }

    @Test
    void subtraction_hasNoDrift() {
        Length left = Length.ofInches(1000);
        for (int i = 0; i < 64_000; i++) {
            left = left.minus(Length.ofInches(0, 1, 64));
        }
        assertThat(left).isEqualTo(Length.ZERO);
    }

    @Test
    void ofMillimetres_notFinite_refused() {
        assertThatThrownBy(() -> Length.ofMillimetres(Double.NaN)).hasMessageContaining("NaN");
        assertThatThrownBy(() -> Length.ofMillimetres(Double.POSITIVE_INFINITY)).hasMessageContaining("Infinity");
    }

    @ParameterizedTest
    @CsvSource({
        "INCH_EIGHTHS, 879.475, 34⅝ in", "INCH_EIGHTHS, 25.4, 1 in", "INCH_EIGHTHS, 3.175, ⅛ in",
                "INCH_EIGHTHS, -12.7, −½ in",
        "INCH_EIGHTHS, 1.5, 0 in", "INCH_EIGHTHS, 1.6, ⅛ in", "CENTIMETRES, 879.475, 87.9 cm",
                "CENTIMETRES, -3.05, −0.3 cm",
        "CENTIMETRES, 0, 0.0 cm", "INCH_SIXTEENTHS, 26.9875, 1\u2009¹⁄₁₆ in", "INCH_SIXTEENTHS, 28.575, 1⅛ in"
    })
    void format_roundsForDisplay(LengthFormat format, double millimetres, String shown) {
        assertThat(format.format(millimetres)).isEqualTo(shown);
    }

    @Test
    void sentence_fillsLengthsInTheMakersUnits() {
        Sentence sentence = Sentence.of("{} is {} too long", "The back", 28.575);
        assertThat(sentence.in(LengthFormat.INCH_EIGHTHS)).isEqualTo("The back is 1⅛ in too long");
        assertThat(sentence.in(LengthFormat.CENTIMETRES)).isEqualTo("The back is 2.9 cm too long");
    }
}
