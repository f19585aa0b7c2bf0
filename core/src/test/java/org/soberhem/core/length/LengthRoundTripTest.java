package org.soberhem.core.length;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class LengthRoundTripTest {

    private static final long SEED = 36;

    @ParameterizedTest
    @EnumSource(LengthFormat.class)
    void format_isReadBackToWhatItShows_withinHalfItsStep(LengthFormat format) {
        Random random = new Random(SEED);
        double step =
                format == LengthFormat.CENTIMETRES ? 1 : format == LengthFormat.INCH_EIGHTHS ? 25.4 / 8 : 25.4 / 16;
        for (int i = 0; i < 2_000; i++) {
            Length length = new Length(Math.floorMod(random.nextLong(), 3_000_000_000L));
            Length read = LengthEntry.parse(readable(format.format(length)), format.unit())
                    .value();
            assertThat(Math.abs(read.toMillimetres() - length.toMillimetres()))
                    .as("seed %d: %s", SEED, length)
                    .isLessThanOrEqualTo(step / 2 + 1e-6);
            assertThat(format.format(read)).isEqualTo(format.format(length));
        }
    }

    /** Sixteenths are shown with raised and lowered digits, which nobody types. */
    private static String readable(String shown) {
        StringBuilder text = new StringBuilder();
        for (char c : shown.toCharArray()) {
            int raised = "⁰¹²³⁴⁵⁶⁷⁸⁹".indexOf(c);
            int lowered = "₀₁₂₃₄₅₆₇₈₉".indexOf(c);
            text.append(raised >= 0 ? (char) ('0' + raised) : lowered >= 0 ? (char) ('0' + lowered) : c);
        }
        return text.toString();
    }

    @ParameterizedTest
    @EnumSource(LengthUnit.class)
    void unit_oneOfIt_isItsOwnLength(LengthUnit unit) {
        assertThat(LengthEntry.parse("1 " + unit.word(), LengthUnit.MILLIMETRE)
                        .value()
                        .nanometres())
                .isEqualTo(unit.nanometres());
        assertThat(LengthUnit.find(unit.word().toUpperCase(Locale.ROOT))).contains(unit);
        assertThat(new Length(unit.nanometres()).in(unit)).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"12.7, '+½ in'", "-12.7, '−½ in'", "0.5, '0 in'", "0, '0 in'", "25.4, '+1 in'"})
    void signed_showsTheSign_butNotOfNothing(double millimetres, String shown) {
        assertThat(LengthFormat.INCH_EIGHTHS.signed(millimetres)).isEqualTo(shown);
    }

    @Test
    void units_followFromTheInchByTheirDefinitions() {
        // The inch is 25.4 mm exactly (international yard and pound agreement, 1959).
        assertThat(LengthUnit.INCH.nanometres()).isEqualTo(25_400_000L);
        assertThat(LengthUnit.YARD.nanometres()).isEqualTo(914_400_000L);
        // English cloth measure: 16 nails a yard, an ell 45 in (common practice).
        assertThat(16 * LengthUnit.NAIL.nanometres()).isEqualTo(LengthUnit.YARD.nanometres());
        assertThat(LengthUnit.ELL.nanometres()).isEqualTo(45 * LengthUnit.INCH.nanometres());
        // Twelve lignes a pouce, within the rounding to a nanometre.
        assertThat(Math.abs(12 * LengthUnit.PARIS_LIGNE.nanometres() - LengthUnit.PARIS_POUCE.nanometres()))
                .isLessThanOrEqualTo(6);
    }

    @Test
    void sentence_leavesItsLengthsOpen_untilItIsKnownHowTheyAreShown() {
        Sentence inner = Sentence.of("{} wide", 254.0);
        Sentence sentence = Sentence.of("{}: {} is {}", "front", inner, 12.7);
        assertThat(sentence.in(LengthFormat.INCH_EIGHTHS)).isEqualTo("front: 10 in wide is ½ in");
        assertThat(sentence.in(LengthFormat.CENTIMETRES)).isEqualTo("front: 25.4 cm wide is 1.3 cm");
        assertThat(Sentence.of("nothing {} left", 3).in(LengthFormat.CENTIMETRES))
                .isEqualTo("nothing 3 left");
    }
}
