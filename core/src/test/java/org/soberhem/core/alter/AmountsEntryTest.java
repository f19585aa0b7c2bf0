package org.soberhem.core.alter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.alter.edit.AmountsAlong;
import org.soberhem.core.alter.edit.AmountsAlong.From;
import org.soberhem.core.alter.edit.AmountsAlong.Place;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;

class AmountsEntryTest {

    private static final double IN = 25.4;

    @Test
    void placesAndAmounts_areReadAsTheyAreSaid() {
        AmountsAlong read = AmountsEntry.parse(
                "top 1/2, bust -½ in; under-bust 0, half way 1/4, 3 in from the top 1 in, 2 from its bottom nothing, bottom 0",
                LengthUnit.INCH);
        assertThat(read.places())
                .isEqualTo(List.of(
                        Place.top(IN / 2),
                        Place.atLevel("bust", -IN / 2),
                        Place.atLevel("under-bust", 0),
                        new Place(From.MIDDLE, "", 0, IN / 4),
                        new Place(From.TOP, "", 76.2, IN),
                        new Place(From.BOTTOM, "", 2 * IN, 0),
                        Place.bottom(0)));
        assertThat(AmountsEntry.parse("waist 2", LengthUnit.CENTIMETRE).places())
                .containsExactly(Place.atLevel("waist", 20));
    }

    @Test
    void words_areReadBackAsTheyWere() {
        AmountsAlong amounts = AmountsEntry.parse("top 1/2, waist -1/4, 3 in from the bottom 0", LengthUnit.INCH);
        String words = AmountsEntry.words(amounts, LengthFormat.INCH_EIGHTHS);
        assertThat(AmountsEntry.parse(words, LengthUnit.INCH)).as(words).isEqualTo(amounts);
    }

    @ParameterizedTest
    @ValueSource(strings = {"waist", "1/2", "waist banana", "banana from the top 1", ", ;"})
    void whatCannotBeRead_saysHowItIsWritten(String typed) {
        assertThatThrownBy(() -> AmountsEntry.parse(typed, LengthUnit.INCH))
                .isInstanceOf(IllegalArgumentException.class)
                .message()
                .containsAnyOf("must be a place and an amount", "must be given at one place at least");
    }
}
