package org.soberhem.files.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.library.Library;
import org.soberhem.library.input.FormatException;

/** Any text given as measurements is read or refused in words. */
class MeasureFileFuzzTest {

    private static final Library LIBRARY = Library.shipped();
    private static final List<String> BITS = List.of(
            "measure,value",
            "full-bust",
            "wrist",
            ",",
            "\n",
            "38 1/2 in",
            "97,9 cm",
            "\"",
            "@left",
            "@",
            "{",
            "}",
            ":",
            "#",
            "-",
            "½",
            "9999999999999",
            "1/0",
            " ",
            "é",
            "\t",
            "null",
            "[1]",
            "in");

    @ParameterizedTest
    @ValueSource(longs = {51, 52, 53, 54})
    void read_anyText_isReadOrRefusedInWords(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 1_500; i++) {
            StringBuilder text = new StringBuilder();
            for (int bits = random.nextInt(14); bits > 0; bits--) {
                text.append(BITS.get(random.nextInt(BITS.size())));
            }
            try {
                MeasureFile.read(text.toString(), LIBRARY.measures());
            } catch (FormatException told) {
                assertThat(told.getMessage()).isNotBlank();
            } catch (RuntimeException crash) {
                throw new AssertionError("seed " + seed + ", round " + i + ": \"" + text + "\"", crash);
            }
        }
    }
}
