package org.soberhem.core.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WeightTest {

    /** The pound is 453.59237 g exactly (international yard and pound agreement, 1959). */
    @ParameterizedTest
    @CsvSource({"9.2 kg, 9200", "'9,2 KG', 9200", "20 lb, 9071.8474", "20 lb 4 oz, 9185.2454925"})
    void parse_kilogramsOrPoundsAndOunces(String typed, double grams) {
        assertThat(Weight.parse(typed).grams()).isCloseTo(grams, within(1e-9));
        assertThat(Weight.parse(" " + typed + " ").typed()).isEqualTo(typed);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "9", "9.2 stone", "-3 kg", "4 oz", "nine kg"})
    void parse_unreadable_saysWhatToWrite(String typed) {
        assertThatThrownBy(() -> Weight.parse(typed))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("write for example 9.2 kg or 20 lb 4 oz");
    }

    @Test
    void parse_impossible_isRefused() {
        assertThatThrownBy(() -> Weight.parse("0 kg")).hasMessageContaining("more than nothing");
        assertThatThrownBy(() -> Weight.parse("501 kg")).hasMessageContaining("under 500 kg");
    }
}
