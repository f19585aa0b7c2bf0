package org.soberhem.core.length;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class CorrectedEntryTest {

    private static LengthEntry typed(String text) {
        return LengthEntry.parse(text, LengthUnit.INCH);
    }

    @Test
    void less_takesOff_andSaysSo() {
        LengthEntry less = typed("51 1/4").less(Length.ofInches(10, 0, 8));
        assertThat(less.value()).isEqualTo(Length.ofInches(41, 2, 8));
        assertThat(less.typed()).isEqualTo("51 1/4 − 10 in");
        assertThat(typed("51").less(Length.ZERO)).isEqualTo(typed("51"));
    }

    @Test
    void readAs_theSameNumberInAnotherUnit() {
        LengthEntry read = typed("17").readAs(LengthUnit.CENTIMETRE);
        assertThat(read.value()).isEqualTo(Length.ofMillimetres(170));
        assertThat(read.readAs(LengthUnit.INCH).value()).isEqualTo(Length.ofInches(17, 0, 8));
    }

    @Test
    void transposed_everyNeighbouringPair_andNoEqualDigits() {
        assertThat(typed("38").transposed()).extracting(LengthEntry::value).containsExactly(Length.ofInches(83, 0, 8));
        assertThat(typed("34 5/8").transposed())
                .extracting(LengthEntry::value)
                .containsExactly(Length.ofInches(43, 5, 8));
        assertThat(typed("104.5 cm").transposed())
                .extracting(LengthEntry::value)
                .containsExactly(Length.ofMillimetres(145), Length.ofMillimetres(1405));
        assertThat(typed("33").transposed()).isEmpty();
        assertThat(typed("7 1/2").transposed()).isEmpty();
    }
}
