package org.soberhem.core.size;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;

class SizesTest {

    private static SizeChart.Row row(String size, double bust, double hip) {
        Map<String, Double> body = new LinkedHashMap<>();
        body.put("bust", bust);
        body.put("hip", hip);
        return new SizeChart.Row(size, body);
    }

    private static final SizeChart CHART = new SizeChart(
            "chart",
            "invented",
            List.of(row("S", 840, 900), row("M", 880, 940), row("L", 920, 980)),
            Map.of("bust", 100.0));

    private static Optional<SizeMatch> match(List<String> governing, Map<String, Double> wearer, double ease) {
        return SizeMatch.of(CHART, governing, measure -> wearer.getOrDefault(measure, Double.NaN), ease);
    }

    @Test
    void nearestByTheGoverningMeasure_andWhatIsLeftOver() {
        SizeMatch match = match(List.of("bust"), Map.of("bust", 890.0, "hip", 1000.0), 100)
                .orElseThrow();
        assertThat(match.row().size()).isEqualTo("M");
        assertThat(match.left()).containsExactly(Map.entry("bust", 10.0), Map.entry("hip", 60.0));
        assertThat(match.outside()).isFalse();
        assertThat(match.easeLeft()).hasValue(90.0);
        assertThat(match.smaller()).isEmpty();
        assertThat(match.sentence("Bust").in(LengthFormat.CENTIMETRES)).isEqualTo("Size M by Bust, 1.0 cm away");
    }

    @Test
    void anotherKindOfGarment_isDecidedByAnotherMeasure_theFirstThatBothHave() {
        assertThat(match(List.of("waist", "hip"), Map.of("bust", 840.0, "hip", 985.0), 0)
                        .orElseThrow()
                        .row()
                        .size())
                .isEqualTo("L");
        assertThat(match(List.of("waist"), Map.of("waist", 700.0), 0)).isEmpty();
        assertThat(match(List.of("bust"), Map.of("hip", 940.0), 0)).isEmpty();
    }

    @Test
    void oneSizeDown_whereTheChartsEaseStillLeavesWhatIsWanted() {
        SizeMatch loose = match(List.of("bust"), Map.of("bust", 880.0), 60).orElseThrow();
        assertThat(loose.row().size()).isEqualTo("M");
        assertThat(loose.smaller().orElseThrow().size()).isEqualTo("S");
        assertThat(match(List.of("bust"), Map.of("bust", 880.0), 61)
                        .orElseThrow()
                        .smaller())
                .isEmpty();
        assertThat(match(List.of("bust"), Map.of("bust", 840.0), 0)
                        .orElseThrow()
                        .smaller())
                .isEmpty();
    }

    @Test
    void beyondTheChart_isSaid() {
        SizeMatch match = match(List.of("bust"), Map.of("bust", 1000.0), 0).orElseThrow();
        assertThat(match.outside()).isTrue();
        assertThat(match.sentence("Bust").in(LengthFormat.CENTIMETRES)).contains("Beyond the chart", "8.0 cm away");
        // A chart of one size has no step to be beyond by.
        SizeChart one = new SizeChart("one", "", List.of(row("C", 965, 1000)), Map.of());
        assertThat(SizeMatch.of(one, List.of("bust"), measure -> 980, 0)
                        .orElseThrow()
                        .outside())
                .isFalse();
    }

    /** Full bust less high bust, a letter an inch, 1 A to 4 D: common practice of the pattern trade. */
    @ParameterizedTest
    @CsvSource({"35, 34, A", "36, 34, B", "37, 34, C", "38, 34, D", "34, 34, under A", "40, 34, beyond D by 2 in"})
    void cup_aLetterAnInch(int full, int high, String letter) {
        assertThat(Cup.letter(Length.ofInches(full, 0, 8), Length.ofInches(high, 0, 8)))
                .isEqualTo(letter);
    }
}
