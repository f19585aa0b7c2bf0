package org.soberhem.core.length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthEntryTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "34 5/8",
                "34⅝",
                "34 ⅝",
                "34-5/8\"",
                "34-5/8 in",
                "34.625 in",
                "34,625",
                "34 5⁄8 in",
                "34 5/8″",
                "2 ft 10 5/8 in",
                "2' 10 5/8\"",
                "34 5/8 inches",
                "34\u00a05/8"
            })
    void parse_everyUsualWayOfWritingInches(String typed) {
        assertThat(LengthEntry.parse(typed, LengthUnit.INCH).value()).isEqualTo(Length.ofInches(34, 5, 8));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "87,9 cm;879", "879 mm;879", "87.9;879", "2 yd 4 in;1930.4", "1 ell;1143", "1 nail;57.15",
                        "10 pouce;270.70",
                "1 vara;835.905", "1 rhzoll;26.154", "1 wzoll;26.34", "-2 cm;-20", "−2 cm;-20", ".5 cm;5",
                        "3/4 in;19.05"
            })
    void parse_otherUnits_centimetresAssumed(String typed, double millimetres) {
        assertThat(LengthEntry.parse(typed, LengthUnit.CENTIMETRE).value())
                .isEqualTo(Length.ofMillimetres(millimetres));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "34 3/0;The fraction 3/0 in \"34 3/0\" has nothing under its stroke",
                "34 9/8;mixes 34 with the fraction 9/8",
                "34.5 1/2;mixes 34.5 with the fraction 1/2",
                "twelve;cannot be read as a length",
                "34 furlongs;\"furlongs\" in \"34 furlongs\" is not a unit",
                "4 in 2 yd;write the larger unit first",
                "2 yd 4;has no unit",
                "1.234,5 cm;cannot be read as a length",
                "34 5/8/2;cannot be read as a length",
                "99999999999 m;longer than any road"
            })
    void parse_unreadable_saysWhyAndWhatToWrite(String typed, String message) {
        assertThatThrownBy(() -> LengthEntry.parse(typed, LengthUnit.INCH))
                .isInstanceOf(LengthFormatException.class)
                .hasMessageContaining(message);
    }

    @Test
    void parse_blank_refused() {
        assertThatThrownBy(() -> LengthEntry.parse("  ", LengthUnit.INCH)).hasMessageContaining("No length typed");
    }

    @Test
    void parse_keepsTypedTextAndUnit() {
        LengthEntry entry = LengthEntry.parse(" 87,9 cm ", LengthUnit.INCH);
        assertThat(entry.typed()).isEqualTo("87,9 cm");
        assertThat(entry.unit()).isEqualTo(LengthUnit.CENTIMETRE);
    }

    @Test
    void parse_readsBackEveryDisplayedEighth() {
        for (int eighths = -400; eighths <= 400; eighths++) {
            Length length = Length.ofInches(0, eighths, 8);
            String shown = LengthFormat.INCH_EIGHTHS.format(length);
            assertThat(LengthEntry.parse(shown, LengthUnit.CENTIMETRE).value())
                    .as(shown)
                    .isEqualTo(length);
        }
    }
}
